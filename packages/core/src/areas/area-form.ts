import type { Point } from '../geometry/matrix.js';
import type { ClothFolds } from '../geometry/cloth-folds.js';
import { clothCorners, clothSurface } from '../geometry/cloth-surface.js';
import type { CurvedSurface } from '../geometry/curved-surface.js';
import { ellipsePath } from '../geometry/ellipse-path.js';
import { curvedLay, seenEdge } from '../geometry/lay.js';
import { multiply, rotation, scaling, translation } from '../geometry/matrix.js';
import { flatten, PathBuilder, toPathData, transformPath, type Path } from '../geometry/path.js';
import { readPathData } from '../geometry/path-data.js';
import { contains } from '../geometry/polygon.js';
import type { Quad } from '../geometry/quad.js';
import { tubeSurface } from '../geometry/tube-surface.js';

/** The form of an area of a photo; all lengths are px of the photo. */
export type AreaForm = FlatForm | RoundForm | TracedForm | TubeForm | ClothForm;

/** Something flat, seen in perspective: corners in the order top-left, top-right, bottom-right, bottom-left of what lies in it. */
export interface FlatForm {
  readonly type: 'flat';
  readonly corners: Quad;
}

/** Something round: radii along its own axes, which are turned by degrees clockwise. */
export interface RoundForm {
  readonly type: 'round';
  readonly centre: Point;
  readonly rx: number;
  readonly ry: number;
  readonly turn: number;
}

/** The wall of something round that stands upright; what of it can be seen runs between the corners. */
export interface TubeForm {
  readonly type: 'tube';
  readonly corners: Quad;
  /** The middles of the upper and the lower arc. */
  readonly top: Point;
  readonly bottom: Point;
  /** Its radius as a share of its distance from the camera. */
  readonly kappa: number;
  /** Degrees that the area goes round it; less than half of them can be seen. */
  readonly around: number;
}

/** Cloth: 4 x 4 places of it, evenly spaced, in rows from the top left. */
export interface ClothForm {
  readonly type: 'cloth';
  readonly points: readonly Point[];
  /** What rises between them, as far as it was seen. */
  readonly folds?: ClothFolds;
}

/** Anything else: a closed outline as SVG path data. */
export interface TracedForm {
  readonly type: 'traced';
  readonly d: string;
}

/** The outline of a form, in px of the photo. */
export function formPath(form: AreaForm): Path {
  if (form.type === 'traced') return readPathData(form.d).path;
  if (form.type === 'round') {
    const { centre, rx, ry, turn } = form;
    const place = multiply(translation(centre.x, centre.y), multiply(rotation(turn), translation(-rx, -ry)));
    return transformPath(place, ellipsePath(2 * rx, 2 * ry));
  }
  const path = new PathBuilder();
  edgeOf(form).forEach(({ x, y }, i) => (i === 0 ? path.moveTo(x, y) : path.lineTo(x, y)));
  return path.close().build();
}

function edgeOf(form: FlatForm | TubeForm | ClothForm): readonly Point[] {
  const surface = curvedSurface(form);
  const lay = surface && curvedLay(surface, { width: 1, height: 1 });
  if (lay) return seenEdge(lay, lay.sight);
  return form.type === 'cloth' ? clothCorners(form.points) : form.corners;
}

/** What a form is the picture of, where that is curved. */
export function curvedSurface(form: AreaForm): CurvedSurface | null {
  if (form.type === 'cloth') return clothSurface(form.points, form.folds);
  return form.type === 'tube' ? tubeSurface({ ...form, half: form.around / 2, turn: 0 }) : null;
}

/** The same form with each of its places moved; for forms that are made of places. */
export function movedForm<F extends FlatForm | TubeForm | ClothForm>(form: F, by: (p: Point) => Point): F {
  if (form.type === 'cloth') {
    const { points, folds } = form;
    return { ...form, points: points.map(by), ...(folds ? { folds: { ...folds, middle: by(folds.middle) } } : {}) };
  }
  const corners = form.corners.map(by) as unknown as Quad;
  return form.type === 'tube' ? { ...form, corners, top: by(form.top), bottom: by(form.bottom) } : { ...form, corners };
}

/** The same form in px that are so many times as fine. */
export function scaledForm(form: AreaForm, by: number): AreaForm {
  const scaled = ({ x, y }: Point): Point => ({ x: x * by, y: y * by });
  if (form.type === 'round') return { ...form, centre: scaled(form.centre), rx: form.rx * by, ry: form.ry * by };
  if (form.type === 'traced') return { ...form, d: toPathData(transformPath(scaling(by), formPath(form)), 2) };
  return movedForm(form, scaled);
}

/** Whether two forms are the same but for so many px. */
export function isSameForm(a: AreaForm, b: AreaForm, within: number): boolean {
  const isNear = (p: Point, q: Point): boolean => Math.hypot(p.x - q.x, p.y - q.y) <= within;
  if (a.type === 'round' && b.type === 'round') {
    return isNear(a.centre, b.centre) && Math.abs(a.rx - b.rx) <= within && Math.abs(a.ry - b.ry) <= within;
  }
  if (a.type === 'traced' || b.type === 'traced') return a.type === b.type && (a as TracedForm).d === (b as TracedForm).d;
  if (a.type === 'round' || b.type === 'round' || a.type !== b.type) return false;
  const [places, others] = [placesOf(a), placesOf(b)];
  return places.every((place, i) => isNear(place, others[i]!));
}

/** The places that a form is made of. */
export function placesOf(form: FlatForm | TubeForm | ClothForm): readonly Point[] {
  if (form.type === 'cloth') return form.points;
  return form.type === 'tube' ? [...form.corners, form.top, form.bottom] : form.corners;
}

/** Whether a place of the photo lies in a form. */
export function formHolds(form: AreaForm, p: Point): boolean {
  return contains(flatten(formPath(form)), p);
}
