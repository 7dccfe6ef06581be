import type { Colour } from '../../document/fill.js';
import type { Matrix } from '../../geometry/matrix.js';
import type { Pixels } from '../../photo/pixels.js';

/** Where the pixels of an effect lie. */
export interface EffectFrame {
  /** px of the pixels per px of the sheet, so that dots and areas are the same at any size of output. */
  readonly scale: number;
  /** Where the pixels begin, px from the origin of the raster. */
  readonly origin: { readonly x: number; readonly y: number };
  /** px of the pixels to a frame in which what is shown reaches from -1 to 1 both ways. */
  readonly toUnit: Matrix;
}

/** How an effect is set. */
export interface EffectSetting {
  /** From 0 to 1. */
  readonly strength: number;
  readonly ink?: Colour;
}

/** All that there is to one effect. Adding one is a file like this, and a line in `EFFECTS`. */
export interface EffectKind {
  /** For people. */
  readonly name: string;
  /** Where several are set, the one with the lower turn comes first. */
  readonly turn: number;
  readonly apply: (pixels: Pixels, setting: EffectSetting, frame: EffectFrame) => Pixels;
  /** How far it looks around each px, px of the sheet. @default not at all */
  readonly reach?: (strength: number) => number;
  /** It takes as long as a blur: in a frame of a drag fewer px are worked on. */
  readonly isSlow: boolean;
  /** Places are clear that were not: the form of what is shown is another one. */
  readonly clears: boolean;
  /** It prints in one ink: the words for its colour field. */
  readonly inkName?: string;
}
