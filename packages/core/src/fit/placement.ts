import type { Placement } from '../document/fill.js';
import { apply, chain, rotation, scaling, translation, type Matrix, type Point } from '../geometry/matrix.js';

/** Width and height in px. */
export interface Size {
  readonly width: number;
  readonly height: number;
}

/** Maps photo px to the space of the placement (the opening's box, or the sheet when shared). */
export function placementMatrix(placement: Placement, photo: Size): Matrix {
  const { x, y, scale, turn, flipX, flipY } = placement;
  return chain(
    translation(x, y),
    rotation(turn),
    scaling(flipX ? -scale : scale, flipY ? -scale : scale),
    translation(-photo.width / 2, -photo.height / 2),
  );
}

/**
 * The placement seen from another frame: `frame` maps the placement's present space to the new one and must be a
 * similarity (no shear, equal scale in both directions).
 */
export function transformPlacement(frame: Matrix, placement: Placement): Placement {
  const middle = apply(frame, placement);
  const mirrored = frame.a * frame.d - frame.b * frame.c < 0;
  const turn = (Math.atan2(frame.b, frame.a) * 180) / Math.PI;
  return {
    x: middle.x,
    y: middle.y,
    scale: placement.scale * Math.hypot(frame.a, frame.b),
    turn: normalTurn(mirrored ? turn - placement.turn : turn + placement.turn),
    flipX: placement.flipX,
    flipY: mirrored ? !placement.flipY : placement.flipY,
  };
}

/** The same direction between -180 (exclusive) and 180 degrees. */
export function normalTurn(degrees: number): number {
  const turn = ((degrees % 360) + 360) % 360;
  return turn > 180 ? turn - 360 : turn;
}

/** Scales about a point that stays where it is, given in the space of the placement. */
export function scalePlacement(placement: Placement, factor: number, about: Point): Placement {
  return {
    ...placement,
    scale: placement.scale * factor,
    x: about.x + (placement.x - about.x) * factor,
    y: about.y + (placement.y - about.y) * factor,
  };
}
