import type { TProperties } from 'typebox';
import type { Shaper } from '../../lettering/shaper.js';
import type { Point } from '../../geometry/matrix.js';
import type { Lay } from '../../geometry/lay.js';
import type { Path } from '../../geometry/path.js';
import type { Reference } from '../reference.js';
import type { TypedValue } from '../typed-value.js';

/** A point of an outline that can be dragged to change its form. */
export interface OutlineHandle<O> {
  /** What it changes, for people. */
  readonly name: string;
  /** Where it lies, px of the box's own frame. */
  readonly at: Point;
  /** The outline with the handle dragged to `p`, px of the box's own frame. */
  readonly drag: (p: Point) => O;
}

/** A number that gives an outline its form, as it stands in the panel. */
export interface OutlineNumber {
  /** The property that it is. */
  readonly of: string;
  readonly name: string;
  /** A share is shown in percent; a count as it is. */
  readonly unit: '%' | '';
  /** What can be entered, as it is shown. */
  readonly least: number;
  readonly most: number;
}

/** A shape that is offered to be put on the sheet. */
export interface OutlineSupply<O> {
  readonly name: string;
  readonly group: 'straight' | 'round' | 'natural' | 'paper';
  /** Width for a height of 1. */
  readonly proportion: number;
  /** More words by which it is found. */
  readonly words: string;
  /** @param side - the shorter side of the opening, px of the sheet. */
  readonly outline: (side: number) => O;
}

/** All that there is to one form of outline. Adding one is a file like this, and a line in `OUTLINES`. */
export interface OutlineKind<T extends string, O> {
  readonly type: T;
  /** Schema of its own properties; all that has to be there is in it. */
  readonly properties: TProperties;
  /** How an opening of this form is called in the panel. */
  readonly word: string;
  /**
   * Its path in the box's own frame: 0..width, 0..height in px of the sheet.
   * @param shaper - sets lettering; other forms do not need it.
   */
  readonly path: (outline: O, width: number, height: number, shaper: Shaper) => Path;
  /** How the rectangle that its fill is laid out in is seen in a box of this size; null where it is upright. @default the box itself */
  readonly lay?: (outline: O, width: number, height: number) => Lay | null;
  /** What can be dragged in a box of this size. @default nothing but the box */
  readonly handles?: (outline: O, width: number, height: number) => readonly OutlineHandle<O>[];
  readonly numbers?: readonly OutlineNumber[];
  /** What it needs besides itself. @default nothing */
  readonly refers?: (outline: O) => readonly Reference[];
  readonly supplies?: readonly OutlineSupply<O>[];
  /** The outline on a sheet that is `factor` times as large, where it has lengths in px. @default as it is */
  readonly scaled?: (outline: O, factor: number) => O;
  /** A photo in it can be cropped to proportions. */
  readonly canBeCropped?: boolean;
}

/** Puts a kind together. The type of its outlines follows from its schema. */
export function defineOutline<const T extends string, P extends TProperties>(
  kind: { readonly type: T; readonly properties: P } & Omit<OutlineKind<T, TypedValue<T, P>>, 'type' | 'properties'>,
): OutlineKind<T, TypedValue<T, P>> {
  return kind;
}

/** A value within its limits. */
export function between(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}
