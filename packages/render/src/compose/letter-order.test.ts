import { describe, expect, it } from 'vitest';
import { movedAbove } from '@kadrosyn/core';
import { letterOrder } from './letter-order.js';

const BELOW = ['w#a below', 'w#b below', 'w#without a b below'];
const WORD = ['w# below', 'w#a', 'w#b', 'w#c'];
const bird = { itemId: 'bird', part: 'whole' };
const letter = (part: string) => ({ itemId: 'w', part });
const own = (part: string): Set<string> => new Set([`w#${part} below`, `w#${part}`]);

describe('the order within the zone of a letter', () => {
  it('lays the bird on the letter that it passes, below all others of the word, whose shadows fall on it', () => {
    const order = letterOrder(['bird', ...WORD], { moved: bird, above: letter('b') }, new Set(['bird']), own('b'), BELOW);
    expect(movedAbove(order, new Set(['bird']), own('b'))).toEqual([
      'w# below',
      'w#b',
      'bird',
      'w#a below',
      'w#without a b below',
      'w#a',
      'w#c',
    ]);
  });

  it('keeps a letter that was passed before below the bird when another one is passed', () => {
    const once = ['w# below', 'w#b', 'bird', 'w#a below', 'w#without a b below', 'w#a', 'w#c'];
    const order = letterOrder(once, { moved: bird, above: letter('a') }, new Set(['bird']), own('a'), BELOW);
    expect(movedAbove(order, new Set(['bird']), own('a'))).toEqual([
      'w# below',
      'w#b',
      'w#a',
      'bird',
      'w#without a b below',
      'w#c',
    ]);
  });

  it('takes with a letter that is moved what it lays below itself', () => {
    const order = letterOrder([...WORD, 'bird'], { moved: letter('a'), above: bird }, own('a'), new Set(['bird']), BELOW);
    expect(movedAbove(order, own('a'), new Set(['bird']))).toEqual(['w# below', 'w#b', 'w#c', 'bird', 'w#a below', 'w#a']);
  });

  it('leaves all as it is where no letter is concerned', () => {
    const order = ['bird', ...WORD];
    expect(
      letterOrder(order, { moved: bird, above: { itemId: 'w', part: 'whole' } }, new Set(['bird']), new Set(WORD), BELOW),
    ).toBe(order);
  });
});
