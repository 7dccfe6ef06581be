import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clutterPicture, discPicture } from '../../testing/subject-pictures.js';
import type { CutoutMark } from '../document/project.js';
import type { Plane } from '../finish/plane.js';
import type { Pixels } from '../photo/pixels.js';
import { AS_FOUND, CutoutAnswers } from './answers.js';
import { commonShare } from './common-share.js';
import { pointIn } from './changed-places.js';
import { alongStroke } from './mark-hints.js';
import { preparePhoto } from './prepared-photo.js';

const { photo, truth } = discPicture(240, 180, 50);
const prepared = preparePhoto({ pixels: photo, index: 0 });
const box: CutoutMark = { kind: 'box', points: [60, 30, 180, 150] };

describe('answers to marks', () => {
  it('find what a box holds', async () => {
    const { mask, isUnsure } = await new CutoutAnswers(prepared).answer([box]);
    expect(commonShare(mask, truth)).toBeGreaterThan(0.95);
    expect(isUnsure).toBe(false);
  });

  it('find it without a hint where it stands out, and say when nothing does', async () => {
    const found = await new CutoutAnswers(prepared).answer([{ kind: 'suggest', points: [] }]);
    expect(found.isUnsure).toBe(false);
    expect(commonShare(found.mask, truth)).toBeGreaterThan(0.95);
    const clutter = preparePhoto({ pixels: clutterPicture(240, 180), index: 0 });
    const none = await new CutoutAnswers(clutter).answer([{ kind: 'suggest', points: [] }]);
    expect(none.isUnsure).toBe(true);
    expect(none.mask.data.every((value) => value === 0)).toBe(true);
  });

  it('take strokes alone, without a box', async () => {
    const marks: CutoutMark[] = [
      { kind: 'keep', points: [100, 90, 140, 90], width: 8 },
      { kind: 'leave-out', points: [20, 20, 220, 20], width: 8 },
    ];
    const { mask } = await new CutoutAnswers(prepared).answer(marks);
    expect(commonShare(mask, truth)).toBeGreaterThan(0.9);
  });

  it('obey every stroke to the px, whatever the colours say; a later one counts where they cross', async () => {
    const answers = new CutoutAnswers(prepared);
    const place = fc.tuple(fc.integer({ min: 0, max: 240 }), fc.integer({ min: 0, max: 180 }));
    const stroke = fc
      .record({
        kind: fc.constantFrom('keep' as const, 'leave-out' as const),
        places: fc.array(place, { minLength: 1, maxLength: 4 }),
        width: fc.integer({ min: 1, max: 20 }),
      })
      .map(({ kind, places, width }): CutoutMark => ({ kind, points: places.flat(), width }));
    await fc.assert(
      fc.asyncProperty(fc.boolean(), fc.array(stroke, { minLength: 1, maxLength: 4 }), async (hasBox, strokes) => {
        const marks = hasBox ? [box, ...strokes] : strokes;
        const { mask } = await answers.answer(marks);
        const wanted = new Map<number, number>();
        for (const mark of strokes) {
          alongStroke(mark, 240, 180, 1, (i) => wanted.set(i, mark.kind === 'keep' ? 255 : 0));
        }
        expect([...wanted].filter(([i, value]) => mask.data[i] !== value)).toEqual([]);
      }),
      { numRuns: 20 },
    );
  });

  it('never go beyond the box but by a stroke', async () => {
    const small: CutoutMark = { kind: 'box', points: [100, 70, 140, 110] };
    const { mask } = await new CutoutAnswers(prepared).answer([small]);
    for (let i = 0; i < mask.data.length; i++) {
      const [x, y] = [i % 240, Math.floor(i / 240)];
      if (x < 99 || x > 140 || y < 69 || y > 110) expect(mask.data[i]).toBe(0);
    }
  });

  it('are remembered, so that a mark that is taken back brings the answer before it', async () => {
    const answers = new CutoutAnswers(prepared);
    const before = await answers.answer([box]);
    await answers.answer([box, { kind: 'leave-out', points: [100, 60, 140, 120], width: 30 }]);
    let pauses = 0;
    const pause = (): Promise<void> => {
      pauses++;
      return Promise.resolve();
    };
    const after = await answers.answer([box], { pause });
    expect(after.mask.data).toEqual(before.mask.data);
    expect(pauses).toBe(0);
  });

  it('give up at a pause that throws, and go on afterwards', async () => {
    const answers = new CutoutAnswers(prepared);
    const pause = (): Promise<void> => Promise.reject(new Error('overtaken'));
    await expect(answers.answer([box], { pause })).rejects.toThrow('overtaken');
    expect(commonShare((await answers.answer([box])).mask, truth)).toBeGreaterThan(0.95);
  });

  it('take another answer px by px, and later strokes begin from it', async () => {
    const answers = new CutoutAnswers(prepared);
    await answers.answer([box]);
    const other = { ...truth, data: truth.data.map((_, i) => (i % 240 < 120 && truth.data[i]! > 128 ? 255 : 0)) };
    answers.take([box], other);
    expect((await answers.answer([box])).mask.data).toEqual(other.data);
  });

  it('change with a stroke only what touches it; the rest is held back, and taken where the mark says so', async () => {
    const { both, left } = twoDiscs();
    const answers = new CutoutAnswers(preparePhoto({ pixels: both, index: 0 }));
    const around: CutoutMark = { kind: 'box', points: [20, 40, 280, 140] };
    // The right disc is no part of what was kept before, though it is like the left one.
    answers.take([around], left);
    const stroke: CutoutMark = { kind: 'keep', points: [70, 90, 90, 90], width: 6 };
    const before = (await answers.answer([around])).mask;
    const { mask, heldBack } = await answers.answer([around, stroke]);
    expect(mask.data).toEqual(before.data);
    expect(heldBack).toHaveLength(1);
    expect(heldBack[0]).toMatchObject({ isSubject: true });
    const also = pointIn(heldBack[0]!, { width: 300, scale: 1 });
    const taken = await answers.answer([around, { ...stroke, also }]);
    expect(taken.heldBack).toEqual([]);
    const added = new Set(heldBack[0]!.px);
    expect(taken.mask.data).toEqual(before.data.map((value, i) => (added.has(i) ? 255 : value)));
  });

  it('fill what was traced', async () => {
    const trace: CutoutMark = { kind: 'trace', points: [10, 10, 40, 10, 40, 30, 10, 30] };
    const { mask } = await new CutoutAnswers(prepared).answer([trace]);
    expect(mask.data.reduce((sum, value) => sum + value / 255, 0)).toBe(30 * 20);
  });

  it('count holes and specks, and do with them as wanted', async () => {
    const ring = discPicture(240, 180, 60, 16);
    const answers = new CutoutAnswers(preparePhoto({ pixels: ring.photo, index: 0 }));
    const marks: CutoutMark[] = [
      { kind: 'box', points: [50, 20, 190, 160] },
      { kind: 'leave-out', points: [112, 90, 128, 90], width: 10 },
    ];
    const open = await answers.answer(marks.slice(0, 1));
    expect(commonShare(open.mask, ring.truth)).toBeGreaterThan(0.93);
    expect(open.holes).toBe(1);
    const filled = await answers.answer(marks.slice(0, 1), { pieces: { ...AS_FOUND, holes: 'filled' } });
    expect(filled.mask.data[90 * 240 + 120]).toBe(255);
    // What a stroke left out stays open.
    const kept = await answers.answer(marks, { pieces: { ...AS_FOUND, holes: 'filled' } });
    expect(kept.mask.data[90 * 240 + 120]).toBe(0);
  });
});

/** Two discs of one colour on a plain ground, and the mask of the left one. */
function twoDiscs(): { readonly both: Pixels; readonly left: Plane } {
  const [width, height] = [300, 180];
  const pixels = new Uint8ClampedArray(width * height * 4);
  const data = new Uint8Array(width * height);
  for (let i = 0; i < data.length; i++) {
    const [x, y] = [i % width, Math.floor(i / width)];
    const [isLeft, isRight] = [Math.hypot(x - 80, y - 90) < 36, Math.hypot(x - 220, y - 90) < 36];
    const grain = ((x * 7 + y * 13) % 11) - 5;
    const [r, g, b] = isLeft || isRight ? [190, 60, 40] : [60, 110, 120];
    pixels.set([r + grain, g + grain, b + grain, 255], 4 * i);
    data[i] = isLeft ? 255 : 0;
  }
  return { both: { width, height, data: pixels }, left: { width, height, data } };
}
