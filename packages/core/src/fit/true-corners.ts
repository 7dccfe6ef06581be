import { backgroundOf } from '../document/background.js';
import type { Opening } from '../document/item.js';
import type { Sheet } from '../document/project.js';
import { boxMatrix } from '../geometry/box.js';
import { apply } from '../geometry/matrix.js';
import type { Quad } from '../geometry/quad.js';
import { quadProportion, type SeenPicture } from '../geometry/quad-proportion.js';
import type { Outline } from '../kinds/outlines/outlines.js';

/** A proportion is believed where it is no more than so many times that of the sides: flatter a wall is not looked at. */
const MOST = 5;

/**
 * The outline of an opening with the proportion of the rectangle that its four corners are a picture of, so that a photo is neither wide nor
 * narrow in them. The camera is taken to have looked at the middle of the photo behind the sheet, or of the sheet.
 */
export function withTrueProportion({ outline, box }: Pick<Opening, 'outline' | 'box'>, sheet: Sheet): Outline {
  if (outline.type !== 'corners' || !outline.warp) return outline;
  const { aspect: _before, ...rest } = outline;
  const toSheet = boxMatrix(box);
  const quad = outline.points.map((p) => apply(toSheet, { x: p.x * box.width, y: p.y * box.height })) as unknown as Quad;
  const proportion = quadProportion(quad, pictureOf(sheet));
  const sides = sidesOf(quad);
  if (proportion === null || proportion > sides * MOST || proportion < sides / MOST) return rest;
  return { ...rest, aspect: proportion / (box.width / box.height) };
}

function pictureOf(sheet: Sheet): SeenPicture {
  const behind = backgroundOf(sheet);
  const placed = behind?.fill.type === 'photo' && typeof behind.fill.placement !== 'string' ? behind.fill.placement : undefined;
  const middle = behind && placed ? apply(boxMatrix(behind.box), placed) : { x: sheet.width / 2, y: sheet.height / 2 };
  return { middle, diagonal: Math.hypot(sheet.width, sheet.height) };
}

/** The mean of both widths for a mean height of 1. */
function sidesOf([a, b, c, d]: Quad): number {
  const apart = (p: Quad[0], q: Quad[0]): number => Math.hypot(p.x - q.x, p.y - q.y);
  return (apart(a, b) + apart(d, c)) / Math.max(1e-9, apart(a, d) + apart(b, c));
}
