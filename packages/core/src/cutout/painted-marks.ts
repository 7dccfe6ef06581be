import type { CutoutMark } from '../document/project.js';
import type { Plane } from '../finish/plane.js';
import { alongStroke } from './mark-hints.js';

/**
 * Lays marks onto a matte in their order: strokes that keep or leave out are obeyed to the px, the brush paints and erases with its softness.
 * @param matte - changed in place.
 * @param scale - px of the matte to one px of the photo.
 */
export function paintMarks(matte: Plane, marks: readonly CutoutMark[], scale: number): void {
  const { width, height, data } = matte;
  for (const mark of marks) {
    const isErasing = mark.kind === 'erase' || mark.kind === 'leave-out';
    if (!isErasing && mark.kind !== 'paint' && mark.kind !== 'keep') continue;
    const hard = mark.kind === 'keep' || mark.kind === 'leave-out' ? 1 : 1 - (mark.softness ?? 0);
    alongStroke(mark, width, height, scale, (i, away) => {
      const cover = 255 * (away <= hard ? 1 : 0.5 + 0.5 * Math.cos((Math.PI * (away - hard)) / Math.max(1e-6, 1 - hard)));
      data[i] = isErasing ? Math.min(data[i]!, 255 - cover) : Math.max(data[i]!, cover);
    });
  }
}

/** Where *soft edge* was brushed: 255, of the given size. Undefined where it was not. */
export function softMarks(marks: readonly CutoutMark[], width: number, height: number, scale: number): Plane | undefined {
  const brushed = marks.filter(({ kind }) => kind === 'soft-edge');
  if (brushed.length === 0) return undefined;
  const data = new Uint8Array(width * height);
  for (const mark of brushed) {
    alongStroke(mark, width, height, scale, (i) => {
      data[i] = 255;
    });
  }
  return { width, height, data };
}

/** Fills the inside of traced paths (even-odd) with 255. */
export function fillTraces(mask: Plane, marks: readonly CutoutMark[], scale: number): void {
  const { width, height, data } = mask;
  for (const { kind, points } of marks) {
    if (kind !== 'trace' || points.length < 6) continue;
    const count = points.length >> 1;
    for (let y = 0; y < height; y++) {
      const crossings: number[] = [];
      for (let p = 0; p < count; p++) {
        const q = (p + 1) % count;
        const [ax, ay] = [points[2 * p]! * scale, points[2 * p + 1]! * scale];
        const [bx, by] = [points[2 * q]! * scale, points[2 * q + 1]! * scale];
        if (ay <= y + 0.5 === by <= y + 0.5) continue;
        crossings.push(ax + ((y + 0.5 - ay) / (by - ay)) * (bx - ax));
      }
      crossings.sort((a, b) => a - b);
      for (let c = 0; c + 1 < crossings.length; c += 2) {
        const from = Math.max(0, Math.ceil(crossings[c]! - 0.5));
        const to = Math.min(width, Math.ceil(crossings[c + 1]! - 0.5));
        if (to > from) data.fill(255, y * width + from, y * width + to);
      }
    }
  }
}
