import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { CutoutMark } from '../document/project.js';
import { alongStroke, boxOf, markHints } from './mark-hints.js';
import { pieceHints } from './piece-hints.js';
import { MUST_BE_GROUND, MUST_BE_SUBJECT, UNKNOWN } from './segment.js';
import type { Superpixels } from './superpixels.js';

function covered(mark: CutoutMark, scale = 1): Set<number> {
  const out = new Set<number>();
  alongStroke(mark, 40, 30, scale, (i) => out.add(i));
  return out;
}

describe('a stroke', () => {
  it('covers what lies within half its width, with round ends', () => {
    const px = covered({ kind: 'keep', points: [10, 15, 30, 15], width: 6 });
    const at = (x: number, y: number): boolean => px.has(y * 40 + x);
    expect([at(20, 12), at(20, 17), at(8, 15), at(31, 14)]).toEqual([true, true, true, true]);
    expect([at(20, 11), at(20, 18), at(6, 15), at(7, 12)]).toEqual([false, false, false, false]);
  });

  it('covers a px at least at each of its points, however thin it is, and never leaves the picture', () => {
    const place = fc.tuple(fc.integer({ min: -10, max: 50 }), fc.integer({ min: -10, max: 40 }));
    fc.assert(
      fc.property(
        fc.array(place, { minLength: 1, maxLength: 5 }),
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        (places, width) => {
          const px = covered({ kind: 'keep', points: places.flat(), width });
          for (const i of px) expect(i >= 0 && i < 40 * 30).toBe(true);
          for (const [x, y] of places) if (x >= 0 && y >= 0 && x < 40 && y < 30) expect(px.has(y * 40 + x)).toBe(true);
        },
      ),
    );
  });

  it('is given in px of the photo, whatever the size of the copy', () => {
    expect(covered({ kind: 'keep', points: [100, 150, 300, 150], width: 60 }, 0.1)).toEqual(
      covered({ kind: 'keep', points: [10, 15, 30, 15], width: 6 }),
    );
  });

  it('tells how far a px is from its middle', () => {
    const away: number[] = [];
    alongStroke({ kind: 'paint', points: [20.5, 15.5], width: 20 }, 40, 30, 1, (i, share) => {
      if (i === 15 * 40 + 20) away.push(share);
      if (i === 15 * 40 + 25) away.push(share);
    });
    expect(away.toSorted()).toEqual([0, 0.5]);
  });
});

describe('what marks say', () => {
  const box: CutoutMark = { kind: 'box', points: [30, 20, 10, 5] };

  it('is that all outside the last box is ground', () => {
    const { hints, hasBox } = markHints([{ kind: 'box', points: [0, 0, 3, 3] }, box], 40, 30, 1);
    expect(hasBox).toBe(true);
    expect([hints[0], hints[10 * 40 + 20], hints[10 * 40 + 35]]).toEqual([MUST_BE_GROUND, UNKNOWN, MUST_BE_GROUND]);
    expect(boxOf(box)).toEqual({ left: 10, top: 5, right: 30, bottom: 20 });
  });

  it('is more by a stroke than by the box, and more by a later stroke', () => {
    const keep: CutoutMark = { kind: 'keep', points: [0, 10, 39, 10], width: 4 };
    const leaveOut: CutoutMark = { kind: 'leave-out', points: [20, 0, 20, 29], width: 4 };
    const { hints, strokes } = markHints([keep, box, leaveOut], 40, 30, 1);
    expect(hints[10 * 40 + 5]).toBe(MUST_BE_SUBJECT);
    expect(hints[10 * 40 + 20]).toBe(MUST_BE_GROUND);
    expect([strokes[10 * 40 + 5], strokes[25 * 40 + 5]]).toEqual([1, 0]);
  });

  it('is said of pieces by most of the px under strokes, else by most of their place', () => {
    // Two pieces: the left half and the right half.
    const labels = Int32Array.from({ length: 40 * 30 }, (_, i) => (i % 40 < 20 ? 0 : 1));
    const pieces: Superpixels = {
      ...{ width: 40, height: 30, labels, count: 2 },
      lab: new Float32Array(6),
      sizes: Int32Array.from([600, 600]),
    };
    const inLeft: CutoutMark = { kind: 'box', points: [0, 0, 22, 30] };
    expect([...pieceHints(pieces, markHints([inLeft], 40, 30, 1))]).toEqual([UNKNOWN, MUST_BE_GROUND]);
    const keepRight: CutoutMark = { kind: 'keep', points: [35, 10] };
    expect([...pieceHints(pieces, markHints([inLeft, keepRight], 40, 30, 1))]).toEqual([UNKNOWN, MUST_BE_SUBJECT]);
  });
});
