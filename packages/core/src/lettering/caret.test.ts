import { describe, expect, it } from 'vitest';
import { testShaper } from '../../testing/test-shaper.js';
import type { LetteringOutline } from '../kinds/outlines/lettering.js';
import { caretAt, lineOf, offsetAt, offsetInNextLine, selectionQuads } from './caret.js';
import { caretStops } from './edit-text.js';
import { layOut } from './layout.js';
import { newLetterIds } from './letter-ids.js';

const shaper = await testShaper();
const lettering = (text: string, change: Partial<LetteringOutline> = {}): LetteringOutline => ({
  type: 'lettering',
  runs: [{ text, face: 'archivo', axes: { wght: 500 }, size: 50, tracking: 0, letterIds: newLetterIds(text) }],
  align: 'left',
  leading: 1.3,
  ...change,
});
// Of one direction each: where the direction changes, two places of the text share one on the line.
const TEXTS = ['Open kiln day', 'two\nlines', 'a\n\nb\n', 'שלום', 'मिट्टी', 'office', ''];

describe('the caret', () => {
  it.each(TEXTS)('comes back to where it stands: %j', (text) => {
    for (const along of [undefined, { radius: 300, start: 20, inside: false }]) {
      const layout = layOut(lettering(text, along ? { along } : {}), shaper);
      for (const offset of caretStops(text)) {
        const { foot, head } = caretAt(layout, offset);
        const found = offsetAt(layout, { x: (foot.x + head.x) / 2, y: (foot.y + head.y) / 2 });
        const again = caretAt(layout, found);
        expect(Math.hypot(again.foot.x - foot.x, again.foot.y - foot.y)).toBeLessThan(1e-6);
        expect(Math.hypot(foot.x - head.x, foot.y - head.y)).toBeGreaterThan(40);
      }
    }
  });

  it('divides a ligature, and runs leftwards in Hebrew', () => {
    const office = layOut(lettering('office'), shaper);
    const xs = caretStops('office').map((offset) => caretAt(office, offset).foot.x);
    xs.forEach((x, i) => i > 0 && expect(x).toBeGreaterThan(xs[i - 1]! + 5));
    const hebrew = layOut(lettering('שלום'), shaper);
    const [first, last] = [0, 4].map((offset) => caretAt(hebrew, offset).foot.x);
    expect(first).toBeGreaterThan(last! + 50);
  });

  it('goes up and down to the letter above and below', () => {
    const layout = layOut(lettering('aaaa\naaaa\naa'), shaper);
    expect(offsetInNextLine(layout, 2, 1)).toBe(7);
    expect(offsetInNextLine(layout, 7, -1)).toBe(2);
    expect(offsetInNextLine(layout, 9, 1)).toBe(12);
    expect(offsetInNextLine(layout, 2, -1)).toBe(0);
    expect(offsetInNextLine(layout, 11, 1)).toBe(12);
    expect(lineOf(layout, 7)).toEqual({ start: 5, end: 9 });
  });

  it('marks the letters between two places', () => {
    const layout = layOut(lettering('ab\ncd'), shaper);
    expect(selectionQuads(layout, 1, 4)).toHaveLength(2);
    const [b] = selectionQuads(layout, 1, 2);
    expect(b![1].x - b![0].x).toBeCloseTo(layout.lines[0]!.letters[1]!.advance, 6);
    expect(selectionQuads(layout, 2, 2)).toEqual([]);
  });
});
