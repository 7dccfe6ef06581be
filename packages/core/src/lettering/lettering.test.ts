import { describe, expect, it } from 'vitest';
import { changeLettering, newLettering } from '../document/new-opening.js';
import type { LetteringOutline, LetteringRun } from '../kinds/outlines/lettering.js';
import { polygonBounds } from '../geometry/polygon.js';
import { flatten } from '../geometry/path.js';
import { testShaper } from '../../testing/test-shaper.js';
import { isFaceMissing, letterPath, letteringPath, letteringText, measureLettering, missingLetters } from './lettering-path.js';
import { layOut, letterPlaces } from './layout.js';
import { fallbackFacesFor } from './faces.js';
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
    const shaped = shaper.shapeLine([run('KILN', { face: 'alfa-slab-one', axes: {} })]);
    expect(shaped.letters.map(({ start }) => start)).toEqual([0, 1, 2, 3]);
    const bounds = polygonBounds(shaped.letters.flatMap(({ path }) => flatten(path, 0.05)));
    // Capitals stand on the line: nothing reaches below it by more than the overshoot of round letters.
    expect(bounds.y + bounds.height).toBeLessThan(2);
    expect(bounds.height).toBeGreaterThan(60);
    expect(shaped.missing).toEqual([]);
  });

  it('scales with the size', () => {
    const [small, large] = [10, 200].map((size) => shaper.shapeLine([run('Kiln', { size })]).advance);
    expect(large! / small!).toBeCloseTo(20, 6);
  });

  it('kerns', () => {
    const advance = (text: string) => shaper.shapeLine([run(text)]).advance;
    expect(advance('AV')).toBeLessThan(advance('A') + advance('V') - 1);
  });

  it('follows the width and weight axes', () => {
    const advance = (axes: Record<string, number>) => shaper.shapeLine([run('Pottery', { axes })]).advance;
    expect(advance({ wght: 500, wdth: 62 })).toBeLessThan(advance({ wght: 500, wdth: 100 }));
    expect(advance({ wght: 500, wdth: 125 })).toBeGreaterThan(advance({ wght: 500, wdth: 100 }));
    expect(advance({ wght: 900, wdth: 100 })).not.toBeCloseTo(advance({ wght: 100, wdth: 100 }), 0);
  });

  it('tracks between letters only', () => {
    const advance = (tracking: number, text: string) => shaper.shapeLine([run(text, { tracking })]).advance;
    expect(advance(100, 'ABC') - advance(0, 'ABC')).toBeCloseTo(20, 6);
    expect(advance(100, 'A')).toBeCloseTo(advance(0, 'A'), 6);
  });

  it('joins the files of a face, and says which letters none of them has', () => {
    const shaped = shaper.shapeLine([run('Łódź — kiln 窯')]);
    expect(shaped.missing.join('')).toBe('窯');
    expect(shaped.letters.at(-1)!.start).toBe(12);
  });

  it('stands in for a face that is not there', () => {
    expect(shaper.hasFace('nobody')).toBe(false);
    expect(shaper.shapeLine([run('a', { face: 'nobody' })]).advance).toBe(shaper.shapeLine([run('a')]).advance);
    expect(() => new Shaper({ DrawFuncs: class {} } as never, [])).toThrow(/fallback/);
  });
});

describe('the outline of a lettering', () => {
  it('joins its runs on one line whose highest run decides', () => {
    const outline = line(run('Open ', { size: 40 }), run('KILN', { size: 90 }));
    const size = measureLettering(outline, shaper);
    const parts = outline.runs.map((part) => shaper.shapeLine([part]));
    expect(size.width).toBeCloseTo(parts[0]!.advance + parts[1]!.advance);
    expect(size.height).toBeCloseTo(parts[1]!.ascent + parts[1]!.descent);
    expect(letteringText(outline)).toBe('Open KILN');
  });

  it('is aligned in its box', () => {
    const left = (align: LetteringOutline['align']) =>
      polygonBounds(flatten(letteringPath({ ...line(run('Ill')), align }, 600, 1, shaper))).x;
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

describe('scripts', () => {
  const placesOf = (text: string, change: Partial<LetteringRun> = {}) => letterPlaces(layOut(line(run(text, change)), shaper));

  it('are set by faces that help out, in the weight of the chosen one', () => {
    for (const text of ['Γλυπτική', 'Гончарня', 'مرحبا', 'שלום', 'मिट्टी']) {
      expect(missingLetters(line(run(text, { face: 'anton', axes: {} })), shaper)).toEqual([]);
      expect(fallbackFacesFor(text).length).toBeGreaterThan(0);
    }
    expect(fallbackFacesFor('Łódź, café & naïve')).toEqual([]);
    const thin = shaper.shapeLine([run('шоу', { face: 'archivo', axes: { wght: 100, wdth: 100 } })]).advance;
    const heavy = shaper.shapeLine([run('шоу', { face: 'anton', axes: {} })]).advance;
    expect(heavy).toBeGreaterThan(thin);
  });

  it('run from right to left where they do, numbers in them from left to right', () => {
    const hebrew = placesOf('שלום');
    expect(hebrew.map(({ start }) => start)).toEqual([0, 1, 2, 3]);
    for (const [index, place] of hebrew.entries()) {
      expect(place.to).toBeLessThan(place.from);
      if (index > 0) expect(place.from).toBeCloseTo(hebrew[index - 1]!.to, 6);
    }
    // "kiln" first, then the Hebrew word with its first letter at the right, then the number to its left.
    const mixed = placesOf('kiln שלום 24');
    const at = (letter: number) => Math.min(mixed[letter]!.from, mixed[letter]!.to);
    expect(at(5)).toBeGreaterThan(at(8));
    expect(at(0)).toBeLessThan(at(8));
    expect(at(10)).toBeLessThan(at(8));
    expect(at(11)).toBeGreaterThan(at(10));
  });

  it('join: Arabic letters are narrower together than apart, and are never tracked', () => {
    const advance = (text: string, tracking = 0) => shaper.shapeLine([run(text, { tracking })]).advance;
    const apart = Array.from('مرحبا').reduce((sum, letter) => sum + advance(letter), 0);
    expect(advance('مرحبا')).toBeLessThan(apart);
    expect(advance('مرحبا', 300)).toBeCloseTo(advance('مرحبا'), 6);
    expect(advance('Kiln', 300)).toBeGreaterThan(advance('Kiln') + 80);
  });

  it('combine: a vowel sign or an accent is one letter with its base', () => {
    expect(placesOf('मिट्टी').map(({ start, end }) => [start, end])).toEqual([
      [0, 2],
      [2, 6],
    ]);
    // An e and an accent apart from it are as wide as the letter that has both.
    const advance = (text: string, tracking: number) => shaper.shapeLine([run(text, { tracking })]).advance;
    expect(advance('e\u0301e', 100)).toBeCloseTo(advance('ée', 100), 1);
  });
});

describe('several lines', () => {
  it('lie one leading apart, each aligned', () => {
    const outline: LetteringOutline = { ...line(run('Open\nkiln day')), align: 'right', leading: 1.5 };
    const layout = layOut(outline, shaper);
    const [first, second] = layout.lines;
    expect(second!.letters[0]!.toBox.f - first!.letters[0]!.toBox.f).toBeCloseTo(150);
    expect(first!.letters[0]!.toBox.e).toBeGreaterThan(0);
    expect(second!.letters[0]!.toBox.e).toBeCloseTo(0);
    expect(layout.height).toBeCloseTo(150 + first!.shaped.ascent + second!.shaped.descent);
    expect(layout.width).toBeCloseTo(second!.shaped.advance);
  });

  it('may be empty, and may hold runs of two sizes', () => {
    const layout = layOut(line(run('A\n\nB', { size: 40 }), run('C\nd', { size: 80 })), shaper);
    expect(layout.lines.map(({ text }) => text)).toEqual(['A', '', 'BC', 'd']);
    expect(layout.lines.map(({ start }) => start)).toEqual([0, 2, 3, 6]);
    expect(letterPlaces(layout).map(({ start, line: at }) => [start, at])).toEqual([
      [0, 0],
      [3, 2],
      [4, 2],
      [6, 3],
    ]);
  });

  it('name each letter by its id', () => {
    const outline = line(run('ab\ncb'));
    const [, , , , last] = outline.runs[0]!.letterIds;
    const path = letterPath(outline, 300, shaper, last!);
    const bounds = polygonBounds(flatten(path));
    expect(bounds.y).toBeGreaterThan(100);
    expect(letterPath(outline, 300, shaper, 'nobody').commands).toEqual([]);
  });
});

describe('case', () => {
  it('changes what is shown, not what is typed, even where one letter becomes two', () => {
    const outline = line(run('straße', { letterCase: 'upper' }));
    const layout = layOut(outline, shaper);
    expect(letteringText(outline)).toBe('straße');
    expect(layout.width).toBeCloseTo(measureLettering(line(run('STRASSE')), shaper).width, 3);
    expect(letterPlaces(layout).at(-1)).toMatchObject({ start: 5, end: 6 });
    expect(layOut(line(run('OPEN', { letterCase: 'lower' })), shaper).width).toBeCloseTo(
      layOut(line(run('open')), shaper).width,
      6,
    );
  });
});

describe('along a circle', () => {
  const along = (
    change: Partial<NonNullable<LetteringOutline['along']>>,
    align: LetteringOutline['align'] = 'centre',
  ): LetteringOutline => ({
    ...line(run('IIIIIIII', { size: 40 })),
    align,
    along: { radius: 200, start: 0, inside: false, ...change },
  });
  /** Distances of the outline from the middle of the circle: least and most. */
  const reach = (outline: LetteringOutline): [number, number] => {
    const { centre, width, height } = layOut(outline, shaper);
    const points = flatten(letteringPath(outline, width, height, shaper), 0.05).flatMap((polygon) =>
      Array.from({ length: polygon.length / 2 }, (_, i) =>
        Math.hypot(polygon[2 * i]! - centre!.x, polygon[2 * i + 1]! - centre!.y),
      ),
    );
    return [Math.min(...points), Math.max(...points)];
  };

  it('letters stand on it, hang in it, and read either way round', () => {
    const capital = 40 * 0.7;
    const [out, inside] = [reach(along({})), reach(along({ inside: true }))];
    expect(out[0]).toBeCloseTo(200, -0.5);
    expect(out[1]).toBeGreaterThan(200 + capital * 0.9);
    expect(inside[1]).toBeLessThan(200);
    const turned = reach(along({ start: 180, reverse: true, inside: true }));
    expect(turned[1]).toBeGreaterThan(199);
    expect(turned[0]).toBeLessThan(200 - capital * 0.9);
    expect(reach(along({ start: 180, reverse: true }))[0]).toBeGreaterThan(200);
  });

  it('is centred on its start, or begins or ends there', () => {
    for (const start of [0, 90, 200]) {
      const angles = (align: LetteringOutline['align']) => {
        const layout = layOut(along({ start }, align), shaper);
        return layout.lines[0]!.letters.map(({ toBox, x, advance }) => {
          const [px, py] = [toBox.a * (x + advance / 2) + toBox.e, toBox.b * (x + advance / 2) + toBox.f];
          const degrees = (Math.atan2(px - layout.centre!.x, layout.centre!.y - py) * 180) / Math.PI;
          return ((degrees - start + 540) % 360) - 180;
        });
      };
      const middle = angles('centre');
      expect(middle[0]! + middle.at(-1)!).toBeCloseTo(0, 3);
      expect(Math.min(...angles('left'))).toBeGreaterThan(0);
      expect(Math.max(...angles('right'))).toBeLessThan(0);
    }
  });

  it('stays round the same middle when its text changes', () => {
    const outline = along({});
    const { width, height, centre } = layOut(outline, shaper);
    const opening = {
      ...newLettering({ text: 'x', face: 'archivo', axes: {}, size: 9 }, { x: 0, y: 0 }, { type: 'none' }, shaper),
      outline,
    };
    const before = { ...opening, box: { x: 50, y: 60, width, height, turn: 0 } };
    const longer = { ...outline, runs: [withText(outline.runs[0]!, 'Wrenfold Pottery')] };
    const { box } = changeLettering(before, longer, shaper);
    const now = layOut(longer, shaper).centre!;
    expect(box!.x + now.x).toBeCloseTo(50 + centre!.x, 6);
    expect(box!.y + now.y).toBeCloseTo(60 + centre!.y, 6);
  });
});

describe('a face that is missing', () => {
  it('keeps the outline of the last good state, until the text is changed', async () => {
    const more = (await testShaper()).with([]);
    more.addFace({
      id: 'face_own',
      files: [
        await (
          await import('node:fs/promises')
        ).readFile(new URL('../../../../build/faces/shrikhand-latin.ttf', import.meta.url)),
      ],
    });
    const opening = newLettering({ text: 'Mug', face: 'face_own', axes: {}, size: 50 }, { x: 0, y: 0 }, { type: 'none' }, more);
    const { outline, box } = changeLettering(opening, opening.outline as LetteringOutline, more) as {
      outline: LetteringOutline;
      box: { width: number; height: number };
    };
    expect(outline.kept).toMatch(/^M/);
    expect(isFaceMissing(outline, shaper)).toBe(true);
    const [good, kept] = [more, shaper].map((one) => polygonBounds(flatten(letteringPath(outline, box.width, box.height, one))));
    expect(kept!.x).toBeCloseTo(good!.x, 2);
    expect(kept!.width).toBeCloseTo(good!.width, 1);
    const edited = changeLettering({ ...opening, outline }, { ...outline, runs: [withText(outline.runs[0]!, 'Mugs')] }, shaper);
    expect((edited.outline as LetteringOutline).kept).toBeUndefined();
    expect(changeLettering(opening, line(run('Mug')), shaper).outline).not.toHaveProperty('kept');
  });

  it('really stretches only where that was asked for', () => {
    const plain = line(run('Mug'));
    const size = measureLettering(plain, shaper);
    const wide = measureLettering({ ...plain, stretch: { x: 2, y: 0.5 } }, shaper);
    expect(wide.width).toBeCloseTo(2 * size.width);
    expect(wide.height).toBeCloseTo(size.height / 2);
  });
});
