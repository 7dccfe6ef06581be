import { newShapedOpening, type Item } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { passedWords } from './passed-words';

const list: Item[] = ['Ground', 'Arch', 'Heron', 'Ring', 'Title'].map((name) => ({
  ...newShapedOpening(name, { type: 'ellipse' }, { x: 0, y: 0 }, 10, 10),
  id: name,
}));

describe('what is said when something passes others', () => {
  it('names what was passed and what is next', () => {
    expect(passedWords(list, 'Arch', 2)).toBe('Arch went over Heron; now behind Ring');
    expect(passedWords(list, 'Arch', 4)).toBe('Arch went over Heron, Ring, Title; now in front of all');
    expect(passedWords(list, 'Ring', 2)).toBe('Ring went under Heron; now in front of Arch');
    expect(passedWords(list, 'Title', 0)).toBe('Title went under Ring, Heron, Arch and 1 more; now behind all');
  });

  it('says so where it can go no further, and nothing where it stays', () => {
    expect(passedWords(list, 'Title', 5)).toBe('Title is in front of all already');
    expect(passedWords(list, 'Ground', -1)).toBe('Ground is behind all already');
    expect(passedWords(list, 'Arch', 1)).toBe('');
    expect(passedWords(list, 'Nobody', 1)).toBe('');
  });
});
