import { lettersOf } from '../lettering/letter-ids.js';

/** Brings a document of version `from` to version `from + 1`. */
export interface Migration {
  readonly from: number;
  /** Gets the old document and returns the new one; the version is set by the caller. */
  readonly apply: (document: Record<string, unknown>) => Record<string, unknown>;
}

/** In the order of their versions, without gaps, up to the version before the present one. */
export const MIGRATIONS: readonly Migration[] = [
  { from: 1, apply: addLetterIds },
  // Version 3 knows drawings as fills; what was there before stays as it is.
  { from: 2, apply: (document) => document },
  { from: 3, apply: listEffects },
];

/**
 * Version 2 names every letter, so that crossings can be with one of them. Reading the same document twice gives the same
 * ids: whoever reads it sends edits to others who have read it too.
 */
function addLetterIds(document: Record<string, unknown>): Record<string, unknown> {
  let count = 0;
  // What a document of version 1 holds may be anything: only what looks like a run of lettering is touched.
  const visit = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(visit);
    if (typeof value !== 'object' || value === null) return value;
    const record = value as Record<string, unknown>;
    if (typeof record['text'] === 'string' && typeof record['face'] === 'string') {
      return { ...record, letterIds: lettersOf(record['text']).map(() => `letter_${++count}`) };
    }
    return Object.fromEntries(Object.entries(record).map(([key, inner]) => [key, visit(inner)]));
  };
  return visit(document) as Record<string, unknown>;
}

/** Version 4 knows several effects for one photo: the one that there was becomes the first of a list. */
function listEffects(document: Record<string, unknown>): Record<string, unknown> {
  const visit = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(visit);
    if (typeof value !== 'object' || value === null) return value;
    const { effect, ...rest } = Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, visit(inner)]));
    if (effect === undefined) return rest;
    return rest['type'] === 'photo' ? { ...rest, effects: [effect] } : { ...rest, effect };
  };
  return visit(document) as Record<string, unknown>;
}
