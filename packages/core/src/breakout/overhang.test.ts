import { describe, expect, it } from 'vitest';
import type { Overhangs } from '../document/item.js';
import { planeOf } from '../../testing/test-planes.js';
import type { Plane } from '../finish/plane.js';
import { scaling } from '../geometry/matrix.js';
import { overhangMask, overhangPieces, piecePoints } from './overhang.js';

const SIZE = 100;
const KEPT_IN: Overhangs = { sides: { top: false, right: false, bottom: false, left: false }, pieces: [], cuts: [] };

/** An opening from 30 to 70; a subject that leaves it by a neck above, an arm on the right, and has a speck below. */
const inside = planeOf(SIZE, [30, 30, 40, 40]);
const subject = planeOf(SIZE, [45, 10, 10, 50], [45, 40, 45, 8], [50, 80, 1, 1]);

function pieces(overhangs: Partial<Overhangs>) {
  return overhangPieces({
    subject,
    inside,
    // The photo is twice as large as the planes.
    toPhoto: scaling(2),
    toBox: { a: 1 / 40, b: 0, c: 0, d: 1 / 40, e: -0.75, f: -0.75 },
    sheetArea: SIZE * SIZE,
    overhangs: { ...KEPT_IN, ...overhangs },
  });
}

describe('the pieces of an overhang', () => {
  it('are the parts of the subject outside, each with the side by which it leaves', () => {
    const overhang = pieces({});
    const found = overhang.pieces;
    expect(found.map(({ side, area, out, marked }) => ({ side, area, out, marked }))).toEqual([
      { side: 'top', area: 200, out: false, marked: false },
      { side: 'right', area: 161, out: false, marked: false },
    ]);
    const [deepest] = piecePoints(overhang).get(found[0]!.label)!;
    expect(deepest!.x / 2).toBeCloseTo(50, -1);
    expect(deepest!.y / 2).toBeLessThan(30);
  });

  it('follow the sides that are chosen, and a mark more than those', () => {
    const sides = { top: true, right: true, bottom: false, left: false };
    expect(pieces({ sides }).pieces.map(({ out }) => out)).toEqual([true, true]);
    const kept = pieces({ sides, pieces: [{ at: { x: 160, y: 88 }, out: false }] });
    expect(kept.pieces.map(({ out, marked }) => [out, marked])).toEqual([
      [true, false],
      [false, true],
    ]);
  });

  it('are found through the subject when a mark has come to lie inside, and a lost mark is counted', () => {
    // In the neck, within the opening: the neck leads out to the piece above.
    const inward = pieces({ pieces: [{ at: { x: 100, y: 64 }, out: true }] });
    expect(inward.pieces.map(({ out }) => out)).toEqual([true, false]);
    expect(inward.lost).toBe(0);
    expect(pieces({ pieces: [{ at: { x: 10, y: 190 }, out: true }] }).lost).toBe(1);
  });

  it('are divided by a cut', () => {
    const cut = [
      { x: 60, y: 40 },
      { x: 140, y: 40 },
    ];
    const { pieces: found } = pieces({ cuts: [cut], pieces: [{ at: { x: 100, y: 24 }, out: true }] });
    const top = found.filter(({ side }) => side === 'top');
    expect(top).toHaveLength(2);
    expect(top.map(({ out }) => out).sort()).toEqual([false, true]);
  });
});

describe('where an overhang is drawn', () => {
  const overhang = pieces({ sides: { top: true, right: false, bottom: false, left: false } });
  const value = (mask: Plane, x: number, y: number): number => mask.data[y * SIZE + x]!;

  it('is on its pieces and inwards through the band along the subject, and nowhere else', () => {
    const mask = overhangMask(overhang, subject, inside, 8, 0);
    expect(value(mask, 50, 15)).toBe(255);
    expect(value(mask, 50, 35)).toBe(255);
    expect(value(mask, 50, 55)).toBe(0);
    // Beside the neck lies the border, and the arm stays in.
    expect(value(mask, 38, 33)).toBe(0);
    expect(value(mask, 80, 44)).toBe(0);
  });

  it('fades behind the band, so that a shade does not end in a line', () => {
    const mask = overhangMask(overhang, subject, inside, 4, 10);
    const column = Array.from({ length: 18 }, (_, i) => value(mask, 50, 30 + i));
    expect(column[2]).toBe(255);
    for (let i = 1; i < column.length; i++) expect(column[i]).toBeLessThanOrEqual(column[i - 1]!);
    expect(Math.max(...column.slice(1).map((v, i) => column[i]! - v))).toBeLessThan(60);
    expect(column[17]).toBe(0);
  });
});
