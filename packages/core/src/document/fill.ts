import type { Colour } from '../kinds/colour.js';
import type { FillOf } from '../kinds/fills/fills.js';

export type { Fill, GroundFill } from '../kinds/fills/fills.js';
export type { DrawingLayer } from '../kinds/fills/drawing.js';

export type { Colour, ColourByRole, ColourRole, LiteralColour } from '../kinds/colour.js';

export type NoFill = FillOf<'none'>;
export type ColourFill = FillOf<'colour'>;
export type GradientFill = FillOf<'gradient'>;
export type DrawingFill = FillOf<'drawing'>;
export type PhotoFill = FillOf<'photo'>;
export type SheetFill = FillOf<'sheet'>;
/** What shows a picture that lies in it by a placement. */
export type PictureFill = PhotoFill | SheetFill;

export type FitRule = NonNullable<PhotoFill['fit']>;

/**
 * A similarity from photo px to the opening's box (or to the sheet when shared):
 * the middle of the photo comes to lie at x, y; the photo is scaled, flipped, and turned about its middle.
 */
export interface Placement {
  readonly x: number;
  readonly y: number;
  /** px of the sheet per px of the photo. */
  readonly scale: number;
  /** Degrees, clockwise. */
  readonly turn: number;
  readonly flipX: boolean;
  readonly flipY: boolean;
}

/** Values from -1 to 1 where nothing else is said, 0 changes nothing; the curve is a list of points from 0 to 1. */
export interface Tone {
  readonly curve?: readonly { readonly x: number; readonly y: number }[];
  readonly brightness?: number;
  readonly contrast?: number;
  readonly saturation?: number;
  readonly warmth?: number;
  readonly tint?: number;
  /** From 0 to 1: how far black becomes grey, as in a print that has lain in the sun. */
  readonly fade?: number;
  /** Only these two and what lies between them, by lightness; black and white when they are those. */
  readonly inks?: { readonly dark: Colour; readonly light: Colour };
}
