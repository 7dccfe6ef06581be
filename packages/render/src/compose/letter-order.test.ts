import { describe, expect, it } from 'vitest';
import { movedAbove } from '@kadrosyn/core';
import { letterOrder } from './letter-order.js';
import { unitKey, unitOf, type Unit } from './unit.js';

const below = (of: Extract<Unit['part'], { kind: 'below' }>['of']): Unit => ({ itemId: 'w', part: { kind: 'below', of } });
const letter = (part: string) => ({ itemId: 'w', part });
const bird = { itemId: 'bird', part: 'whole' };
const BELOW = [below({ letter: 'a' }), below({ letter: 'b' }), below({ without: ['a', 'b'] })];
const UNITS = [unitOf(bird), below('all'), ...['a', 'b', 'c'].map((id) => unitOf(letter(id))), ...BELOW];
const [BIRD, ALL, A, B, C, BELOW_A, BELOW_B, REST] = UNITS.map(unitKey) as [
  ...[string, string, string, string],
  ...[string, string, string, string],
];
const WORD = [ALL, A, B, C];
const OWN = { a: new Set([BELOW_A, A]), b: new Set([BELOW_B, B]) };
const zone = (moved: ReadonlySet<string>, above: ReadonlySet<string>) => ({ moved, above, units: UNITS, below: BELOW });

describe('the order within the zone of a letter', () => {
  it('lays the bird on the letter that it passes, below all others of the word, whose shadows fall on it', () => {
    const order = letterOrder([BIRD, ...WORD], { moved: bird, above: letter('b') }, zone(new Set([BIRD]), OWN.b));
    expect(movedAbove(order, new Set([BIRD]), OWN.b)).toEqual([ALL, B, BIRD, BELOW_A, REST, A, C]);
  });

  it('keeps a letter that was passed before below the bird when another one is passed', () => {
    const once = [ALL, B, BIRD, BELOW_A, REST, A, C];
    const order = letterOrder(once, { moved: bird, above: letter('a') }, zone(new Set([BIRD]), OWN.a));
    expect(movedAbove(order, new Set([BIRD]), OWN.a)).toEqual([ALL, B, A, BIRD, REST, C]);
  });

  it('takes with a letter that is moved what it lays below itself', () => {
    const order = letterOrder([...WORD, BIRD], { moved: letter('a'), above: bird }, zone(OWN.a, new Set([BIRD])));
    expect(movedAbove(order, OWN.a, new Set([BIRD]))).toEqual([ALL, B, C, BIRD, BELOW_A, A]);
  });

  it('leaves all as it is where no letter is concerned', () => {
    const order = [BIRD, ...WORD];
    const parts = { moved: bird, above: { itemId: 'w', part: 'whole' } };
    expect(letterOrder(order, parts, zone(new Set([BIRD]), new Set(WORD)))).toBe(order);
  });
});
