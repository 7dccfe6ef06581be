import type { ResolvedSheet } from '@kadrosyn/core';
import type { SheetView } from './draw-sheet.js';

/** A state of a sheet as it is shown. */
export interface Frame {
  readonly sheet: ResolvedSheet;
  readonly view: SheetView;
  /** Raised whenever a photo level or the size of the canvas changed. */
  readonly version: number;
}

/** Whether two frames show the same sheet at the same place with the same photos. */
export function sameView(a: Frame, b: Frame): boolean {
  return (
    a.version === b.version &&
    a.view.scale === b.view.scale &&
    a.view.left === b.view.left &&
    a.view.top === b.view.top &&
    a.sheet.id === b.sheet.id
  );
}

/** Whether two states of a sheet differ in their mood alone. */
export function isOnlyMood(before: ResolvedSheet, now: ResolvedSheet): boolean {
  const keys = new Set([...Object.keys(before), ...Object.keys(now)] as (keyof ResolvedSheet)[]);
  return [...keys].every((key) => key === 'mood' || before[key] === now[key]);
}

/** The place of the one item in which two states of a sheet differ; null when more than that differs. */
export function onlyChange(before: ResolvedSheet, now: ResolvedSheet): number | null {
  // What a sheet shows of others is told by the pictures that its items name.
  const { items: old, shows: _shown, ...rest } = before;
  const { items, shows: _shownNow, ...restNow } = now;
  if (old.length !== items.length) return null;
  for (const key of Object.keys(rest) as (keyof typeof rest)[]) if (rest[key] !== restNow[key]) return null;
  if (Object.keys(rest).length !== Object.keys(restNow).length) return null;
  let found: number | null = null;
  for (let i = 0; i < items.length; i++) {
    if (old[i] === items[i]) continue;
    if (found !== null || old[i]!.id !== items[i]!.id) return null;
    found = i;
  }
  return found;
}
