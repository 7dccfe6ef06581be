import type { Fill } from './fill.js';
import type { Blend, Finish, Shadow, Sides } from './finish.js';
import type { Outline } from '../kinds/outlines/outlines.js';
import type { Point } from '../geometry/matrix.js';

/** Anything lying on a sheet. */
export type Item = Opening | Group;

export interface Group {
  readonly type: 'group';
  readonly id: string;
  readonly name: string;
  /** From back to front. */
  readonly items: readonly Item[];
  readonly opacity?: number;
  readonly blend?: Blend;
  /** What groups can have of one besides strength and blending. */
  readonly finish?: Finish;
  readonly locked?: boolean;
  readonly hidden?: boolean;
}

/** An outline with a fill. A lettering is an opening whose outline is text. */
export interface Opening {
  readonly type: 'opening';
  readonly id: string;
  readonly name: string;
  readonly kind: OpeningKind;
  /** The photo behind everything; see document/background. */
  readonly role?: 'background';
  readonly outline: Outline;
  readonly box: Box;
  readonly fill: Fill;
  readonly finish: Finish;
  readonly overhangs?: Overhangs;
  readonly slot?: { readonly hint: string; readonly sample: boolean };
  /** A letter that was split from a word: which word, its place in it, and the space or break that followed. */
  readonly word?: { readonly id: string; readonly index: number; readonly after: string };
  /** It lies in an area of the photo that another opening shows, and goes with it. */
  readonly host?: Host;
  readonly locked?: boolean;
  readonly hidden?: boolean;
}

/** What decides whether a photo let go over the opening is taken: shaped ones take it, the others never do. */
export type OpeningKind = 'shaped' | 'loose' | 'artwork';

/** px of the sheet; x, y is the corner before the turn about the middle of the box, in degrees clockwise. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly turn: number;
  /** Horizontal shear as a share of the height. */
  readonly shear?: number;
}

/** Points in photo px. */
export interface Overhangs {
  readonly sides: Sides<boolean>;
  readonly pieces: readonly { readonly at: Point; readonly out: boolean }[];
  readonly cuts: readonly (readonly Point[])[];
  /** Of what is out, on what lies beneath. */
  readonly shadow?: Shadow;
  /** Under the feet of a subject that stands on its print. Softness in px of the sheet, strength 0 to 1. */
  readonly contact?: { readonly blur: number; readonly strength: number };
}

/** Where an opening lies: in an area of the photo that another opening shows. */
export interface Host {
  readonly itemId: string;
  readonly areaId: string;
  /** How much of the colour and strength of the light there it takes, 0 to 1; its shadows fall on it always. @default 1 */
  readonly light?: number;
  /** It is ink on the surface, and covers that by so much, 0 to 1. @default it is a picture of its own, such as a sheet of paper */
  readonly opaque?: number;
  /** Whether it lies behind what stands in front of the area. @default true */
  readonly behind?: boolean;
}
