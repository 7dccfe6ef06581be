import { TestBed } from '@angular/core/testing';
import { newProject, resolvedIn } from '@kadrosyn/core';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Decoded, DecodedLevel, DecodeFailure } from './photo-decoder';
import { LEVEL_DECODERS, type LevelDecoder } from './level-decoders';
import type { DrawnSheet, SheetDrawer } from './photo-files';
import { PhotoLevels } from './photo-levels';
import { WorkerEnded } from './restarting-worker';

const level = (index: number): DecodedLevel => ({
  index,
  pixels: { width: 1, height: 1, data: new Uint8ClampedArray(4) },
  opaque: true,
  bitmap: { close: () => undefined } as ImageBitmap,
});
const failing = (failure: DecodeFailure): Decoded => ({ failure, words: 'as a program says it' });

/** Levels whose decoder answers with these, one after the other. */
function levelsThat(...answers: readonly (Decoded | Error)[]) {
  let asked = 0;
  const decoder: LevelDecoder = {
    call: () => {
      const answer = answers[asked++]!;
      return (answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer)) as never;
    },
  };
  TestBed.configureTestingModule({ providers: [{ provide: LEVEL_DECODERS, useValue: [decoder] }] });
  const levels = TestBed.inject(PhotoLevels);
  levels.register('p', { width: 10, height: 10, screenLevel: 0 });
  return { levels, asked: () => asked };
}

describe('a level that does not come', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
  });
  const wait = (ms: number) => vi.advanceTimersByTimeAsync(ms);

  it('is asked for again after a pause, as often as its file is away', async () => {
    const { levels, asked } = levelsThat(failing('away'), failing('away'), failing('away'), failing('away'), {
      levels: [level(0)],
    });
    for (const pause of [1000, 2000, 4000, 8000]) {
      expect(levels.level('p', 1)).toBeUndefined();
      await wait(0);
      const before = asked();
      levels.level('p', 1);
      await wait(pause - 10);
      levels.level('p', 1);
      expect(asked()).toBe(before);
      const version = levels.version();
      await wait(10);
      // Whoever draws is told to draw again.
      expect(levels.version()).toBe(version + 1);
    }
    levels.level('p', 1);
    await wait(0);
    expect(levels.level('p', 1)?.index).toBe(0);
    expect(console.error).toHaveBeenCalledTimes(4);
  });

  it('is asked for again at once when the connection is back', async () => {
    const { levels } = levelsThat(failing('away'), { levels: [level(0)] });
    levels.level('p', 1);
    await wait(0);
    window.dispatchEvent(new Event('online'));
    await wait(0);
    levels.level('p', 1);
    await wait(0);
    expect(levels.level('p', 1)).toBeDefined();
  });

  it('is not asked for again where its file is gone', async () => {
    const { levels, asked } = levelsThat(failing('gone'));
    levels.level('p', 1);
    await wait(600_000);
    levels.level('p', 1);
    await wait(0);
    expect(asked()).toBe(1);
  });

  it('is tried twice more where it could not be read, or its worker ended', async () => {
    const { levels, asked } = levelsThat(failing('unreadable'), new WorkerEnded('ended'), failing('unreadable'));
    for (let time = 0; time < 6; time++) {
      levels.level('p', 1);
      await wait(60_000);
    }
    expect(asked()).toBe(3);
  });
});

describe('a sheet that another one shows', () => {
  const made = newProject('Card', { width: 3000, height: 2000, unit: 'px' });
  const sheet = resolvedIn(made, made.sheets[0]!);
  const changed = resolvedIn(made, { ...made.sheets[0]!, background: { type: 'none' } });
  const settled = () => new Promise((resolve) => setTimeout(resolve));

  /** Levels whose drawings of sheets are these, one after the other. */
  function drawing(...answers: readonly DrawnSheet[]) {
    const { levels } = levelsThat({ levels: [level(0)] });
    const left = [...answers];
    const draw = vi.fn<SheetDrawer>(() => Promise.resolve(left.shift()!));
    levels.sheetDrawer.set(draw);
    return { levels, draw };
  }
  const exact = (index: number): DrawnSheet => ({ levels: [level(index), level(index + 1)], isExact: true });

  it('is drawn once for all that is small, and finer where it is looked at closely', async () => {
    const { levels, draw } = drawing(exact(2), exact(0));
    expect(levels.shown('sheet:a', sheet, 0.01)).toBeUndefined();
    levels.shown('sheet:a', sheet, 0.2);
    await settled();
    expect(levels.shown('sheet:a', sheet, 0.25)?.index).toBe(2);
    expect(draw.mock.calls).toEqual([[sheet, 2]]);
    expect(levels.shown('sheet:a', sheet, 1)?.index).toBe(2);
    await settled();
    expect(levels.shown('sheet:a', sheet, 1)?.index).toBe(0);
    expect(draw).toHaveBeenLastCalledWith(sheet, 0);
  });

  it('is drawn again when a photo has arrived that something stood in for, and not before', async () => {
    const { levels, draw } = drawing({ ...exact(2), isExact: false }, exact(2));
    levels.shown('sheet:a', sheet, 0.2);
    await settled();
    expect(levels.shown('sheet:a', sheet, 0.2)?.index).toBe(2);
    await settled();
    expect(draw).toHaveBeenCalledTimes(1);
    levels.level('p', 1);
    await settled();
    levels.shown('sheet:a', sheet, 0.2);
    await settled();
    levels.shown('sheet:a', sheet, 0.2);
    expect(draw).toHaveBeenCalledTimes(2);
  });

  it('is seen as it was until it is drawn as it is now', async () => {
    const { levels } = drawing(exact(2), { levels: [{ ...level(2), opaque: false }], isExact: true });
    levels.shown('sheet:a', sheet, 0.2);
    await settled();
    expect(levels.shown('sheet:b', changed, 0.2)?.opaque).toBe(true);
    await settled();
    expect(levels.shown('sheet:b', changed, 0.2)?.opaque).toBe(false);
  });
});
