import type { ExportFile } from '@kadrosyn/contract';
import type { Project } from '@kadrosyn/core';

/** A picture file of a photo and the level of the photo that it holds. */
export interface PhotoBytes {
  readonly bytes: Uint8Array;
  readonly level: number;
}

/** Sheets to be drawn and written as a file. */
export interface WriteTask {
  readonly project: Project;
  readonly sheetIds: readonly string[];
  readonly file: ExportFile;
  /** What was typed for the name of the file, if anything. */
  readonly name?: string | undefined;
  /** Files of the photos by id. */
  readonly photoFiles: Readonly<Record<string, PhotoBytes>>;
  /** Kept pictures of cutouts by `photoId/matteSha256`. */
  readonly matteFiles: Readonly<Record<string, PhotoBytes>>;
  readonly facesFolder: string;
  /** Fonts of the workspace's own by the id of their face, as HarfBuzz reads them. */
  readonly faceFiles: Readonly<Record<string, Uint8Array>>;
  /** The same as they were added; needed where the project itself is written. */
  readonly faceOriginals?: Readonly<Record<string, Uint8Array>>;
}

/** A file, and what making it took in the process, ms; or how many bytes the smallest has where that is more than were wanted. */
export type WrittenFile =
  | { readonly file: Uint8Array; readonly times: { readonly decode: number; readonly render: number; readonly encode: number } }
  | { readonly tooManyBytes: number };

/** The file where no limit to its bytes was asked for. */
export function fileOf(written: WrittenFile): Uint8Array {
  if ('tooManyBytes' in written) throw new Error('Nobody asked for a limit of bytes');
  return written.file;
}
