import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isAbove, movedAbove } from './local-order.js';

describe('local order', () => {
  it('puts a unit directly above another, past all that lies between', () => {
    expect(movedAbove(['a', 'b', 'c', 'd'], new Set(['a']), new Set(['c']))).toEqual(['b', 'c', 'a', 'd']);
    expect(movedAbove(['a', 'b#1', 'b#2', 'c'], new Set(['a']), new Set(['b#1']))).toEqual(['b#1', 'a', 'b#2', 'c']);
  });

  it('leaves the order as it is when one of the two is not there', () => {
    const order = ['a', 'b'];
    expect(movedAbove(order, new Set(['x']), new Set(['b']))).toBe(order);
    expect(movedAbove(order, new Set(['a']), new Set(['x']))).toBe(order);
  });

  it('keeps all others in their order, and is what it says afterwards', () => {
    const names = fc.uniqueArray(fc.string({ minLength: 1, maxLength: 3 }), { minLength: 2, maxLength: 9 });
    fc.assert(
      fc.property(names, fc.nat(), fc.nat(), (order, i, j) => {
        const [lower, upper] = [order[i % order.length]!, order[j % order.length]!];
        fc.pre(lower !== upper);
        const after = movedAbove(order, new Set([lower]), new Set([upper]));
        expect(after.filter((name) => name !== lower)).toEqual(order.filter((name) => name !== lower));
        expect(isAbove(after, new Set([lower]), new Set([upper]))).toBe(true);
        expect(after.indexOf(lower)).toBe(after.indexOf(upper) + 1);
      }),
    );
  });
});
