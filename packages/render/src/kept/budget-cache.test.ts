import { describe, expect, it } from 'vitest';
import { BudgetCache } from './budget-cache.js';

describe('a cache with a budget', () => {
  it('lets go of what was used longest ago', () => {
    const gone: string[] = [];
    const cache = new BudgetCache<string, string>(100, (value) => gone.push(value));
    cache.set('a', 'A', 40);
    cache.set('b', 'B', 40);
    expect(cache.get('a')).toBe('A');
    cache.set('c', 'C', 40);
    expect(gone).toEqual(['B']);
    expect(cache.get('b')).toBeUndefined();
    expect(cache.bytes).toBe(80);
  });

  it('keeps the newest even when it alone is over the budget', () => {
    const cache = new BudgetCache<string, string>(100);
    cache.set('a', 'A', 60);
    cache.set('large', 'L', 500);
    expect(cache.get('a')).toBeUndefined();
    expect(cache.get('large')).toBe('L');
  });

  it('replaces, deletes and hands over', () => {
    const gone: string[] = [];
    const cache = new BudgetCache<string, string>(100, (value) => gone.push(value));
    cache.set('a', 'A', 10);
    cache.set('a', 'A2', 20);
    expect(gone).toEqual(['A']);
    expect(cache.take('a')).toBe('A2');
    expect(gone).toEqual(['A']);
    cache.set('b', 'B', 5);
    cache.delete('b');
    cache.delete('nobody');
    expect([gone, cache.bytes]).toEqual([['A', 'B'], 0]);
  });
});
