import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { labelParts } from './label.js';

const masks = fc
  .tuple(fc.integer({ min: 1, max: 16 }), fc.integer({ min: 1, max: 16 }))
  .chain(([width, height]) =>
    fc
      .array(fc.boolean(), { minLength: width * height, maxLength: width * height })
      .map((values) => ({ width, height, mask: Uint8Array.from(values, Number) })),
  );

/** Parts by flooding, as plainly as can be. */
function flooded(mask: Uint8Array, width: number, height: number): Int32Array {
  const at = new Int32Array(mask.length);
  let count = 0;
  for (let start = 0; start < mask.length; start++) {
    if (mask[start] === 0 || at[start] !== 0) continue;
    count++;
    const stack = [start];
    while (stack.length > 0) {
      const i = stack.pop()!;
      if (at[i] !== 0 || mask[i] === 0) continue;
      at[i] = count;
      for (let dy = -1; dy <= 1; dy++) {
        for (let dx = -1; dx <= 1; dx++) {
          const [x, y] = [(i % width) + dx, Math.floor(i / width) + dy];
          if (x >= 0 && y >= 0 && x < width && y < height) stack.push(y * width + x);
        }
      }
    }
  }
  return at;
}

describe('connected parts', () => {
  it('are those that flooding finds, in the same order, with their areas', () => {
    fc.assert(
      fc.property(masks, ({ width, height, mask }) => {
        const { at, areas } = labelParts(mask, width, height);
        const wanted = flooded(mask, width, height);
        expect([...at]).toEqual([...wanted]);
        for (let label = 1; label < areas.length; label++) expect(areas[label]).toBe(wanted.filter((l) => l === label).length);
      }),
      { numRuns: 400 },
    );
  });
});
