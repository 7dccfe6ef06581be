import { describe, expect, it } from 'vitest';
import { changedInput } from './inputs.js';
import { LayerCache } from './layer-cache.js';
import type { CacheName, Miss, Trace } from './trace.js';

/** Notes what it is told. */
class Notes implements Trace {
  readonly hits: CacheName[] = [];
  readonly misses: Miss[] = [];
  holds = 0;

  hit(cache: CacheName): void {
    this.hits.push(cache);
  }
  miss(miss: Miss): void {
    this.misses.push(miss);
  }
  held(_cache: CacheName, bytes: number): void {
    this.holds = bytes;
  }
}

describe('inputs', () => {
  it('are the same by identity, and lists by their entries', () => {
    const box = { x: 1 };
    expect(changedInput({ box, view: [1, 2] }, { box, view: [1, 2] })).toBeNull();
    expect(changedInput({ box, view: [1, 2] }, { box: { x: 1 }, view: [1, 2] })).toBe('box');
    expect(changedInput({ box, view: [1, 2] }, { box, view: [1, 3] })).toBe('view');
    expect(changedInput({ view: [1, 2] }, { view: [1, 2, 3] })).toBe('view');
    expect(changedInput({ items: [box] }, { items: [{ x: 1 }] })).toBe('items');
  });

  it('that come or go are changes too', () => {
    expect(changedInput({ box: 1 }, { box: 1, rim: 2 })).toBe('rim');
    expect(changedInput({ box: 1, rim: 2 }, { box: 1 })).toBe('rim');
    // Nothing given is what it is when it is not named.
    expect(changedInput({ box: 1, rim: undefined }, { box: 1, rim: undefined })).toBeNull();
  });
});

describe('a cache of layers', () => {
  it('makes a thing again only when an input has changed, and tells a trace which', () => {
    const [cache, trace] = [new LayerCache(1000), new Notes()];
    let count = 0;
    const keep = (inputs: object, name = 'a'): number =>
      cache.keep(
        name,
        { ...inputs },
        () => ++count,
        () => 100,
        trace,
      );
    expect([keep({ box: 1 }), keep({ box: 1 }), keep({ box: 2 }), keep({ box: 2 })]).toEqual([1, 1, 2, 2]);
    expect(trace.hits).toEqual(['layers', 'layers']);
    expect(trace.misses.map(({ name, reason, bytes }) => [name, reason, bytes])).toEqual([
      ['a', 'new', 100],
      ['a', 'box', 100],
    ]);
    expect(trace.holds).toBe(100);
  });

  it('says when something had to go for want of room', () => {
    const [cache, trace] = [new LayerCache(250), new Notes()];
    const keep = (name: string): unknown =>
      cache.keep(
        name,
        { box: 1 },
        () => name,
        () => 100,
        trace,
      );
    for (const name of ['a', 'b', 'c', 'a', 'a']) keep(name);
    expect(trace.misses.map(({ name, reason }) => `${name}: ${reason}`)).toEqual([
      'a: new',
      'b: new',
      'c: new',
      'a: let go for want of room',
    ]);
    expect(trace.hits).toHaveLength(1);
    expect(trace.holds).toBe(200);
  });

  it('keeps the same without a trace', () => {
    const cache = new LayerCache(1000);
    let count = 0;
    const keep = (box: number): number =>
      cache.keep(
        'a',
        { box },
        () => ++count,
        () => 1,
      );
    expect([keep(1), keep(1), keep(2), keep(1)]).toEqual([1, 1, 2, 3]);
  });
});
