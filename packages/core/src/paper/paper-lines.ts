import type { Bounds } from '../geometry/bounds.js';
import type { PaperLine } from './paper.js';

/** How far from the sheet a mark begins at least, and how long it is, mm. It stays clear of what the knife may leave. */
const [CLEAR, LONG] = [3, 5];

/** How much paper lies around a sheet that has marks, mm. @param bleed - mm */
export function roomForMarks(bleed: number): number {
  return Math.max(CLEAR, bleed) + LONG + 1;
}

/**
 * Marks outside of a field, each two opposite each other, where vertical and horizontal lines reach its edges.
 * @param field - mm; @param bleed - mm around it
 */
export function marksAround(
  field: Bounds,
  { vertical, horizontal }: { readonly vertical: readonly number[]; readonly horizontal: readonly number[] },
  kind: PaperLine['kind'],
  bleed: number,
): PaperLine[] {
  const near = Math.max(CLEAR, bleed);
  const far = near + LONG;
  const [right, bottom] = [field.x + field.width, field.y + field.height];
  const upright = vertical.flatMap((x) => [
    { kind, from: { x, y: field.y - far }, to: { x, y: field.y - near } },
    { kind, from: { x, y: bottom + near }, to: { x, y: bottom + far } },
  ]);
  const level = horizontal.flatMap((y) => [
    { kind, from: { x: field.x - far, y }, to: { x: field.x - near, y } },
    { kind, from: { x: right + near, y }, to: { x: right + far, y } },
  ]);
  return [...upright, ...level];
}
