import { dequal } from 'dequal';
import { EditConflict } from './edit-error.js';

/** Properties to set; null stands for "absent", since JSON has no undefined. */
export type Properties<T> = { readonly [K in keyof T]?: T[K] | null };

/** An operation that changes properties of one thing. */
export interface Change {
  readonly before: object;
  readonly after: object;
}

/** What is one value although it is an object: taking x from one and y from another gives neither. */
const WHOLE = new Set(['placement', 'curve', 'cutout', 'paint', 'inks', 'style', 'word']);

/** Sets properties; null takes one away. */
export function withProperties<T extends object>(target: T, properties: object): T {
  const changed = Object.entries({ ...target, ...properties }).filter(([, value]) => value !== null);
  return Object.fromEntries(changed) as T;
}

/** The `before` that belongs to an `after`: the present values of the same properties, null where absent. */
export function presentValues<T extends object>(target: T, after: Properties<T>): Properties<T> {
  const before: Record<string, unknown> = {};
  for (const key of Object.keys(after)) before[key] = (target as Record<string, unknown>)[key] ?? null;
  return before as Properties<T>;
}

/** Two changes of one thing as one: values from before come from the earlier, values from after from the later one. */
export function mergedChange<T extends Change>(earlier: T, later: T): T {
  return {
    ...earlier,
    before: { ...later.before, ...earlier.before },
    after: { ...earlier.after, ...later.after },
  };
}

/**
 * A change after another one of the same thing, both made of the same document; null where the other did the same.
 * @throws EditConflict where both change the same value in different ways.
 */
export function reconciledChange<T extends Change>(change: T, over: T): T | null {
  const before: Record<string, unknown> = {};
  const after: Record<string, unknown> = {};
  const were = entriesOf(change.before);
  const theirs = entriesOf(over.after);
  for (const [key, wanted] of Object.entries(change.after)) {
    if (!(key in theirs)) {
      before[key] = were[key] ?? null;
      after[key] = wanted;
      continue;
    }
    const merged = mergedValue(key, were[key] ?? null, wanted, theirs[key]);
    if (dequal(merged, theirs[key])) continue;
    before[key] = theirs[key] ?? null;
    after[key] = merged;
  }
  return Object.keys(after).length === 0 ? null : { ...change, before, after };
}

/** A change as it must read where others may have changed the same thing since. @throws EditConflict as `reconciledChange` does. */
export function refittedChange<T extends Change>(target: object, change: T): T {
  const present = presentValues(target, change.after) as Record<string, unknown>;
  if (dequal(present, change.before)) return change;
  const were = entriesOf(change.before);
  const after = Object.entries(change.after).map(([key, wanted]) => [
    key,
    mergedValue(key, were[key] ?? null, wanted, present[key]),
  ]);
  return { ...change, before: present, after: Object.fromEntries(after) as object };
}

/**
 * One value that two changed: what only one of them changed is as that one left it.
 * @throws EditConflict where both changed the same in different ways.
 */
function mergedValue(key: string, was: unknown, mine: unknown, theirs: unknown): unknown {
  if (dequal(mine, theirs) || dequal(was, theirs)) return mine;
  if (dequal(was, mine)) return theirs;
  const parts = [was, mine, theirs];
  if (WHOLE.has(key) || !parts.every(isRecord) || !isOfOneType(parts)) throw new EditConflict(`Both changed ${key}`);
  const [a, b, c] = parts as [Record<string, unknown>, Record<string, unknown>, Record<string, unknown>];
  const merged: Record<string, unknown> = {};
  for (const inner of new Set([...Object.keys(a), ...Object.keys(b), ...Object.keys(c)])) {
    const value = mergedValue(inner, a[inner], b[inner], c[inner]);
    if (value !== undefined) merged[inner] = value;
  }
  return merged;
}

/** Forms, fills and photos that differ are different things, whatever they have in common. */
function isOfOneType(parts: readonly Record<string, unknown>[]): boolean {
  return ['type', 'kind', 'photoId'].every((key) => parts.every((part) => part[key] === parts[0]![key]));
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function entriesOf(properties: object): Readonly<Record<string, unknown>> {
  return properties as Readonly<Record<string, unknown>>;
}
