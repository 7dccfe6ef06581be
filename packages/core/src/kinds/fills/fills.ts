import type { Reference } from '../reference.js';
import { colour } from './colour.js';
import { drawing } from './drawing.js';
import type { FillKind } from './fill-kind.js';
import { gradient } from './gradient.js';
import { none } from './no-fill.js';
import { photo } from './photo.js';
import { sheet } from './sheet.js';

/** Every kind of fill. */
export const FILLS = { none, colour, gradient, drawing, photo, sheet } as const;

/** What a sheet itself can be made of, below all its items. */
export const GROUNDS = { none, colour, gradient } as const;

export type FillType = keyof typeof FILLS;
/** The fills of a kind. */
export type FillOf<T extends FillType> = NonNullable<(typeof FILLS)[T]['fill']>;
/** What an opening shows inside its outline. */
export type Fill = { [T in FillType]: FillOf<T> }[FillType];

export type GroundFill = FillOf<keyof typeof GROUNDS>;

/** The kind that a fill is of. */
export function fillKind(fill: Fill): FillKind<FillType, Fill> {
  // Each kind takes its own fills only, and is found by their type.
  return FILLS[fill.type] as unknown as FillKind<FillType, Fill>;
}

/** What a fill needs besides itself. */
export function fillReferences(fill: Fill): readonly Reference[] {
  return fillKind(fill).refers?.(fill) ?? [];
}
