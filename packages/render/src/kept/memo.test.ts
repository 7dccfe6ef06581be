import { describe, expect, it } from 'vitest';
import { changedInput } from './inputs.js';
import { Memo, ObjectMemo } from './memo.js';
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

describe('a memo within a budget', () => {
  it('makes a thing again only when an input has changed, and tells a trace which', () => {
    const [cache, trace] = [new Memo('layers', 1000), new Notes()];
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
    const [cache, trace] = [new Memo('layers', 250), new Notes()];
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
    const cache = new Memo('layers', 1000);
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

describe('a memo of what belongs to objects', () => {
  it('makes a thing again for another object, another name or another input', () => {
    const [memo, trace] = [new ObjectMemo<number>('covers'), new Notes()];
    let count = 0;
    const keep = (owner: object, name: string, box: number): number =>
      memo.keep(
        { owner, name },
        { box },
        () => ++count,
        trace,
        () => 5,
      );
    const [one, two] = [{}, {}];
    const asked = [
      keep(one, 'a', 1),
      keep(one, 'a', 1),
      keep(one, 'b', 1),
      keep(two, 'a', 1),
      keep(one, 'a', 2),
      keep(one, 'b', 1),
    ];
    expect(asked).toEqual([1, 1, 2, 3, 4, 2]);
    expect(trace.misses.map(({ cache, reason, bytes }) => [cache, reason, bytes])).toEqual([
      ['covers', 'new', 5],
      ['covers', 'new', 5],
      ['covers', 'new', 5],
      ['covers', 'box', 5],
    ]);
    expect(trace.hits).toEqual(['covers', 'covers']);
  });
});
