import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { AreaCandidate, Photo, Pixels, Point } from '@kadrosyn/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { PhotoLevels } from '../../photos/photo-levels';
import { AREA_WORKER, AreaEngine } from './area-engine';

const photo: Photo = { id: 'photo_a', sha256: 'a'.repeat(64), name: 'room', width: 4800, height: 3200 };
const other: Photo = { ...photo, id: 'photo_b' };
/** Half of the photo's size. */
const pixels: Pixels = { width: 2400, height: 1600, data: new Uint8ClampedArray(8) };

const worker = {
  hold: vi.fn<(key: string, pixels: Pixels) => Promise<void>>(),
  find: vi.fn<(key: string, stroke: readonly Point[]) => Promise<readonly AreaCandidate[] | null>>(),
  as: vi.fn(),
  see: (...all: unknown[]): unknown => see(...all) as unknown,
};
const see = vi.fn();
const called = { call: vi.fn(), end: vi.fn() };
const levels = { level: vi.fn(), subject: vi.fn(), version: signal(0) };
const lens = {
  form: { type: 'round', centre: { x: 100, y: 50 }, rx: 20, ry: 10, turn: 0 },
  score: 1,
  size: 600,
  level: 80,
} as const;
let engine: AreaEngine;

beforeEach(() => {
  vi.resetAllMocks();
  called.call.mockImplementation((ask: (remote: unknown) => unknown) => ask(worker));
  levels.level.mockReturnValue({ index: 1, pixels, opaque: true });
  worker.hold.mockResolvedValue();
  worker.find.mockResolvedValue([lens]);
  TestBed.configureTestingModule({
    providers: [AreaEngine, { provide: PhotoLevels, useValue: levels }, { provide: AREA_WORKER, useValue: called }],
  });
  engine = TestBed.inject(AreaEngine);
});

describe('finding areas in a worker', () => {
  it('speaks of px of the photo, whatever level is looked at, and sends a level once', async () => {
    const found = await engine.find(photo, [{ x: 300, y: 150 }]);
    expect(worker.find).toHaveBeenCalledWith('photo_a/1', [{ x: 150, y: 75 }]);
    expect(found).toEqual([{ ...lens, form: { ...lens.form, centre: { x: 200, y: 100 }, rx: 40, ry: 20 }, size: 2400 }]);
    await engine.find(photo, [{ x: 0, y: 0 }]);
    expect(worker.hold).toHaveBeenCalledOnce();
    // The window draws from its own: the worker gets a copy.
    expect(worker.hold.mock.lastCall![1].data.buffer).not.toBe(pixels.data.buffer);
    await engine.find(other, [{ x: 0, y: 0 }]);
    expect(worker.hold.mock.calls.map(([key]) => key)).toEqual(['photo_a/1', 'photo_b/1']);
  });

  it('asks for a level that is not larger than it takes', () => {
    engine.hasPhoto(photo);
    expect(levels.level).toHaveBeenCalledWith('photo_a', 0.5);
    engine.hasPhoto({ ...photo, width: 600, height: 400 });
    expect(levels.level).toHaveBeenLastCalledWith('photo_a', 1);
  });

  it('answers the newest question only: those before it are left out, or their answers are', async () => {
    let finish: (found: readonly AreaCandidate[]) => void = () => undefined;
    worker.find.mockImplementationOnce(() => new Promise((resolve) => (finish = resolve)));
    const first = engine.find(photo, [{ x: 1, y: 1 }]);
    await vi.waitFor(() => expect(worker.find).toHaveBeenCalledOnce());
    const [second, third] = [engine.find(photo, [{ x: 2, y: 2 }]), engine.find(photo, [{ x: 3, y: 3 }])];
    finish([lens]);
    expect(await first).toBeNull();
    expect(await second).toBeNull();
    expect(await third).toHaveLength(1);
    expect(worker.find).toHaveBeenCalledTimes(2);
  });

  it('does not look at a coarser level while the one that is wanted is on its way', async () => {
    levels.level.mockReturnValueOnce({ index: 2, pixels, opaque: true });
    expect(await engine.find(photo, [{ x: 1, y: 1 }])).toBeNull();
    expect(worker.hold).not.toHaveBeenCalled();
    expect(engine.hasPhoto(photo)).toBe(true);
  });

  it('has no answer while the photo has not arrived, and sends it anew after the worker has ended', async () => {
    levels.level.mockReturnValueOnce(undefined);
    expect(await engine.find(photo, [{ x: 1, y: 1 }])).toBeNull();
    expect(worker.hold).not.toHaveBeenCalled();
    await engine.find(photo, [{ x: 1, y: 1 }]);
    worker.find.mockRejectedValueOnce(new Error('out of memory'));
    await expect(engine.find(photo, [{ x: 1, y: 1 }])).rejects.toThrow('out of memory');
    expect(await engine.find(photo, [{ x: 1, y: 1 }])).toHaveLength(1);
    expect(worker.hold).toHaveBeenCalledTimes(2);
  });

  it('warms up without being in the way of a question', async () => {
    engine.warm(photo);
    expect(await engine.find(photo, [{ x: 1, y: 1 }])).toHaveLength(1);
    expect(worker.hold).toHaveBeenCalledOnce();
  });
});

describe('looking at the surface of an area', () => {
  it('speaks of px of the photo, and sends what is said of what stands in front', async () => {
    see.mockResolvedValue({ plain: null, front: null });
    const alpha = { width: 2400, height: 1600, data: new Uint8ClampedArray([0, 0, 0, 90]) };
    levels.subject.mockReturnValue({ index: 1, pixels: alpha, opaque: false });
    const marks = [{ kind: 'keep', points: [20, 40], width: 12 }] as const;
    const found = await engine.see(photo, lens.form, { marks, cutouts: ['c'.repeat(64)] });
    expect(found).toEqual({ plain: null, front: null });
    const [key, form, hints, full] = see.mock.lastCall as [string, object, { marks: object[]; cutouts: Pixels[] }, object];
    expect([key, form]).toEqual(['photo_a/1', { ...lens.form, centre: { x: 50, y: 25 }, rx: 10, ry: 5 }]);
    expect(hints.marks).toEqual([{ kind: 'keep', points: [10, 20], width: 6 }]);
    expect(hints.cutouts[0]!.data[0]).toBe(90);
    expect(full).toEqual({ width: 4800, height: 3200, scale: 2 });
  });

  it('waits for the cutouts that are said to be in front, and is not left out for newer questions', async () => {
    see.mockResolvedValue({ plain: null, front: null });
    levels.subject.mockReturnValue(undefined);
    expect(await engine.see(photo, lens.form, { cutouts: ['c'.repeat(64)] })).toBeNull();
    expect(see).not.toHaveBeenCalled();
    const seen = engine.see(photo, lens.form, {});
    const found = engine.find(photo, [{ x: 1, y: 1 }]);
    expect(await seen).toEqual({ plain: null, front: null });
    expect(await found).toHaveLength(1);
  });
});
