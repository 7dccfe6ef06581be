import type { Colour } from './fill.js';

export type { Finish } from '../kinds/finishes/finishes.js';

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
