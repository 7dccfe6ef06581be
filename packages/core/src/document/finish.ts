import type { Colour } from './fill.js';

/** Lengths in px of the sheet. */
export interface Finish {
  readonly outline?: {
    readonly align: 'inside' | 'centre' | 'outside';
    readonly width: number;
    readonly widths?: Sides<number>;
    readonly join?: 'miter' | 'round' | 'bevel';
    readonly paint: Colour;
  };
  readonly rim?: Sides<number> & { readonly colour: Colour };
  readonly shadow?: Shadow;
  readonly innerShade?: { readonly colour: Colour; readonly blur: number; readonly strength: number };
  /** From 0 to 1. @default 1 */
  readonly opacity?: number;
  /** @default 'normal' */
  readonly blend?: Blend;
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
