import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testShaper } from '../../testing/test-shaper.js';
import type { LetteringOutline } from '../kinds/outlines/lettering.js';
import { findFace } from './faces.js';
import { fillBox, fillWidth } from './fill-box.js';
import { scaled } from './scaled.js';
import { newLetterIds } from './letter-ids.js';
import { measureLettering } from './lettering-path.js';

const shaper = await testShaper();
const axesOf = (id: string) => findFace(id)?.axes ?? {};
const word = (text: string, face: string): LetteringOutline => ({
  type: 'lettering',
  runs: [{ text, face, axes: {}, size: 40, tracking: 0, letterIds: newLetterIds(text) }],
  align: 'centre',
  leading: 1.1,
});
const fill = (text: string, face: string, width: number, height: number) => {
  const outline = fillBox(word(text, face), width, height, axesOf, shaper);
  return { outline, run: outline.runs[0]!, ...measureLettering(outline, shaper) };
};

describe('filling a box', () => {
  it('takes all of it as far as the face can, and never leaves it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('KILN', 'Open', 'Mugs & bowls'),
        fc.constantFrom('archivo', 'anybody', 'fredoka', 'mona-sans', 'anton'),
        fc.double({ min: 100, max: 900, noNaN: true }),
        fc.double({ min: 40, max: 500, noNaN: true }),
        (text, face, width, height) => {
          const filled = fill(text, face, width, height);
          expect(filled.width).toBeLessThanOrEqual(width * 1.0001);
          expect(filled.height).toBeLessThanOrEqual(height * 1.0001);
          // One side at least is filled.
          expect(Math.max(filled.width / width, filled.height / height)).toBeCloseTo(1, 4);
          expect(filled.outline.stretch).toBeUndefined();
          for (const [tag, value] of Object.entries(filled.run.axes)) {
            const axis = axesOf(face)[tag]!;
            expect(value).toBeGreaterThanOrEqual(axis.min);
            expect(value).toBeLessThanOrEqual(axis.max);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('widens letters before it makes them smaller', () => {
    const plain = measureLettering(word('KILN', 'archivo'), shaper);
    const { width, height } = fill('KILN', 'archivo', plain.width * 1.15, plain.height);
    expect(width).toBeCloseTo(plain.width * 1.15, 0);
    expect(height).toBeCloseTo(plain.height, 0);
    const narrow = fill('KILN', 'anybody', 300, 300);
    const wide = fill('KILN', 'anybody', 900, 120);
    expect(narrow.run.axes['wdth']).toBeLessThan(wide.run.axes['wdth']!);
  });

  it('makes a word larger as a whole, its circle too', () => {
    const arc = { ...word('KILN', 'archivo'), along: { radius: 100, start: 0, inside: false } };
    const larger = scaled(arc, 2);
    expect(larger.along!.radius).toBe(200);
    expect(measureLettering(larger, shaper).width).toBeCloseTo(2 * measureLettering(arc, shaper).width, 0);
  });
});

describe('filling a width', () => {
  it('reaches it at the first time, unless the height is used up; the second time changes nothing', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('OK', 'KILN', 'A line of text', 'Mugs\n& bowls'),
        fc.constantFrom('archivo', 'anybody', 'fredoka', 'anton'),
        fc.double({ min: 300, max: 900, noNaN: true }),
        fc.double({ min: 300, max: 900, noNaN: true }),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        (text, face, width, height, factor) => {
          const once = fillWidth(scaled(word(text, face), factor), width, height, axesOf, shaper);
          const size = measureLettering(once, shaper);
          expect(Math.max(size.width / width, size.height / height)).toBeCloseTo(1, 6);
          expect(Math.min(width - size.width, height - size.height)).toBeGreaterThan(-1e-6);
          const twice = measureLettering(fillWidth(once, width, height, axesOf, shaper), shaper);
          expect(twice.width).toBeCloseTo(size.width, 4);
          expect(twice.height).toBeCloseTo(size.height, 4);
        },
      ),
      { numRuns: 60 },
    );
  });
});
