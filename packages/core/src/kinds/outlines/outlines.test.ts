import fc from 'fast-check';
import { IsOptional } from 'typebox';
import { describe, expect, it } from 'vitest';
import { arbitraryOf } from '../../../testing/arbitrary-of-schema.js';
import { testShaper } from '../../../testing/test-shaper.js';
import { isPart } from '../../document/is-part.js';
import { polygonBounds } from '../../geometry/polygon.js';
import { flatten } from '../../geometry/path.js';
import { typedSchema } from '../typed-value.js';
import { outlineHandles, outlineKind, outlinePath, OUTLINES, type Outline } from './outlines.js';

const shaper = await testShaper();
const point = fc.record({ x: fc.double({ min: 0, max: 1, noNaN: true }), y: fc.double({ min: 0, max: 1, noNaN: true }) });
/** Text and drawn paths have rules of their own, and tests of their own. */
const kinds = Object.values(OUTLINES).filter(({ type }) => type !== 'lettering' && type !== 'path');
const size = fc.tuple(fc.double({ min: 8, max: 900, noNaN: true }), fc.double({ min: 8, max: 900, noNaN: true }));
const outlinesOf = (kind: (typeof kinds)[number]): fc.Arbitrary<Outline> =>
  arbitraryOf(typedSchema(kind), { point }) as fc.Arbitrary<Outline>;

describe.each(kinds.map((kind) => [kind.type, kind] as const))('%s', (type, kind) => {
  it('stands under its own name', () => {
    expect(OUTLINES[type]).toBe(kind);
  });

  it('has a path within its box for all that its schema allows, which the project can hold', () => {
    fc.assert(
      fc.property(outlinesOf(kind), size, (outline, [width, height]) => {
        expect(isPart('outline', outline)).toBe(true);
        const { x, y, width: w, height: h } = polygonBounds(flatten(outlinePath(outline, width, height, shaper)));
        expect(Math.min(x, y)).toBeGreaterThanOrEqual(-1e-6);
        expect(x + w).toBeLessThanOrEqual(width + 1e-6);
        expect(y + h).toBeLessThanOrEqual(height + 1e-6);
      }),
      { numRuns: 60 },
    );
  });

  it('takes no property that is not its own, and none away that has to be there', () => {
    fc.assert(
      fc.property(outlinesOf(kind), (outline) => {
        expect(isPart('outline', { ...outline, more: 1 })).toBe(false);
        for (const key of Object.keys(outline)) {
          const { [key]: _left, ...less } = outline as unknown as Record<string, unknown>;
          expect(isPart('outline', less)).toBe(IsOptional(kind.properties[key]));
        }
      }),
      { numRuns: 10 },
    );
  });

  it('gives handles that can be dragged anywhere, and numbers that can be set to their ends', () => {
    fc.assert(
      fc.property(outlinesOf(kind), size, point, (outline, [width, height], to) => {
        const count = outlineHandles(outline, width, height).length;
        for (let index = 0; index < count; index++) {
          const dragged = outlineHandles(outline, width, height)[index]!.drag({
            x: (2 * to.x - 0.5) * width,
            y: (2 * to.y - 0.5) * height,
          });
          // Corners of a perspective may be taken out of the box.
          if (type !== 'corners') expect(isPart('outline', dragged), JSON.stringify(dragged)).toBe(true);
          expect(dragged.type).toBe(type);
        }
        for (const { of, unit, least, most } of outlineKind(outline).numbers ?? []) {
          for (const shown of [least, most]) {
            expect(isPart('outline', { ...outline, [of]: unit === '%' ? shown / 100 : shown })).toBe(true);
          }
        }
      }),
      { numRuns: 40 },
    );
  });

  it('is offered as something that the project can hold, and is as it was once it was scaled there and back', () => {
    for (const supply of kind.supplies ?? []) {
      for (const side of [1, 300]) expect(isPart('outline', supply.outline(side)), supply.name).toBe(true);
    }
    fc.assert(
      fc.property(outlinesOf(kind), fc.double({ min: 0.1, max: 10, noNaN: true }), (outline, factor) => {
        const { scaled } = outlineKind(outline);
        if (!scaled) return;
        const back = JSON.stringify(scaled(scaled(outline, factor), 1 / factor), (_key, value: unknown) =>
          typeof value === 'number' ? Math.round(value * 1e3) : value,
        );
        expect(back).toBe(
          JSON.stringify(outline, (_key, value: unknown) => (typeof value === 'number' ? Math.round(value * 1e3) : value)),
        );
      }),
      { numRuns: 20 },
    );
  });
});

describe('forms of outlines', () => {
  it('have names that are all different, and words for the panel', () => {
    const names = Object.values(OUTLINES).flatMap((kind) => (kind.supplies ?? []).map(({ name }) => name));
    expect(new Set(names).size).toBe(names.length);
    expect(Object.values(OUTLINES).every(({ word }) => /^[A-Z][a-z]+( [a-z]+)?$/.test(word))).toBe(true);
  });
});
