import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { LetteringOutline, LetteringRun } from '../kinds/outlines/lettering.js';
import { lettersOf, newLetterIds } from './letter-ids.js';
import { letteringText } from './lettering-path.js';
import { caretStops, replaceText, withWholeText } from './edit-text.js';

function run(text: string, size = 10): LetteringRun {
  return { text, face: 'archivo', axes: {}, size, tracking: 0, letterIds: newLetterIds(text) };
}
const lettering = (...runs: LetteringRun[]): LetteringOutline => ({ type: 'lettering', runs, align: 'left', leading: 1.2 });
const words = fc.string({ unit: fc.constantFrom('a', 'b', '\n', 'é', '👩‍🎨'), maxLength: 6 });
const outlines = fc
  .array(words, { minLength: 1, maxLength: 4 })
  .map((texts) => lettering(...texts.map((text, i) => run(text, 10 + i))));

describe('editing text', () => {
  it('replaces exactly the stretch, whatever runs it lies in', () => {
    fc.assert(
      fc.property(outlines, fc.nat(), fc.nat(), words, (outline, a, b, typed) => {
        const text = letteringText(outline);
        const stops = caretStops(text);
        const [i, j] = [a % stops.length, b % stops.length];
        const [from, to] = [stops[Math.min(i, j)]!, stops[Math.max(i, j)]!];
        const edited = replaceText(outline, from, to, typed);
        expect(letteringText(edited)).toBe(text.slice(0, from) + typed + text.slice(to));
        for (const one of edited.runs) expect(one.letterIds).toHaveLength(lettersOf(one.text).length);
        expect(edited.runs.length).toBeGreaterThan(0);
      }),
    );
  });

  it('types in the style of the letter before, and keeps the ids of letters that stay', () => {
    const outline = lettering(run('OP', 10), run('EN', 20));
    const [o, p] = outline.runs[0]!.letterIds;
    const edited = replaceText(outline, 2, 2, 'x');
    expect(edited.runs.map(({ text, size }) => [text, size])).toEqual([
      ['OPx', 10],
      ['EN', 20],
    ]);
    expect(edited.runs[0]!.letterIds.slice(0, 2)).toEqual([o, p]);
    expect(replaceText(outline, 0, 2, '').runs.map(({ text }) => text)).toEqual(['EN']);
    const empty = replaceText(outline, 0, 4, '');
    expect(empty.runs).toMatchObject([{ text: '', size: 10 }]);
  });

  it('finds what was typed when only the whole text is known', () => {
    const outline = lettering(run('OP', 10), run('EN', 20));
    expect(withWholeText(outline, 'OPENED').runs.map(({ text }) => text)).toEqual(['OP', 'ENED']);
    expect(withWholeText(outline, 'OEN').runs.map(({ text }) => text)).toEqual(['O', 'EN']);
    expect(withWholeText(outline, 'OPEN')).toEqual(outline);
  });
});
