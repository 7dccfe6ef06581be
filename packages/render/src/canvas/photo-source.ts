import type { Pixels, ResolvedSheet } from '@kadrosyn/core';

/** One level of a photo. */
export interface PhotoLevel {
  /** 0 is the photo itself; level n has 1 px for 2^n. */
  readonly index: number;
  readonly pixels: Pixels;
  /** Whether no pixel is even slightly clear. */
  readonly opaque: boolean;
  /** The same as a picture with a border of one repeated px, for quick frames. */
  image(): CanvasImageSource;
  /** It is of an earlier state of what is wanted, which is still made. */
  readonly standsIn?: boolean;
}

/** Hands out photos for drawing. */
export interface PhotoSource {
  /**
   * The best level at hand for drawing at `scale` px per px of the photo. Undefined while nothing has arrived: the
   * place is then left in a quiet grey. A source that loads may take the call as a request for that level.
   */
  level(photoId: string, scale: number): PhotoLevel | undefined;
  /** The same for the subject of a cutout, with its own edge colours; alpha is the matte. */
  subject?(photoId: string, matteSha256: string, scale: number): PhotoLevel | undefined;
  /**
   * The same for a sheet that another one shows, by the id of its picture, which is another whenever it looks different. Where it is absent the sheet
   * is drawn by whoever draws the other.
   */
  shown?(pictureId: string, sheet: ResolvedSheet, scale: number): PhotoLevel | undefined;
}
