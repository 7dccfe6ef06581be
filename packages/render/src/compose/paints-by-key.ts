import type { Item } from '@kadrosyn/core';
import type { Drawing } from '../canvas/drawing.js';
import type { Paint, Splits } from './layer-paint.js';
import { paintsOf } from './paints.js';
import { isOfZones, unitKey } from './unit.js';

/** Paints by the keys of their units. */
export type Paints = ReadonlyMap<string, Paint>;

export function paintsByKey(items: readonly Item[], splits: Splits, drawing: Drawing): Paints {
  return new Map(paintsOf(items, splits, drawing).map((paint) => [unitKey(paint.unit), paint]));
}

/** Keys from back to front, without what only zones show. */
export function depthOrder(paints: Paints): string[] {
  return [...paints].filter(([, { unit }]) => !isOfZones(unit)).map(([key]) => key);
}
