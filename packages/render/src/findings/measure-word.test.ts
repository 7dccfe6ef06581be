import { describe, expect, it } from 'vitest';
import {
  applyEdit,
  findOpening,
  remediesFor,
  SHIPPED_FACES,
  type LetteringOutline,
  type Opening,
  type Project,
  type ResolvedSheet,
} from '@kadrosyn/core';
import { project as sheetOf, shape, withPicture, word, RECTANGLE } from '../../fixtures/kit.js';
import { sampleResources, shaper } from '../../testing/pictures.js';
import { measureWord } from './measure-word.js';
import { predictRemedies, worthwhile, type PredictedRemedy } from './predict-remedies.js';
import { resolved } from '../../testing/resolved.js';

const axesOf = (face: string) => SHIPPED_FACES.find(({ id }) => id === face)?.axes ?? {};
const SEEN = 1;

const backdrop = withPicture(shape('lake', RECTANGLE, 0, 0, 600, 600, null), 'lake-dusk', {
  at: [400, 225],
  on: [300, 300],
  scale: 1.4,
});
/** A word in the colour of what lies behind it, and one filled with the same photo as the background. */
const covered = word('covered', 'Kiln', 150, 120, 200, '#b3a3a8', shaper);
const filled = withPicture(word('filled', 'GLAZE', 120, 60, 220, '#000000', shaper), 'lake-dusk', {
  at: [400, 225],
  on: [300, 300],
  scale: 1.3,
});
const run = (covered.outline as LetteringOutline).runs[0]!;
const thinRun = { ...run, face: 'archivo', axes: { wght: 200 }, size: 34 };
const variable: Opening = { ...covered, outline: { ...(covered.outline as LetteringOutline), runs: [thinRun] } };

function measured(of: Project, id: string, resources = sampleResources) {
  const sheet = of.sheets[0]!;
  return measureWord(resolved(sheet), findOpening(sheet, id)!, SEEN, resources)!;
}

async function predicted(of: Project, id: string): Promise<PredictedRemedy[]> {
  const sheet = of.sheets[0]!;
  const opening = findOpening(sheet, id)!;
  const palette = ['#2c2a3a', '#e8c9a0', '#8d7f92'];
  const context = {
    sheet,
    sheets: of.sheets,
    photos: of.photos,
    shaper,
    word: opening,
    measured: measured(of, id),
    palette,
    axesOf,
    seenPx: 1 / SEEN,
  };
  const measure = (after: ResolvedSheet) => Promise.resolve(measureWord(after, findOpening(after, id)!, SEEN, sampleResources));
  const all: PredictedRemedy[] = [];
  for await (const remedy of predictRemedies(of, sheet.id, remediesFor(context), measure)) all.push(remedy);
  return all;
}

describe('a word as it is looked at', () => {
  it('is read where it stands out, and not where it does not', () => {
    const [dark, alike] = ['#101010', '#d8c8a8'].map((colour) =>
      measured(sheetOf([word('w', 'Kiln', 120, 100, 200, colour, shaper)]), 'w'),
    );
    expect(dark!.seen).toBe(1);
    expect(alike!.seen).toBe(0);
    expect(dark!.letters.map(({ id }) => id)).toEqual(['w-0', 'w-1', 'w-2', 'w-3']);
  });

  it('is measured as it is shown: with its finish, and in the mood of the sheet', () => {
    const grey = word('w', 'Kiln', 120, 100, 200, '#d0c8b8', shaper);
    const plain = measured(sheetOf([grey]), 'w').seen;
    const outlined = { ...grey, finish: { outline: { align: 'outside', width: 6, paint: '#101010' } } } as const;
    expect(plain).toBe(0);
    expect(measured(sheetOf([outlined]), 'w').seen).toBeGreaterThan(0.9);
    const dark = sheetOf([{ ...grey, fill: { type: 'colour', colour: '#907f60' } }]);
    const before = measured(dark, 'w').ratio;
    const moody = sheetOf([{ ...grey, fill: { type: 'colour', colour: '#907f60' } }], { mood: { tone: { contrast: 0.8 } } });
    expect(measured(moody, 'w').ratio).toBeGreaterThan(before * 1.2);
  });

  it('is harder to read from far away', () => {
    const thin = { ...word('w', 'Tarn Hollow', 26, 100, 200, '#3c3c3c', shaper) };
    const sheet = sheetOf([thin]).sheets[0]!;
    const [near, far] = [1, 0.12].map((scale) => measureWord(resolved(sheet), thin, scale, sampleResources)!.seen);
    expect(near).toBeGreaterThan(0.95);
    expect(far!).toBeLessThan(near! - 0.15);
  });
});

describe('remedies', () => {
  const cases: [string, Project, string][] = [
    ['a word over a photo', sheetOf([backdrop, covered]), 'covered'],
    ['a word filled with the photo behind it', sheetOf([backdrop, filled]), 'filled'],
    ['a thin word over a photo', sheetOf([backdrop, { ...variable, id: 'covered' }]), 'covered'],
  ];

  it.each(cases)('for %s bring what was predicted, within a tenth', async (_name, of, id) => {
    const before = measured(of, id).seen;
    const all = await predicted(of, id);
    expect(all.length).toBeGreaterThan(2);
    for (const remedy of all) {
      const brought = measured(applyEdit(of, remedy.edit), id).seen;
      expect(Math.abs(remedy.seen - brought), remedy.name).toBeLessThanOrEqual(Math.max(0.02, 0.1 * Math.abs(brought - before)));
    }
  });

  it('that bring nothing are not offered, and of each kind the best', async () => {
    const of = sheetOf([backdrop, filled]);
    const before = measured(of, 'filled').seen;
    const offered = worthwhile(await predicted(of, 'filled'), before);
    expect(before).toBeLessThan(0.6);
    expect(offered[0]!.seen).toBeGreaterThan(0.9);
    expect(new Set(offered.map(({ id }) => id)).size).toBe(offered.length);
    for (const { seen } of offered) expect(seen).toBeGreaterThan(before);
    const fine = sheetOf([word('w', 'Kiln', 120, 100, 200, '#101010', shaper)]);
    expect(worthwhile(await predicted(fine, 'w'), 1)).toEqual([]);
  });
});
