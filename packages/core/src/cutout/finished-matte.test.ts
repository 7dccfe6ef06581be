import { describe, expect, it } from 'vitest';
import { discPicture } from '../../testing/subject-pictures.js';
import type { CutoutMark } from '../document/project.js';
import type { Plane } from '../finish/plane.js';
import { edgeCut } from './edge-cut.js';
import { STANDARD_EDGE, withEdge } from './edge-settings.js';
import { finishedMatte } from './finished-matte.js';
import { softMarks } from './painted-marks.js';

const { photo, truth } = discPicture(400, 300, 90);
const pause = (): Promise<void> => Promise.resolve();

/** The truth in a third of the size, its edge moved out by so many of its px. */
function roughMask(out: number): Plane {
  const [width, height] = [134, 100];
  const data = new Uint8Array(width * height);
  for (let i = 0; i < data.length; i++) {
    const [x, y] = [((i % width) + 0.5) * (400 / width) - 200, (Math.floor(i / width) + 0.5) * 3 - 150];
    data[i] = Math.hypot(x, y) < 90 + 3 * out ? 255 : 0;
  }
  return { width, height, data };
}

function off(a: Plane, b: Plane): number {
  return a.data.reduce((sum, value, i) => sum + Math.abs(value - b.data[i]!), 0) / 255;
}

describe('the edge of a mask', () => {
  it('is moved onto the edge of the picture', async () => {
    // Within 1.5 px of the picture: 6 px for 1600 px are that many here.
    const cut = await edgeCut(photo, roughMask(0.4), pause);
    const hard = { ...truth, data: truth.data.map((value) => (value >= 128 ? 255 : 0)) };
    expect(off(cut, hard)).toBeLessThan(
      0.4 * off(await edgeCut({ ...photo, data: photo.data.map(() => 128) }, roughMask(0.4), pause), hard),
    );
  });

  it('stays where it is in a picture without edges', async () => {
    const grey = { ...photo, data: photo.data.map((_, i) => (i % 4 === 3 ? 255 : 128)) };
    const cut = await edgeCut(grey, roughMask(0), pause);
    expect(off(cut, truth)).toBeLessThan(2 * Math.PI * 90 * 1.5);
  });

  it('is nothing where the mask is empty or full', async () => {
    const empty = { width: 10, height: 8, data: new Uint8Array(80) };
    expect((await edgeCut(photo, empty, pause)).data.every((value) => value === 0)).toBe(true);
    expect((await edgeCut(photo, { ...empty, data: empty.data.fill(255) }, pause)).data.every((value) => value === 255)).toBe(
      true,
    );
  });
});

describe('the finished matte', () => {
  it('comes near the exact coverage, soft px included', async () => {
    const matte = await finishedMatte(photo, roughMask(0.2), { marks: [], edge: STANDARD_EDGE });
    // A third of a px along the whole edge.
    expect(off(matte, truth)).toBeLessThan((2 * Math.PI * 90) / 3);
    expect(matte.data.some((value) => value > 40 && value < 215)).toBe(true);
  });

  it('obeys strokes and brush to the px, in their order', async () => {
    const marks: CutoutMark[] = [
      { kind: 'keep', points: [20, 20, 60, 20], width: 10 },
      { kind: 'erase', points: [200, 150], width: 40 },
      { kind: 'paint', points: [200, 150], width: 12, softness: 1 },
    ];
    const matte = await finishedMatte(photo, roughMask(0), { marks, edge: STANDARD_EDGE });
    expect(matte.data[20 * 400 + 40]).toBe(255);
    expect(matte.data[150 * 400 + 200]).toBeGreaterThan(230);
    expect(matte.data[165 * 400 + 200]).toBe(0);
    // A soft brush fades.
    const fading = [0, 2, 4, 5].map((dx) => matte.data[150 * 400 + 200 + dx]!);
    expect(fading).toEqual(fading.toSorted((a, b) => b - a));
  });

  it('keeps what is clear in the photo clear, and takes that alone as the cutout', async () => {
    const clear = { ...photo, data: photo.data.map((value, i) => (i % 4 === 3 ? truth.data[i >> 2]! : value)) };
    const matte = await finishedMatte(
      clear,
      { width: 1, height: 1, data: new Uint8Array(1) },
      { marks: [{ kind: 'own', points: [] }], edge: STANDARD_EDGE },
    );
    expect(off(matte, truth)).toBeLessThan(0.01);
  });

  it('gives up at a pause that throws', async () => {
    const stop = (): Promise<void> => Promise.reject(new Error('stopped'));
    await expect(finishedMatte(photo, roughMask(0), { marks: [], edge: STANDARD_EDGE, pause: stop })).rejects.toThrow('stopped');
  });

  it('is worked out in a wider band where a soft edge was brushed', () => {
    const soft = softMarks([{ kind: 'soft-edge', points: [40, 40, 80, 40], width: 8 }], 100, 75, 1)!;
    expect(soft.data[40 * 100 + 60]).toBe(255);
    expect(soft.data[50 * 100 + 60]).toBe(0);
    expect(softMarks([{ kind: 'keep', points: [1, 1] }], 10, 10, 1)).toBeUndefined();
  });
});

describe('edge settings', () => {
  const area = (plane: Plane): number => plane.data.reduce((sum, value) => sum + value / 255, 0);

  it('move the edge by as much as wanted', () => {
    const wide = withEdge(truth, { ...STANDARD_EDGE, shift: 1 });
    const tight = withEdge(truth, { ...STANDARD_EDGE, shift: -1 });
    // 8 px for 1600 px of the longer side.
    expect(area(wide)).toBeCloseTo(Math.PI * 92 ** 2, -3);
    expect(area(tight)).toBeCloseTo(Math.PI * 88 ** 2, -3);
    expect(area(wide)).toBeGreaterThan(area(truth) + 800);
    expect(area(tight)).toBeLessThan(area(truth) - 800);
  });

  it('make it soft or crisp and leave it where it is', () => {
    const between = (plane: Plane): number => plane.data.filter((value) => value > 25 && value < 230).length;
    const soft = withEdge(truth, { ...STANDARD_EDGE, softness: 1 });
    const crisp = withEdge(truth, { ...STANDARD_EDGE, softness: -1 });
    expect(between(soft)).toBeGreaterThan(2 * between(truth));
    expect(between(crisp)).toBeLessThan(between(truth) / 2);
    expect(Math.abs(area(soft) - area(truth))).toBeLessThan(0.01 * area(truth));
    expect(withEdge(truth, STANDARD_EDGE)).toBe(truth);
  });
});
