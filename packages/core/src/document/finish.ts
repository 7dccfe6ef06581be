import type { Colour, GradientFill } from './fill.js';

/** Lengths in px of the sheet. */
export interface Finish {
  readonly outline?: {
    readonly align: 'inside' | 'centre' | 'outside';
    readonly width: number;
    readonly widths?: Sides<number>;
    readonly join?: 'miter' | 'round' | 'bevel';
    /** A gradient runs over the box of the opening. */
    readonly paint: Colour | GradientFill;
  };
  readonly rim?: Sides<number> & { readonly colour: Colour };
  readonly shadow?: Shadow;
  readonly innerShade?: { readonly colour: Colour; readonly blur: number; readonly strength: number };
  /** From 0 to 1. @default 1 */
  readonly opacity?: number;
  /** @default 'normal' */
  readonly blend?: Blend;
  /** The workspace's style that the finish was taken from, as it was then. */
  readonly style?: { readonly id: string; readonly revision: number };
}

export interface Sides<T> {
  readonly top: T;
  readonly right: T;
  readonly bottom: T;
  readonly left: T;
}

export interface Shadow {
  /** Degrees clockwise from the right; the sheet's light when absent. */
  readonly angle?: number;
  readonly distance: number;
  readonly blur: number;
  readonly spread?: number;
  /** From 0 to 1. */
  readonly strength: number;
  readonly colour?: Colour;
}

/** The separable and non-separable modes of CSS compositing that the sheet offers. */
export type Blend =
  | 'normal'
  | 'multiply'
  | 'screen'
  | 'overlay'
  | 'darken'
  | 'lighten'
  | 'color-dodge'
  | 'color-burn'
  | 'hard-light'
  | 'soft-light'
  | 'difference'
  | 'exclusion';

/** Where shadows fall when a sheet says nothing of its light: degrees clockwise from the right. */
export const LIGHT_ANGLE = 60;
