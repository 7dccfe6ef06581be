import { TestBed } from '@angular/core/testing';
import { beforeEach, describe, expect, it } from 'vitest';
import { lastUsed, RecentlyUsed } from './recently-used';

const KEY = 'kadrosyn:recently-used';

function fresh(): RecentlyUsed {
  TestBed.resetTestingModule();
  return TestBed.inject(RecentlyUsed);
}

describe('what was used last', () => {
  beforeEach(() => localStorage.removeItem(KEY));

  it('is remembered by kind, newest first, each once, in the next window too', () => {
    const recent = fresh();
    for (const id of ['a', 'b', 'a']) recent.use('shape', id);
    recent.use('artwork', 'ring');
    expect(recent.list('shape')).toEqual(['a', 'b']);
    expect(fresh().list('shape')).toEqual(['a', 'b']);
    expect(fresh().list('artwork')).toEqual(['ring']);
    expect(fresh().list('photo')).toEqual([]);
  });

  it('keeps so many and no more', () => {
    const recent = fresh();
    for (let count = 0; count < 40; count++) recent.use('photo', `p${count}`);
    expect(recent.list('photo')).toHaveLength(24);
    expect(recent.list('photo')[0]).toBe('p39');
  });

  it.each(['no json', '[]', 'null', '{"shape":7}'])('begins anew where %s was kept', (kept) => {
    localStorage.setItem(KEY, kept);
    expect(fresh().list('shape')).toEqual([]);
  });
});

describe('the group of what was used last', () => {
  it('holds a few, newest first, of those that are still there', () => {
    const things = ['a', 'b', 'c', 'd', 'e', 'f', 'g'].map((id) => ({ id }));
    const group = lastUsed(things, ['g', 'gone', 'a', 'f', 'b', 'e', 'c'], ({ id }) => id);
    expect(group.map(({ id }) => id)).toEqual(['g', 'a', 'f', 'b', 'e']);
    expect(lastUsed(things, [], ({ id }) => id)).toEqual([]);
  });
});
