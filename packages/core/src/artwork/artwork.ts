import type { Blend } from '../document/finish.js';
import type { LiteralColour, DrawingLayer } from '../document/fill.js';

export type ArtworkKind = 'ribbons' | 'rings' | 'paper' | 'paint' | 'plants' | 'frames' | 'light';

/** The kinds of ready-made artwork, in the order in which they are offered. */
export const ARTWORK_KINDS: readonly { readonly id: ArtworkKind; readonly name: string }[] = [
  { id: 'ribbons', name: 'Ribbons' },
  { id: 'rings', name: 'Rings' },
  { id: 'paper', name: 'Paper' },
  { id: 'paint', name: 'Paint' },
  { id: 'plants', name: 'Plants' },
  { id: 'frames', name: 'Frames' },
  { id: 'light', name: 'Light' },
];

/** A ready-made drawing with a clear ground. */
export interface Artwork {
  readonly id: string;
  readonly name: string;
  readonly kind: ArtworkKind;
  /** More words by which it is found. */
  readonly words: string;
  /** Width for a height of 1. */
  readonly proportion: number;
  /** What is taken hold of, path data in shares of the box. */
  readonly outline: string;
  readonly colours: readonly LiteralColour[];
  readonly layers: readonly DrawingLayer[];
  readonly blend?: Blend;
  /** Share of the sheet's shorter side that it takes at first. @default 0.5 */
  readonly share?: number;
}
