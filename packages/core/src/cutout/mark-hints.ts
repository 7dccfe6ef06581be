import type { CutoutMark } from '../document/project.js';
import { MUST_BE_GROUND, MUST_BE_SUBJECT, UNKNOWN } from './segment.js';

/** What marks say about each px of a copy of the photo. */
export interface MarkHints {
  readonly width: number;
  readonly height: number;
  /** `MUST_BE_GROUND`, `UNKNOWN` or `MUST_BE_SUBJECT` for each px, in rows from the top. */
  readonly hints: Int8Array;
  /** Px under a stroke, where the hint is the person's own word and not only the border of the box. */
  readonly strokes: Uint8Array;
  /** Whether a box was drawn: what lies outside of it is then ground. */
  readonly hasBox: boolean;
}

/**
 * Draws boxes and strokes onto a copy. The last box counts; a later stroke counts where it crosses an earlier one, and every stroke counts more
 * than the box.
 * @param scale - px of the copy to one px of the photo.
 */
export function markHints(marks: readonly CutoutMark[], width: number, height: number, scale: number): MarkHints {
  const hints = new Int8Array(width * height);
  const strokes = new Uint8Array(width * height);
  const box = marks.findLast(({ kind }) => kind === 'box');
  if (box) {
    const { left, top, right, bottom } = boxOf(box, scale);
    for (let y = 0, i = 0; y < height; y++) {
      for (let x = 0; x < width; x++, i++) {
        const isInside = x + 0.5 >= left && x + 0.5 <= right && y + 0.5 >= top && y + 0.5 <= bottom;
        hints[i] = isInside ? UNKNOWN : MUST_BE_GROUND;
      }
    }
  }
  for (const mark of marks) {
    if (mark.kind !== 'keep' && mark.kind !== 'leave-out') continue;
    const hint = mark.kind === 'keep' ? MUST_BE_SUBJECT : MUST_BE_GROUND;
    alongStroke(mark, width, height, scale, (i) => {
      hints[i] = hint;
      strokes[i] = 1;
    });
  }
  return { width, height, hints, strokes, hasBox: box !== undefined };
}

/** The sides of a box mark, whose points are two opposite corners. */
export function boxOf({ points }: CutoutMark, scale = 1): { left: number; top: number; right: number; bottom: number } {
  const [x0 = 0, y0 = 0, x1 = 0, y1 = 0] = points;
  return {
    left: Math.min(x0, x1) * scale,
    top: Math.min(y0, y1) * scale,
    right: Math.max(x0, x1) * scale,
    bottom: Math.max(y0, y1) * scale,
  };
}

/** A stroke without a width is so wide, as a share of the longer side of the photo. */
const STANDARD_WIDTH = 0.012;

/**
 * Visits each px that a stroke covers, one px at least at each of its points.
 * @param visit - is given the index of the px, and how far it is from the middle of the stroke as a share of half its width (0..1).
 */
export function alongStroke(
  { points, width: strokeWidth }: CutoutMark,
  width: number,
  height: number,
  scale: number,
  visit: (index: number, away: number) => void,
): void {
  const radius = Math.max(0.75, ((strokeWidth ?? (STANDARD_WIDTH * Math.max(width, height)) / scale) * scale) / 2);
  const nearest = new Map<number, number>();
  const count = points.length >> 1;
  for (let p = 0; p < count; p++) {
    const [ax, ay] = [points[2 * p]! * scale, points[2 * p + 1]! * scale];
    const q = Math.min(p + 1, count - 1);
    const [bx, by] = [points[2 * q]! * scale, points[2 * q + 1]! * scale];
    const [dx, dy] = [bx - ax, by - ay];
    const squared = dx * dx + dy * dy;
    const top = Math.max(0, Math.floor(Math.min(ay, by) - radius));
    const bottom = Math.min(height - 1, Math.ceil(Math.max(ay, by) + radius));
    const left = Math.max(0, Math.floor(Math.min(ax, bx) - radius));
    const right = Math.min(width - 1, Math.ceil(Math.max(ax, bx) + radius));
    for (let y = top; y <= bottom; y++) {
      for (let x = left; x <= right; x++) {
        const [px, py] = [x + 0.5 - ax, y + 0.5 - ay];
        const t = squared > 0 ? Math.min(1, Math.max(0, (px * dx + py * dy) / squared)) : 0;
        const away = Math.hypot(px - t * dx, py - t * dy) / radius;
        if (away > 1) continue;
        const index = y * width + x;
        if (away < (nearest.get(index) ?? Infinity)) nearest.set(index, away);
      }
    }
  }
  for (const [index, away] of nearest) visit(index, away);
}
