import { describe, expect, it } from 'vitest';
import {
  breakoutFindings,
  changeCrossing,
  crossingPairs,
  KEPT_IN,
  letAll,
  letPiece,
  letRegion,
  withText,
  type Crossing,
  type Item,
  type LetteringOutline,
  type Opening,
  type Overhangs,
  type PhotoFill,
  type Placement,
  type Sheet,
} from '@kadrosyn/core';
import { crossing, RECTANGLE, shape, subject, withPicture, word } from '../../fixtures/kit.js';
import { largestDifference } from '../../testing/node-scene.js';
import { drawingOfSheet, sampleResources, shaper, squareSheet } from '../../testing/pictures.js';
import { renderSheet } from '../node/index.js';
import { surveyCrossing, surveyOverhang, type OverhangSurvey } from './survey.js';
import { subjectPlan } from '../subject/subject-plan.js';
import { resolved } from '../../testing/resolved.js';

const SIZE = 600;
const ALL = letAll(KEPT_IN, true);
/** All but the feet, which would run off the sheet. */
const HEAD: Overhangs = { ...ALL, sides: { ...ALL.sides, bottom: false } };

/** The heron in an arch: its head leaves at the top. */
function heron(overhangs: Overhangs, change: Partial<Opening> = {}, place: Partial<Placement> = {}): Opening {
  const arch = shape('arch', { type: 'arch' }, 170, 250, 260, 320, null, { overhangs, ...change });
  const placed = withPicture(arch, 'heron-shore', { at: [295, 400], on: [300, 390], scale: 1 });
  const fill = placed.fill as PhotoFill;
  return { ...placed, fill: { ...fill, placement: { ...(fill.placement as Placement), ...place } } };
}

function overhangOf(opening: Opening): OverhangSurvey {
  return surveyOverhang(resolved(squareSheet(SIZE, [opening])), opening, sampleResources)!;
}

const SQUARE = { width: SIZE, height: SIZE };
const nameOf = () => 'another item';
/** The length that a finding names, px of the sheet. */
const lengthIn = (finding: { readonly words: string } | undefined): number => Number(/(\d+) px/.exec(finding!.words)![1]);
const findingsOf = (overhang: OverhangSurvey) => breakoutFindings({ sheet: SQUARE, overhang, crossings: [], nameOf });
const crossingFindings = (crossings: Parameters<typeof breakoutFindings>[0]['crossings']) =>
  breakoutFindings({ sheet: SQUARE, overhang: null, crossings, nameOf });

describe('what is found of an overhang', () => {
  it('are its pieces from the top down, each with a place that lies on it', () => {
    const { pieces, toSheet, plan, edgeCovered } = overhangOf(heron(ALL));
    expect(pieces.length).toBeGreaterThanOrEqual(1);
    expect(pieces.every(({ out }) => out)).toBe(true);
    expect(pieces.map(({ at }) => at.y)).toEqual(pieces.map(({ at }) => at.y).sort((a, b) => a - b));
    const { parts } = plan.overhang;
    for (const { at, label } of pieces) {
      const { a, d, e, f } = plan.toPlane;
      expect(parts.labels[Math.floor(at.y * d + f) * parts.width + Math.floor(at.x * a + e)]).toBe(label);
    }
    expect(toSheet.a).toBeCloseTo(1, 9);
    expect(edgeCovered).toBeGreaterThan(0);
    expect(edgeCovered).toBeLessThan(0.5);
    expect(
      surveyOverhang(resolved(squareSheet(SIZE, [])), shape('bare', RECTANGLE, 0, 0, 9, 9, null), sampleResources),
    ).toBeNull();
  });

  it('keeps what was chosen when photo, opening or cutout are changed', () => {
    const found = overhangOf(heron(ALL));
    const top = found.pieces[0]!;
    const chosen = letPiece(ALL, found.plan.overhang, top.label, false);
    const placement = (heron(ALL).fill as PhotoFill).placement as Placement;
    const changes: Opening[] = [
      heron(chosen, {}, { x: placement.x + 9, y: placement.y - 12 }),
      heron(chosen, {}, { scale: 1.12 }),
      heron(chosen, {}, { turn: 8 }),
      heron(chosen, { outline: { type: 'ellipse' } }),
      heron(chosen, { box: { x: 160, y: 255, width: 280, height: 310, turn: 4 } }),
    ];
    for (const changed of changes) {
      const now = overhangOf(changed).pieces.filter(({ area }) => area > 400);
      expect(now.find(({ side }) => side === 'top')).toMatchObject({ out: false, marked: true });
    }
    // What was not there before follows its side.
    const lower = overhangOf(heron({ ...chosen }, { box: { x: 170, y: 250, width: 260, height: 150, turn: 0 } }));
    expect(lower.pieces.find(({ side }) => side === 'bottom')).toMatchObject({ out: true, marked: false });
  });

  it('says what would look wrong, and nothing where whole pieces were chosen', () => {
    expect(findingsOf(overhangOf(heron(HEAD)))).toEqual([]);
    // A line across the neck: nothing until one side is kept in.
    const cuts = [
      [
        { x: 120, y: 240 },
        { x: 330, y: 240 },
      ],
    ];
    const divided = overhangOf(heron({ ...HEAD, cuts }));
    expect(findingsOf(divided)).toEqual([]);
    expect(divided.pieces.length).toBeGreaterThan(overhangOf(heron(HEAD)).pieces.length);
    const kept = letPiece({ ...HEAD, cuts }, divided.plan.overhang, divided.pieces[0]!.label, false);
    const [fault] = findingsOf(overhangOf(heron(kept)));
    expect(fault).toMatchObject({ check: 'hard-cut', remedies: [{ do: 'move-cut', pair: null, cut: 0 }] });
    expect(lengthIn(fault)).toBeGreaterThan(10);
    // Larger, so that it runs off the sheet; and so large that only the bird is seen at the edge.
    const large = heron(ALL, {}, { scale: 1.9 });
    expect(findingsOf(overhangOf(large)).map(({ check }) => check)).toContain('off-sheet');
    const small = withPicture(shape('dot', RECTANGLE, 290, 380, 30, 30, null, { overhangs: ALL }), 'heron-shore', {
      at: [330, 420],
      on: [305, 395],
      scale: 1,
    });
    expect(findingsOf(overhangOf(small)).map(({ check }) => check)).toContain('no-background');
    // The birds' branch ends at the border of its photo.
    const branch = withPicture(shape('branch', RECTANGLE, 200, 200, 200, 120, null, { overhangs: ALL }), 'five-birds', {
      at: [400, 210],
      on: [300, 250],
      scale: 0.6,
    });
    const ends = overhangOf(branch).pieces.filter(({ atBorder }) => atBorder >= 0.008 * SIZE);
    const said = findingsOf(overhangOf(branch)).filter(({ check }) => check === 'at-border');
    expect(said.length).toBe(ends.length);
    expect(said.length).toBeGreaterThan(0);
  });
});

/** The heron as lower one, and a word over it. */
function heronAndWord(crossings: readonly Crossing[] = [], items?: readonly Item[]): Sheet {
  const letters = word('word', 'KILN', 220, 10, 150, '#1d5a4c', shaper);
  return squareSheet(SIZE, items ?? [heron(ALL), letters], crossings);
}
const surveys = (sheet: Sheet, itemId: string) =>
  crossingPairs(sheet, itemId).flatMap((pair) => surveyCrossing(resolved(sheet), pair, sampleResources) ?? []);

describe('what is found of crossings', () => {
  it('is each letter that the subject meets, and each place of it', () => {
    const found = surveys(heronAndWord(), 'arch');
    expect(found.length).toBeGreaterThanOrEqual(2);
    expect(found.every(({ crossing: { lower, upper } }) => lower.part === 'subject' && upper.itemId === 'word')).toBe(true);
    expect(found.flatMap(({ regions }) => regions).every(({ over, area }) => !over && area > 0)).toBe(true);
  });

  it('leaves out what lies on something with all that it is, unless something was said of it', () => {
    const [large, small] = [
      shape('large', RECTANGLE, 50, 50, 400, 400, '#9fb0a8'),
      shape('small', RECTANGLE, 100, 100, 50, 50, '#cf4a22'),
    ];
    expect(surveys(squareSheet(SIZE, [large, small]), 'small')).toEqual([]);
    const half = { ...small, box: { ...small.box, x: 20 } };
    expect(surveys(squareSheet(SIZE, [large, half]), 'small')).toHaveLength(1);
    const said = crossing('large', 'small', true);
    expect(surveys(squareSheet(SIZE, [large, small], [said]), 'small')).toHaveLength(1);
  });

  it('one choice changes one region, and is found again in edited text and after a move', () => {
    const sheet = heronAndWord();
    const first = surveys(sheet, 'arch')[0]!;
    const after = letRegion(first.crossing, first.plan.zone, first.regions[0]!.label, true);
    const edit = changeCrossing(sheet, first.crossing, after, 'Over');
    expect(edit.operations).toHaveLength(1);
    const [letters] = sheet.items.slice(1) as Opening[];
    const { runs } = letters!.outline as LetteringOutline;
    const longer: Opening = {
      ...letters!,
      outline: { ...(letters!.outline as LetteringOutline), runs: [withText(runs[0]!, 'KILNS')] },
    };
    for (const items of [
      [heron(ALL), longer],
      [{ ...heron(ALL), box: { ...heron(ALL).box, x: 176, y: 244 } }, letters!],
    ]) {
      const now = surveys(heronAndWord([after], items), 'arch');
      const mine = now.find(({ crossing: { upper } }) => upper.part === after.upper.part)!;
      expect(mine.crossing).toBe(after);
      expect(mine.regions.some(({ over }) => over)).toBe(true);
      const others = now.filter((survey) => survey !== mine).flatMap(({ regions }) => regions);
      expect(others.some(({ over }) => over)).toBe(false);
      expect(mine.cuts.every(({ length }) => length === 0)).toBe(true);
    }
  });

  it('holds when what was lower is brought to the front: what it was let under passes over it then', () => {
    const bird = subject('bird', 'heron-shore', { at: [295, 400], on: [300, 300], scale: 1 });
    const bar = shape('bar', RECTANGLE, 0, 280, 600, 60, '#1d5a4c');
    const whole = { ...bird, fill: { ...(bird.fill as PhotoFill) } };
    const { show: _subjectOnly, ...photo } = whole.fill;
    const framed: Opening = { ...whole, fill: photo };
    const rule = crossing('bird#subject', 'bar', false);
    const turned = renderSheet(resolved(squareSheet(SIZE, [bar, framed], [rule])), 1, sampleResources);
    // The bar is seen on the bird alone: around it the photo of the bird covers it.
    const covered = renderSheet(resolved(squareSheet(SIZE, [bar, framed])), 1, sampleResources);
    const barOnTop = renderSheet(resolved(squareSheet(SIZE, [framed, bar])), 1, sampleResources);
    const { data } = turned;
    let [asBar, asPhoto, mixed] = [0, 0, 0];
    for (let y = 300; y < 320; y++) {
      for (let x = 20; x < 580; x++) {
        const i = 4 * (y * SIZE + x);
        const like = (other: { data: Uint8ClampedArray }): boolean =>
          [0, 1, 2].every((c) => Math.abs(data[i + c]! - other.data[i + c]!) <= 2);
        if (like(barOnTop)) asBar++;
        else if (like(covered)) asPhoto++;
        else mixed++;
      }
    }
    expect(asBar).toBeGreaterThan(500);
    expect(asPhoto).toBeGreaterThan(5000);
    expect(mixed).toBeLessThan(400);
  });

  it('says when a crossing is so small that it looks like a slip', () => {
    const [a, b] = [shape('a', RECTANGLE, 100, 100, 200, 200, '#9fb0a8'), shape('b', RECTANGLE, 294, 294, 200, 200, '#cf4a22')];
    const found = surveys(squareSheet(SIZE, [a, b]), 'a');
    expect(crossingFindings(found)).toMatchObject([{ check: 'small-crossing' }]);
    const far = surveys(squareSheet(SIZE, [a, { ...b, box: { ...b.box, x: 250, y: 250 } }]), 'a');
    expect(crossingFindings(far)).toEqual([]);
  });

  it('by paint is said with its length', () => {
    const [a, b] = [shape('a', RECTANGLE, 100, 250, 400, 100, '#9fb0a8'), shape('b', RECTANGLE, 250, 100, 100, 400, '#cf4a22')];
    const stroke = { points: [{ x: 150, y: 50 }], width: 60, over: true };
    const rule = crossing('a', 'b', false, { paint: [stroke] });
    const found = surveys(squareSheet(SIZE, [a, b], [rule]), 'a');
    const [fault] = crossingFindings(found);
    expect(fault).toMatchObject({ check: 'hard-cut', remedies: [{ do: 'paint-on' }] });
    // Half of a disc of 60 px lies on the crossing.
    expect(lengthIn(fault)).toBeGreaterThan(70);
    expect(lengthIn(fault)).toBeLessThan(130);
  });
});

describe('the shadow of a subject that passes over a letter within its own opening', () => {
  it('lies on the letter, and on nothing of the photo around it', () => {
    const shadow = { angle: 0, distance: 24, blur: 8, strength: 0.8 };
    const photo = withPicture(shape('photo', RECTANGLE, 0, 0, 600, 600, null, { kind: 'loose' }), 'heron-shore', {
      at: [295, 400],
      on: [300, 300],
      scale: 1,
    });
    const bar = shape('bar', RECTANGLE, 0, 280, 600, 60, '#e9dcc3');
    const rule = crossing('photo#subject', 'bar', true);
    const draw = (overhangs: Overhangs) =>
      renderSheet(resolved(squareSheet(SIZE, [{ ...photo, overhangs }, bar], [rule])), 1, sampleResources);
    const [plain, cast] = [draw(KEPT_IN), draw({ ...KEPT_IN, shadow })];
    let [onBar, elsewhere] = [0, 0];
    for (let y = 0; y < SIZE; y++) {
      for (let x = 0; x < SIZE; x++) {
        const i = 4 * (y * SIZE + x);
        const darker = plain.data[i]! - cast.data[i]!;
        if (y >= 280 && y < 340 && darker > 40) onBar++;
        if ((y < 279 || y > 340) && Math.abs(darker) > 1) elsewhere++;
      }
    }
    expect(onBar).toBeGreaterThan(600);
    expect(elsewhere).toBe(0);
  });
});

describe('the shadow of what is out', () => {
  it('is cast by nothing that is kept in', () => {
    const shadow = { angle: 180, distance: 40, blur: 6, strength: 0.8 };
    const draw = (overhangs: Overhangs) => renderSheet(resolved(squareSheet(SIZE, [heron(overhangs)])), 1, sampleResources);
    const difference = (overhangs: Overhangs): number => {
      const [plain, cast] = [draw(overhangs), draw({ ...overhangs, shadow })];
      let count = 0;
      for (let i = 0; i < 4 * SIZE * 240; i += 4) if (Math.abs(plain.data[i]! - cast.data[i]!) > 8) count++;
      return count;
    };
    expect(difference(HEAD)).toBeGreaterThan(500);
    // The feet are out, the head above the arch is not.
    expect(difference({ ...KEPT_IN, sides: { ...KEPT_IN.sides, bottom: true } })).toBe(0);
  });
});

describe('the dark under the feet of a subject', () => {
  it('lies beneath it, not on it, inside of the opening and outside without a line between', () => {
    const print = withPicture(
      shape('print', RECTANGLE, 120, 300, 360, 190, '#ffffff', { overhangs: { ...ALL, contact: { blur: 16, strength: 0.8 } } }),
      'potter-wheel',
      { at: [390, 570], on: [300, 500], scale: 0.5 },
    );
    const { contact: _none, ...bare } = print.overhangs!;
    const draw = (opening: Opening) => renderSheet(resolved(squareSheet(SIZE, [opening])), 1, sampleResources);
    const [dark, plain] = [draw(print), draw({ ...print, overhangs: bare })];
    expect(largestDifference(dark, plain)).toBeGreaterThan(60);
    const plan = subjectPlan(print, drawingOfSheet(squareSheet(SIZE, [print])))!;
    const covered = plan.wholeCover();
    const lit = (x: number, y: number): number => {
      const i = 4 * (y * SIZE + x);
      return plain.data[i]! + plain.data[i + 1]! + plain.data[i + 2]! - dark.data[i]! - dark.data[i + 1]! - dark.data[i + 2]!;
    };
    let [onSubject, above] = [0, 0];
    for (let y = 0; y < SIZE; y++) {
      for (let x = 0; x < SIZE; x++) {
        const { a, d, e, f } = plan.toPlane;
        const [px, py] = [Math.floor((x + 0.5) * a + e), Math.floor((y + 0.5) * d + f)];
        const isIn = px >= 0 && py >= 0 && px < covered.width && py < covered.height;
        if (isIn && covered.data[py * covered.width + px] === 255) onSubject = Math.max(onSubject, Math.abs(lit(x, y)));
        if (y < 400) above = Math.max(above, Math.abs(lit(x, y)));
      }
    }
    expect(onSubject).toBeLessThanOrEqual(6);
    expect(above).toBe(0);
  });
});
