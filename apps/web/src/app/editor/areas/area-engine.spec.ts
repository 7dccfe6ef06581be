import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { AreaCandidate, Photo, Pixels, Point } from '@kadrosyn/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { PhotoLevels } from '../../photos/photo-levels';
import { AREA_WORKER, AreaEngine } from './area-engine';

const photo: Photo = { id: 'photo_a', sha256: 'a'.repeat(64), name: 'room', width: 6000, height: 4000 };
const other: Photo = { ...photo, id: 'photo_b' };
/** A third of the photo's size. */
const pixels: Pixels = { width: 2000, height: 1333, data: new Uint8ClampedArray(8) };

const worker = {
  hold: vi.fn<(key: string, pixels: Pixels) => Promise<void>>(),
  find: vi.fn<(key: string, stroke: readonly Point[]) => Promise<readonly AreaCandidate[] | null>>(),
  as: vi.fn(),
};
const called = { call: vi.fn(), end: vi.fn() };
const levels = { level: vi.fn(), version: signal(0) };
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
    expect(worker.find).toHaveBeenCalledWith('photo_a/1', [{ x: 100, y: 50 }]);
    expect(found).toEqual([{ ...lens, form: { ...lens.form, centre: { x: 300, y: 150 }, rx: 60, ry: 30 }, size: 5400 }]);
    await engine.find(photo, [{ x: 0, y: 0 }]);
    expect(worker.hold).toHaveBeenCalledOnce();
    // The window draws from its own: the worker gets a copy.
    expect(worker.hold.mock.lastCall![1].data.buffer).not.toBe(pixels.data.buffer);
    await engine.find(other, [{ x: 0, y: 0 }]);
    expect(worker.hold.mock.calls.map(([key]) => key)).toEqual(['photo_a/1', 'photo_b/1']);
  });

  it('asks for a level that is not larger than it takes', () => {
    engine.hasPhoto(photo);
    expect(levels.level).toHaveBeenCalledWith('photo_a', 0.4);
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
