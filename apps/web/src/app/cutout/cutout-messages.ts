import type { Bounds, CutoutAnswer, CutoutMark, EdgeSettings, PieceSettings, Pixels } from '@kadrosyn/core';

/** The photo that is to be cut out. */
export interface CutoutBeginning {
  /** Address of the photo's file at full size. */
  readonly source: string;
  /** A cutout that is taken up again: its marks, and the address of what was kept of it. */
  readonly kept?: { readonly marks: readonly CutoutMark[]; readonly matte: string };
}

export interface BegunCutout {
  /** The photo has clear places of its own. */
  readonly isClear: boolean;
  /** It lies on one flat colour. */
  readonly isFlat: boolean;
  /** The photo as small as the working copy, in which a person is looked for. */
  readonly copy: Pixels;
  /** The photo in which edges are traced. */
  readonly traced: Pixels;
}

export interface CutoutRequest {
  readonly marks: readonly CutoutMark[];
  readonly edge: EdgeSettings;
  readonly pieces?: PieceSettings;
}

/** A place that a stroke would have changed elsewhere, as it is shown. */
export interface HeldPlace {
  /** A point in it, px of the photo: it names the place. */
  readonly point: readonly [number, number];
  /** What it fills, px of the photo. */
  readonly bounds: Bounds;
  /** Whether it would have become subject. */
  readonly isSubject: boolean;
  /** Its shape: the data of an SVG path in px of the photo. */
  readonly shape: string;
}

export interface QuickAnswer extends Omit<CutoutAnswer, 'heldBack'> {
  readonly heldBack: readonly HeldPlace[];
  /** A small picture whose alpha is the mask. */
  readonly kept: ImageBitmap;
  readonly isEmpty: boolean;
}

/** The subject with its own edge colours; alpha is the matte. */
export interface SubjectPreview {
  /** A picture whose alpha is the matte. */
  readonly kept: ImageBitmap;
  readonly subject: Pixels;
  /** The level of the photo that it has. */
  readonly index: number;
}

export interface FinishedCutout {
  /** See `cutoutPicture`. */
  readonly png: Uint8Array;
  /** What the subject fills, px of the photo. */
  readonly focus?: Bounds;
}
