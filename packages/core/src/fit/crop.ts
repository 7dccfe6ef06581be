import type { ItemProperties } from '../document/edit.js';
import type { Opening } from '../document/item.js';
import { boxMatrix, resizeBox } from '../geometry/box.js';
import { apply, chain, invert, rotation, translation, type Point } from '../geometry/matrix.js';
import { isWarped } from '../kinds/outlines/outlines.js';
import { placedPicture, placePhoto, setBoxByGrip, type GripContext } from './grip.js';
import { layoutPoint, layoutSize } from './photo-layout.js';
import { transformPlacement } from './placement.js';

/**
 * Crops to a proportion (width for a height of 1): the opening keeps its area as far as the photo reaches, its middle moves no more than it
 * has to, and the photo stays where it is on the sheet. Without an upright photo, the largest such box within the present one.
 */
export function cropTo(opening: Opening, proportion: number, context: GripContext): ItemProperties {
  const { box } = opening;
  const placed = placedPicture(opening, context);
  const turned = !placed || placed.placement.turn % 180 !== 0;
  if (turned || placed.fill.keepCovered === false) {
    const height = Math.min(box.height, box.width / proportion);
    return setBoxByGrip(opening, 'opening', resizeBox(box, height * proportion, height, { x: 0.5, y: 0.5 }), context);
  }
  const { placement, picture } = placed;
  const [reachX, reachY] = [picture.width * placement.scale, picture.height * placement.scale];
  const area = box.width * box.height;
  const height = Math.min(Math.sqrt(area / proportion), reachY, reachX / proportion);
  const width = height * proportion;
  // In the frame of the present box: as near to its middle as the photo allows.
  const middle = {
    x: within(box.width / 2, placement.x - reachX / 2 + width / 2, placement.x + reachX / 2 - width / 2),
    y: within(box.height / 2, placement.y - reachY / 2 + height / 2, placement.y + reachY / 2 - height / 2),
  };
  const at = apply(boxMatrix(box), middle);
  return setBoxByGrip(opening, 'opening', { ...box, x: at.x - width / 2, y: at.y - height / 2, width, height }, context);
}

function within(value: number, least: number, most: number): number {
  return Math.min(Math.max(value, Math.min(least, most)), Math.max(least, most));
}

/** Two places of the sheet as they lie in the rectangle that four corners are a picture of; the same for any other outline. */
function inPerspective(opening: Opening, ...places: readonly [Point, Point]): [Point, Point] {
  if (!isWarped(opening.outline)) return [...places];
  const toBox = invert(boxMatrix(opening.box));
  return places.map((p) => layoutPoint(opening, apply(toBox, p))) as [Point, Point];
}

/**
 * Turns the photo about the middle of its opening so that a line that was drawn on it (px of the sheet) becomes level, or upright where that
 * is nearer. It keeps its opening covered.
 */
export function straighten(opening: Opening, from: Point, to: Point, context: GripContext): ItemProperties {
  const placed = placedPicture(opening, context);
  const [a, b] = inPerspective(opening, from, to);
  const angle = (Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI;
  const off = angle - Math.round(angle / 90) * 90;
  if (!placed || Math.hypot(to.x - from.x, to.y - from.y) < 1e-6) return {};
  const { width, height } = layoutSize(opening);
  const about = chain(translation(width / 2, height / 2), rotation(-off), translation(-width / 2, -height / 2));
  return placePhoto(opening, transformPlacement(about, placed.placement), context);
}
