import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { LetteringRun } from '../kinds/outlines/lettering.js';
import { lettersOf, newLetterIds, withText } from './letter-ids.js';

function run(text: string): LetteringRun {
  return { text, face: 'archivo', axes: {}, size: 10, tracking: 0, letterIds: newLetterIds(text) };
}

describe('letters and their ids', () => {
  it('are counted as people count them', () => {
    expect(lettersOf('né👩‍🎨!').map(({ letter, start }) => [letter, start])).toEqual([
      ['n', 0],
      ['é', 1],
      ['👩‍🎨', 2],
      ['!', 7],
    ]);
  });

  it('survive what is inserted, deleted and replaced in the middle', () => {
    const kiln = run('KILN');
    const [k, i, l, n] = kiln.letterIds;
    expect(withText(kiln, 'KIRLN').letterIds).toEqual([k, i, expect.any(String), l, n]);
    expect(withText(kiln, 'KN').letterIds).toEqual([k, n]);
    const replaced = withText(kiln, 'KOPN').letterIds;
    expect([replaced[0], replaced[3]]).toEqual([k, n]);
    expect(replaced).not.toContain(i);
    expect(withText(kiln, 'OPEN KILN').letterIds.slice(-4)).toEqual([k, i, l, n]);
  });

  it('are always one for each letter, each different', () => {
    const text = fc.string({ unit: fc.constantFrom('a', 'b', 'é', ' ', '👩‍🎨'), maxLength: 12 });
    fc.assert(
      fc.property(text, text, (before, after) => {
        const edited = withText(run(before), after);
        expect(edited.letterIds).toHaveLength(lettersOf(after).length);
        expect(new Set(edited.letterIds).size).toBe(edited.letterIds.length);
        const same = run(before);
        expect(withText(same, before).letterIds).toEqual(same.letterIds);
      }),
    );
  });
});
