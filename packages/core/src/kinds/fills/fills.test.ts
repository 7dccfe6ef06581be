import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryItems } from '../../../testing/arbitrary-items.js';
import { isPart } from '../../document/is-part.js';
import { testOpening } from '../../../testing/test-documents.js';
import { fillKind, fillReferences, FILLS, type Fill } from './fills.js';

const { fill: anyFill } = arbitraryItems({ photos: ['heron', 'lake'], faces: ['archivo'], cutout: 'cut', sheets: ['other'] });
const holds = (fill: unknown): boolean => isPart('item', { ...testOpening('a'), fill });

describe.each(Object.entries(FILLS))('%s', (type, kind) => {
  const fills = anyFill.filter((fill) => fill.type === type);

  it('stands under its own name, and the project can hold all that its schema allows and no more', () => {
    expect(kind.type).toBe(type);
    fc.assert(
      fc.property(fills, (fill) => {
        expect(fillKind(fill)).toBe(kind);
        expect(holds(fill)).toBe(true);
        expect(holds({ ...fill, more: 1 })).toBe(false);
      }),
      { numRuns: 40 },
    );
  });

  it('names what it needs: every id of its that is not its own', () => {
    fc.assert(
      fc.property(fills, (fill: Fill) => {
        const needed = fillReferences(fill).map((reference) => reference.to);
        const own = fill.type === 'sheet' ? ['sheet'] : [];
        const wanted = fill.type === 'photo' ? ['photo', ...(fill.cutout ? ['cutout'] : [])] : own;
        expect(needed).toEqual(wanted);
      }),
      { numRuns: 40 },
    );
  });
});
