import type { Effect } from '../kinds/effects/effects.js';

/** A colour as #rrggbb or #rrggbbaa, sRGB. */
export type Colour = string;

/** What an opening shows inside its outline. */
export type Fill = NoFill | ColourFill | GradientFill | DrawingFill | PhotoFill;

export interface NoFill {
  readonly type: 'none';
}

export interface ColourFill {
  readonly type: 'colour';
  readonly colour: Colour;
}

export interface GradientFill {
  readonly type: 'gradient';
  readonly kind: 'linear' | 'radial';
  /** Degrees clockwise from the right, for a linear gradient. @default 90 */
  readonly angle?: number;
  /** `at` runs from 0 to 1. */
  readonly stops: readonly { readonly at: number; readonly colour: Colour }[];
}

/** A ready-made drawing in a few colours of its own: it is drawn from paths, so it is sharp at any size. */
export interface DrawingFill {
  readonly type: 'drawing';
  /** At most 8; each is exchanged by a swatch. */
  readonly colours: readonly Colour[];
  /** From back to front. */
  readonly layers: readonly DrawingLayer[];
}

export interface DrawingLayer {
  /** SVG path data in shares of the box, filled by the non-zero rule. */
  readonly d: string;
  /** Index of its colour. */
  readonly colour: number;
  /** How much black (to -1) or white (to 1) is mixed into the colour. @default 0 */
  readonly shade?: number;
  /** From 0 to 1. @default 1 */
  readonly strength?: number;
  /** Strengths along the layer, for what fades out. */
  readonly fade?: {
    readonly kind: 'linear' | 'radial';
    /** Degrees clockwise from the right, for a linear one. @default 90 */
    readonly angle?: number;
    readonly stops: readonly { readonly at: number; readonly strength: number }[];
  };
}

export interface PhotoFill {
  readonly type: 'photo';
  readonly photoId: string;
  /** Its own placement in the box of the opening, or the id of one of the sheet's shared placements. */
  readonly placement: Placement | string;
  /** The rule by which the photo was fitted last; a replacement is fitted by the same. @default 'fill' */
  readonly fit?: FitRule;
  /** Whether moves and scales keep the opening without a gap. @default true */
  readonly keepCovered?: boolean;
  readonly cutout?: { readonly id: string; readonly revision: number };
  /** @default 'photo' */
  readonly show?: 'photo' | 'subject';
  readonly tone?: Tone;
  /** px of the sheet. */
  readonly blur?: number;
  /** At most one of each kind, applied in their own turn, whatever their order here. */
  readonly effects?: readonly Effect[];
  /** Shown where the photo does not reach. */
  readonly extend?: Colour;
}

export type FitRule = 'fill' | 'whole' | 'subject' | 'own';

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
