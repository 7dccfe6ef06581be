import type { Opening } from '../document/item.js';
import { newShapedOpening } from '../document/new-opening.js';
import type { Photo, PhotoArea } from '../document/project.js';
import { placedPhoto, type GripContext } from '../fit/grip.js';
import { layoutProjection } from '../fit/photo-layout.js';
import { normalTurn, placementMatrix } from '../fit/placement.js';
import { boundsOf } from '../geometry/bounds.js';
import { boxMatrix } from '../geometry/box.js';
import { freePathOutline } from '../geometry/free-path.js';
import { apply, rotation, type Point } from '../geometry/matrix.js';
import { flatten, PathBuilder, type Path } from '../geometry/path.js';
import { asProjection, invertProjection, multiplyProjections, project, type Projection, type Quad } from '../geometry/quad.js';
import { quadProportion } from '../geometry/quad-proportion.js';
import type { Outline } from '../kinds/outlines/outlines.js';
import { formPath, placesOf, type FlatForm } from './area-form.js';
import { curvedOpening } from './curved-opening.js';

/**
 * From px of the photo that an opening shows to px of the sheet, through the perspective of four corners where it lies in one.
 * @returns null where it shows no photo, or its corners leave no room
 */
export function photoToSheet(opening: Opening, context: GripContext): Projection | null {
  const placed = placedPhoto(opening, context);
  if (!placed) return null;
  const own = asProjection(placementMatrix(placed.placement, placed.photo));
  const layout = layoutProjection(opening);
  return multiplyProjections(asProjection(boxMatrix(opening.box)), layout ? multiplyProjections(layout, own) : own);
}

/** A place of the sheet in px of the photo that an opening shows; null where it shows none there. */
export function sheetToPhoto(opening: Opening, at: Point, context: GripContext): Point | null {
  const onto = photoToSheet(opening, context);
  const back = onto && invertProjection(onto);
  const found = back && project(back, at);
  return found && Number.isFinite(found.x) && Number.isFinite(found.y) ? found : null;
}

/**
 * An empty opening that lies in an area of the photo which another opening shows: the same form, at the same place of the sheet. What is put
 * into four corners lies in their perspective, in the proportion of what they are a picture of. It is as upright as the photo is; a flipped
 * photo flips the area, not what is shown in it.
 * @returns null where the area is out of sight of the perspective, or has no extent
 */
export function openingInArea(
  host: Opening,
  area: Pick<PhotoArea, 'name' | 'form' | 'size'>,
  context: GripContext,
): Opening | null {
  const placed = placedPhoto(host, context);
  const onto = photoToSheet(host, context);
  if (!placed || !onto) return null;
  const { name, form } = area;
  if (form.type === 'flat') return flatOpening({ ...area, form }, placed.photo, onto);
  if (form.type === 'tube' || form.type === 'cloth') {
    const isSeen = placesOf(form).every((p) => isInSight(onto, p));
    return isSeen ? curvedOpening({ ...area, form }, placed.photo, onto) : null;
  }
  const turn = frameTurn(onto, placed.photo);
  const upright = rotation(-turn);
  const outlined = mapped(formPath(form), (p) => (isInSight(onto, p) ? apply(upright, project(onto, p)) : null));
  const free = outlined && freePathOutline(outlined);
  if (!free) return null;
  const { x, y, width, height } = free.bounds;
  const middle = apply(rotation(turn), { x: x + width / 2, y: y + height / 2 });
  const isEven = form.type === 'round' && (isCircle(form) || Math.abs(form.turn) < STRAIGHT) && isSimilar(onto);
  const outline: Outline = isEven ? { type: 'ellipse' } : free.outline;
  const opening = newShapedOpening(name, outline, middle, width, height);
  return { ...opening, box: { ...opening.box, turn: normalTurn(turn) } };
}

/** Degrees: an ellipse that is turned by less stands straight. */
const STRAIGHT = 0.5;
/** Radii that differ by less than this share are those of a circle, which has no direction. */
const CIRCLE = 0.01;

function isCircle({ rx, ry }: { readonly rx: number; readonly ry: number }): boolean {
  return Math.abs(rx - ry) < CIRCLE * Math.max(rx, ry);
}

function isSimilar(m: Projection): boolean {
  return Math.abs(m[6]) < 1e-12 && Math.abs(m[7]) < 1e-12;
}

/** In front of the camera. */
function isInSight(m: Projection, { x, y }: Point): boolean {
  return m[6] * x + m[7] * y + m[8] > 1e-9;
}

/** Degrees by which what lies in a photo is turned on the sheet. */
function frameTurn(onto: Projection, photo: Photo): number {
  if (!isSimilar(onto)) return 0;
  const at = { x: photo.width / 2, y: photo.height / 2 };
  const [middle, right, below] = [at, { x: at.x + 1, y: at.y }, { x: at.x, y: at.y + 1 }].map((p) => project(onto, p)) as [
    Point,
    Point,
    Point,
  ];
  const isFlipped = (right.x - middle.x) * (below.y - middle.y) - (right.y - middle.y) * (below.x - middle.x) < 0;
  const turn = (Math.atan2(right.y - middle.y, right.x - middle.x) * 180) / Math.PI;
  // Of both ways to undo a flip, the one that leaves it upright.
  return isFlipped && Math.abs(turn) > 90 ? normalTurn(turn - 180) : turn;
}

function flatOpening(
  { form: { corners }, name, size }: Pick<PhotoArea, 'name' | 'size'> & { readonly form: FlatForm },
  photo: Photo,
  onto: Projection,
): Opening | null {
  if (!corners.every((corner) => isInSight(onto, corner))) return null;
  const [a, b, c, d] = corners.map((corner) => project(onto, corner)) as unknown as Quad;
  const isFlipped = (b.x - a.x) * (d.y - a.y) - (b.y - a.y) * (d.x - a.x) < 0;
  const quad: Quad = !isFlipped ? [a, b, c, d] : a.x > b.x ? [b, a, d, c] : [d, c, b, a];
  const { x, y, width, height } = boundsOf(quad);
  if (!(width > 0) || !(height > 0)) return null;
  const points = quad.map((p) => ({ x: (p.x - x) / width, y: (p.y - y) / height })) as unknown as Quad;
  const middle = { x: photo.width / 2, y: photo.height / 2 };
  const proportion = size
    ? size.width / size.height
    : quadProportion(corners, { middle, diagonal: Math.hypot(photo.width, photo.height) });
  const aspect = proportion === null ? {} : { aspect: proportion / (width / height) };
  return newShapedOpening(
    name,
    { type: 'corners', warp: true, points, ...aspect },
    { x: x + width / 2, y: y + height / 2 },
    width,
    height,
  );
}

/** A path as it lies elsewhere, in short lines; null where a part of it is out of sight. */
function mapped(path: Path, map: (p: Point) => Point | null): Path | null {
  const builder = new PathBuilder();
  for (const polygon of flatten(path, 0.02)) {
    for (let i = 0; i < polygon.length; i += 2) {
      const p = map({ x: polygon[i]!, y: polygon[i + 1]! });
      if (!p) return null;
      if (i === 0) builder.moveTo(p.x, p.y);
      else builder.lineTo(p.x, p.y);
    }
    builder.close();
  }
  return builder.build();
}
