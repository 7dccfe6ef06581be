import {
  crossingKey,
  newProject,
  newShapedOpening,
  type Crossing,
  type LetteringOutline,
  type Opening,
  type Sheet,
} from '@kadrosyn/core';
import type { CrossingSurvey } from '@kadrosyn/render';
import { describe, expect, it } from 'vitest';
import { letterOf, namedRegions } from './breakout-words';

const shape = (id: string): Opening => ({ ...newShapedOpening(id, { type: 'ellipse' }, { x: 0, y: 0 }, 10, 10), id });
const outline: LetteringOutline = {
  type: 'lettering',
  runs: [
    { text: 'KI', face: 'archivo', axes: {}, size: 10, tracking: 0, letterIds: ['k', 'i'] },
    { text: 'LN', face: 'archivo', axes: {}, size: 10, tracking: 0, letterIds: ['l', 'n'] },
  ],
  align: 'left',
  leading: 1,
};
const word: Opening = { ...shape('word'), name: 'Title', outline };
const made = newProject('Test', { width: 100, height: 100, unit: 'px' }).sheets[0]!;
const sheet: Sheet = { ...made, items: [{ ...shape('heron'), name: 'Heron' }, word] };

function survey(crossing: Partial<Crossing>, ...places: readonly (readonly [number, number, boolean])[]): CrossingSurvey {
  return {
    crossing: {
      lower: { itemId: 'heron', part: 'subject' },
      upper: { itemId: 'word', part: 'l' },
      over: false,
      regions: [],
      cuts: [],
      ...crossing,
    },
    regions: places.map(([x, y, over], label) => ({ label, at: { x, y }, area: 1, over })),
  } as unknown as CrossingSurvey;
}

describe('how crossings are called', () => {
  it('by the letter, from the view of what is selected', () => {
    const [seen] = namedRegions(sheet, 'heron', [survey({}, [1, 1, true])]);
    expect(seen).toMatchObject({
      short: 'L',
      long: 'KILN, letter L',
      row: 'Letter L',
      pair: 'KILN, letter L',
      own: null,
      isOver: true,
    });
    const [other] = namedRegions(sheet, 'word', [survey({}, [1, 1, true])]);
    expect(other).toMatchObject({ short: 'Heron', long: 'Heron', own: 'L', isOver: false });
    expect(letterOf(word, 'n')).toBe('N');
    expect(letterOf(word, 'gone')).toBeNull();
    expect(letterOf(shape('plain'), 'l')).toBeNull();
  });

  it('and by their places where there are several', () => {
    const longs = (...places: Parameters<typeof survey>[1][]) =>
      namedRegions(sheet, 'heron', [survey({}, ...places)]).map(({ long }) => long);
    expect(longs([5, 0, true], [6, 50, true])).toEqual(['KILN, letter L, upper place', 'KILN, letter L, lower place']);
    expect(longs([50, 4, true], [6, 5, true])).toEqual(['KILN, letter L, right place', 'KILN, letter L, left place']);
    expect(longs([0, 0, true], [1, 1, true], [2, 2, true])[2]).toBe('KILN, letter L, place 3');
    const keys = namedRegions(sheet, 'heron', [survey({}, [0, 0, true], [9, 9, false])]).map(({ key }) => key);
    expect(new Set(keys).size).toBe(2);
    expect(keys[0]).toContain(crossingKey(survey({}).crossing));
  });

  it('are left out when the other item is gone', () => {
    expect(namedRegions({ ...sheet, items: [word] }, 'word', [survey({}, [0, 0, true])])).toEqual([]);
  });
});
