import { describe, expect, it } from 'vitest';
import { isNestedTooDeep, MOST_LEVELS } from './nesting.js';

function lists(levels: number): unknown {
  let all: unknown = [];
  for (let level = 1; level < levels; level++) all = level % 2 === 0 ? [1, all] : { inner: all };
  return all;
}

describe('isNestedTooDeep', () => {
  it('counts objects and lists, and takes any depth', () => {
    expect(isNestedTooDeep(7)).toBe(false);
    expect(isNestedTooDeep([{ a: [] }], 2)).toBe(false);
    expect(isNestedTooDeep([{ a: [[]] }], 2)).toBe(true);
    expect(isNestedTooDeep(lists(MOST_LEVELS))).toBe(false);
    expect(isNestedTooDeep(lists(100_000))).toBe(true);
  });
});
