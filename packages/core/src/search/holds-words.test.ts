import { describe, expect, it } from 'vitest';
import { holdsWords } from './holds-words.js';

describe('looking for words', () => {
  it.each([
    ['Price tag, shop', '', true],
    ['Price tag, shop', '   ', true],
    ['Price tag, shop', 'SHOP price', true],
    ['Price tag, shop', ' tag ', true],
    ['Price tag, shop', 'tag card', false],
    ['', 'x', false],
  ])('%j holds %j: %s', (text, search, expected) => {
    expect(holdsWords(text, search)).toBe(expected);
  });
});
