import type { Box } from '../document/item.js';
import { boundsOf, cornersOf, type Bounds } from './bounds.js';
import { apply, chain, IDENTITY, rotation, translation, type Matrix, type Point } from './matrix.js';

/** Maps the box's own frame (0..width, 0..height, upright) to the sheet, both in px of the sheet. */
export function boxMatrix(box: Box): Matrix {
  const shear: Matrix = box.shear ? { ...IDENTITY, c: box.shear } : IDENTITY;
  return chain(
    translation(box.x + box.width / 2, box.y + box.height / 2),
    rotation(box.turn),
    shear,
    translation(-box.width / 2, -box.height / 2),
  );
}

/** The middle of the box on the sheet, about which it turns. */
export function boxCentre(box: Box): Point {
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** The upright rectangle around the turned box, in px of the sheet. */
export function boxBounds(box: Box): Bounds {
  const m = boxMatrix(box);
  return boundsOf(cornersOf({ x: 0, y: 0, width: box.width, height: box.height }).map((p) => apply(m, p)));
}

/**
 * A box of another size whose point `fixed` (given as shares of width and height, 0..1) stays where it is on the sheet.
 */
export function resizeBox(box: Box, width: number, height: number, fixed: Point): Box {
  const kept = apply(boxMatrix(box), { x: fixed.x * box.width, y: fixed.y * box.height });
  const moved: Box = { ...box, width, height };
  const now = apply(boxMatrix(moved), { x: fixed.x * width, y: fixed.y * height });
  return { ...moved, x: moved.x + kept.x - now.x, y: moved.y + kept.y - now.y };
}
