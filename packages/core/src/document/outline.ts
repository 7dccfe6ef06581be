import type { Colour } from './fill.js';
import type { Point } from '../geometry/matrix.js';

/** The shape of an opening. Lengths in px of the sheet, ratios from 0 to 1. */
export type Outline =
  | RectangleOutline
  | { readonly type: 'ellipse' }
  | { readonly type: 'arch' }
  /** Corners at equal angles, the first at the top. */
  | { readonly type: 'polygon'; readonly points: number }
  /** `depth` is how far the inner corners lie inwards, as a share of the radius. */
  | { readonly type: 'star'; readonly points: number; readonly depth: number }
  /** The upper side is shorter by this share of the width; below 0 it is the lower side. */
  | { readonly type: 'trapezoid'; readonly slant: number }
  | { readonly type: 'heart' }
  | { readonly type: 'leaf' }
  | { readonly type: 'droplet' }
  /** Half-round notches at both sides; their radius as a share of the shorter side. */
  | { readonly type: 'ticket'; readonly notch: number }
  /** An opening with a hole; `hole` is its share of the width and of the height. */
  | { readonly type: 'ring'; readonly hole: number }
  /** A field with a tail below: where its tip lies as a share of the width, and its height as a share of the height. */
  | { readonly type: 'speech'; readonly tail: number; readonly reach: number }
  /** Torn edges, the same for the same seed; `depth` as a share of the shorter side. */
  | { readonly type: 'torn'; readonly seed: number; readonly depth: number }
  /** A free path: SVG path data in shares of the box, 0..1, filled by the non-zero rule. */
  | { readonly type: 'path'; readonly d: string }
  /** Four points in shares of the box, 0..1, from the top left clockwise; with `warp` the fill is put into them in perspective. */
  | { readonly type: 'corners'; readonly points: readonly [Point, Point, Point, Point]; readonly warp: boolean }
  | LetteringOutline;

export interface RectangleOutline {
  readonly type: 'rectangle';
  /** Radii in px: top-left, top-right, bottom-right, bottom-left. */
  readonly radii: readonly [number, number, number, number];
}

/** An outline that is text. Its box is measured from the text whenever the text changes. */
export interface LetteringOutline {
  readonly type: 'lettering';
  readonly runs: readonly LetteringRun[];
  readonly align: 'left' | 'centre' | 'right';
  /** Distance of baselines as a share of the size. */
  readonly leading: number;
  readonly along?: AlongCircle;
  /** Letters really stretched, as shares of their width and height; only when asked for. */
  readonly stretch?: { readonly x: number; readonly y: number };
  /** Path data in shares of the box, from when all faces were there; shown while one of them is missing. */
  readonly kept?: string;
}

/** Text along a circle. */
export interface AlongCircle {
  /** px of the sheet. */
  readonly radius: number;
  /** Where the text stands, degrees clockwise from the top: its beginning, middle or end, as it is aligned. */
  readonly start: number;
  /** Letters lie inside the circle instead of outside. */
  readonly inside: boolean;
  /** It is read counter-clockwise, feet pointing outwards. @default false */
  readonly reverse?: boolean;
}

export interface LetteringRun {
  readonly text: string;
  /** Id of a face; see lettering/faces. */
  readonly face: string;
  /** Values of variable axes by their OpenType tag, such as { wght: 700, wdth: 100 }. */
  readonly axes: Readonly<Record<string, number>>;
  /** px of the sheet per em. */
  readonly size: number;
  /** Extra space between letters in thousandths of an em. */
  readonly tracking: number;
  readonly fill?: Colour;
  /** How the letters are shown; the text stays as it was typed. @default as typed */
  readonly letterCase?: 'upper' | 'lower';
  /** The name of a face of one's own, for the day when it is missing. */
  readonly faceName?: string;
  /** Id of the shipped face that looks most like it. @default the fallback face */
  readonly standIn?: string;
  /** One id for each letter (grapheme) of the text; see lettering/letter-ids. */
  readonly letterIds: readonly string[];
}
