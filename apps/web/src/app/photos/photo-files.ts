import type { ResolvedSheet } from '@kadrosyn/core';
import type { DecodedLevel } from './photo-decoder';

/** Where the files of a photo are. */
export interface PhotoFiles {
  readonly width: number;
  readonly height: number;
  /** The level of the small file; 0 when there is only the full one. */
  readonly screenLevel: number;
  /** The file itself, while it has not been uploaded. */
  readonly local?: Blob;
  /** Says that the levels are of the subject of a photo, by one of its mattes. */
  readonly subject?: { readonly photoId: string; readonly matteSha256: string };
  /** Says that they are of a sheet that another one shows. */
  readonly sheet?: ResolvedSheet;
}

/** The levels of a sheet that was drawn, and whether nothing in it stood in for what had not arrived. */
export interface DrawnSheet {
  readonly levels: readonly DecodedLevel[];
  readonly isExact: boolean;
}

/** Draws a sheet away from the main thread, and makes its levels. @param wanted - the finest one. */
export type SheetDrawer = (sheet: ResolvedSheet, wanted: number) => Promise<DrawnSheet>;
