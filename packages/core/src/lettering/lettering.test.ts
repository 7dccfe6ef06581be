import { describe, expect, it } from 'vitest';
import { changeLettering, newLettering } from '../document/new-opening.js';
import type { LetteringOutline, LetteringRun } from '../document/outline.js';
import { polygonBounds } from '../geometry/polygon.js';
import { flatten } from '../geometry/path.js';
import { testShaper } from '../../testing/test-shaper.js';
import { letteringPath, letteringText, measureLettering } from './lettering-path.js';
import { newLetterIds, withText } from './letter-ids.js';
import { Shaper } from './shaper.js';

const shaper = await testShaper();

function run(text: string, change: Partial<LetteringRun> = {}): LetteringRun {
  return {
    text,
    face: 'archivo',
    axes: { wght: 500, wdth: 100 },
    size: 100,
    tracking: 0,
    letterIds: newLetterIds(text),
    ...change,
  };
}

function line(...runs: LetteringRun[]): LetteringOutline {
  return { type: 'lettering', runs, align: 'left', leading: 1.2 };
}

describe('shaping', () => {
  it('sets letters from left to right on the baseline', () => {
    const shaped = shaper.shapeLine(run('KILN', { face: 'alfa-slab-one', axes: {} }));
    expect(shaped.letters.map(({ start }) => start)).toEqual([0, 1, 2, 3]);
    const bounds = polygonBounds(flatten(shaped.path, 0.05));
    // Capitals stand on the line: nothing reaches below it by more than the overshoot of round letters.
    expect(bounds.y + bounds.height).toBeLessThan(2);
    expect(bounds.height).toBeGreaterThan(60);
    expect(shaped.missing).toEqual([]);
  });

  it('scales with the size', () => {
    const [small, large] = [10, 200].map((size) => shaper.shapeLine(run('Kiln', { size })).advance);
    expect(large! / small!).toBeCloseTo(20, 6);
  });

  it('kerns', () => {
    const advance = (text: string) => shaper.shapeLine(run(text)).advance;
    expect(advance('AV')).toBeLessThan(advance('A') + advance('V') - 1);
  });

  it('follows the width and weight axes', () => {
    const advance = (axes: Record<string, number>) => shaper.shapeLine(run('Pottery', { axes })).advance;
    expect(advance({ wght: 500, wdth: 62 })).toBeLessThan(advance({ wght: 500, wdth: 100 }));
    expect(advance({ wght: 500, wdth: 125 })).toBeGreaterThan(advance({ wght: 500, wdth: 100 }));
    expect(advance({ wght: 900, wdth: 100 })).not.toBeCloseTo(advance({ wght: 100, wdth: 100 }), 0);
  });

  it('tracks between letters only', () => {
    const advance = (tracking: number, text: string) => shaper.shapeLine(run(text, { tracking })).advance;
    expect(advance(100, 'ABC') - advance(0, 'ABC')).toBeCloseTo(20, 6);
    expect(advance(100, 'A')).toBeCloseTo(advance(0, 'A'), 6);
  });

  it('joins the files of a face, and says which letters none of them has', () => {
    const shaped = shaper.shapeLine(run('Łódź — kiln 窯'));
    expect(shaped.missing.join('')).toBe('窯');
    expect(shaped.letters.at(-1)!.start).toBe(12);
  });

  it('stands in for a face that is not there', () => {
    expect(shaper.hasFace('nobody')).toBe(false);
    expect(shaper.shapeLine(run('a', { face: 'nobody' })).advance).toBe(shaper.shapeLine(run('a')).advance);
    expect(() => new Shaper({ DrawFuncs: class {} } as never, [])).toThrow(/fallback/);
  });
});

describe('the outline of a lettering', () => {
  it('joins its runs on one line whose highest run decides', () => {
    const outline = line(run('Open ', { size: 40 }), run('KILN', { size: 90 }));
    const size = measureLettering(outline, shaper);
    const parts = outline.runs.map((part) => shaper.shapeLine(part));
    expect(size.width).toBeCloseTo(parts[0]!.advance + parts[1]!.advance);
    expect(size.height).toBeCloseTo(parts[1]!.ascent + parts[1]!.descent);
    expect(letteringText(outline)).toBe('Open KILN');
  });

  it('is aligned in its box', () => {
    const left = (align: LetteringOutline['align']) =>
      polygonBounds(flatten(letteringPath({ ...line(run('Ill')), align }, 600, shaper))).x;
    const spare = 600 - measureLettering(line(run('Ill')), shaper).width;
    expect(left('centre') - left('left')).toBeCloseTo(spare / 2, 3);
    expect(left('right') - left('left')).toBeCloseTo(spare, 3);
  });

  it('keeps the edge it is aligned to when its text changes', () => {
    const opening = newLettering(
      { text: 'Kiln', face: 'archivo', axes: {}, size: 50 },
      { x: 100, y: 100 },
      { type: 'none' },
      shaper,
    );
    const outline = opening.outline as LetteringOutline;
    const longer = { ...outline, runs: [withText(outline.runs[0]!, 'Open kiln day')] };
    const centred = changeLettering(opening, longer, shaper).box!;
    expect(centred.x + centred.width / 2).toBeCloseTo(100);
    const right = changeLettering(opening, { ...longer, align: 'right' }, shaper).box!;
    expect(right.x + right.width).toBeCloseTo(opening.box.x + opening.box.width);
  });

  it('has a box even without a letter', () => {
    const size = measureLettering(line(run('')), shaper);
    expect(size.width).toBe(1);
    expect(size.height).toBeGreaterThan(50);
  });
});
