import { isRaw, type Migration, type Raw } from './migration.js';

/**
 * Version 2 names every letter, so that crossings can be with one of them. Reading the same document twice gives the same
 * ids: whoever reads it sends edits to others who have read it too.
 */
export const letterIds: Migration = {
  from: 1,
  document: (document) => {
    const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });
    let count = 0;
    // Only what looks like a run of lettering is touched.
    const visit = (value: unknown): unknown => {
      if (Array.isArray(value)) return value.map(visit);
      if (!isRaw(value)) return value;
      if (typeof value['text'] === 'string' && typeof value['face'] === 'string') {
        return { ...value, letterIds: Array.from(segmenter.segment(value['text']), () => `letter_${++count}`) };
      }
      return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, visit(inner)]));
    };
    return visit(document) as Raw;
  },
};
