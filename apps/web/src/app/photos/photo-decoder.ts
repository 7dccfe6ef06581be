import type { Pixels } from '@kadrosyn/core';

/** What the photo worker is asked for. */
export interface DecodeRequest {
  /** A file, or the address of one. */
  readonly source: Blob | string;
  /** The address of the kept picture of a cutout at the same level: then the levels are of the subject. */
  readonly cutout?: string;
  /** The level that the file holds; 0 is the photo itself. */
  readonly index: number;
  /** Size of level 0, px. */
  readonly full: { readonly width: number; readonly height: number };
  /** The finest level that is to be handed out. */
  readonly wanted: number;
}

export interface DecodedLevel {
  readonly index: number;
  readonly pixels: Pixels;
  readonly opaque: boolean;
  /** The same with a border of one repeated px. */
  readonly bitmap: ImageBitmap;
}

/** Why there are no levels: the file did not arrive this time, it is not there any more, or what arrived can not be read. */
export type DecodeFailure = 'away' | 'gone' | 'unreadable';

export type Decoded =
  | { readonly levels: readonly DecodedLevel[] }
  /** `words` are of a program, for whoever looks into it. */
  | { readonly failure: DecodeFailure; readonly words: string };

/** A file of one's own as the browser reads it. */
export interface LocalPhoto {
  readonly id: string;
  readonly sha256: string;
  readonly width: number;
  readonly height: number;
  /** It has clear places, as the server finds them: some px is not wholly opaque. */
  readonly clear: boolean;
}
