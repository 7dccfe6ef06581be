import type { Point } from '../geometry/matrix.js';
import { ellipsePath } from '../geometry/ellipse-path.js';
import { multiply, rotation, scaling, translation } from '../geometry/matrix.js';
import { flatten, PathBuilder, toPathData, transformPath, type Path } from '../geometry/path.js';
import { readPathData } from '../geometry/path-data.js';
import { contains } from '../geometry/polygon.js';
import type { Quad } from '../geometry/quad.js';

/** The form of an area of a photo; all lengths are px of the photo. */
export type AreaForm = FlatForm | RoundForm | TracedForm;

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
  form.corners.forEach(({ x, y }, i) => (i === 0 ? path.moveTo(x, y) : path.lineTo(x, y)));
  return path.close().build();
}

/** The same form in px that are so many times as fine. */
export function scaledForm(form: AreaForm, by: number): AreaForm {
  const scaled = ({ x, y }: Point): Point => ({ x: x * by, y: y * by });
  if (form.type === 'flat') return { ...form, corners: form.corners.map(scaled) as unknown as Quad };
  if (form.type === 'round') return { ...form, centre: scaled(form.centre), rx: form.rx * by, ry: form.ry * by };
  return { ...form, d: toPathData(transformPath(scaling(by), formPath(form)), 2) };
}

/** Whether two forms are the same but for so many px. */
export function isSameForm(a: AreaForm, b: AreaForm, within: number): boolean {
  const isNear = (p: Point, q: Point): boolean => Math.hypot(p.x - q.x, p.y - q.y) <= within;
  if (a.type === 'flat' && b.type === 'flat') return a.corners.every((corner, i) => isNear(corner, b.corners[i]!));
  if (a.type === 'round' && b.type === 'round') {
    return isNear(a.centre, b.centre) && Math.abs(a.rx - b.rx) <= within && Math.abs(a.ry - b.ry) <= within;
  }
  return a.type === 'traced' && b.type === 'traced' && a.d === b.d;
}

/** Whether a place of the photo lies in a form. */
export function formHolds(form: AreaForm, p: Point): boolean {
  return contains(flatten(formPath(form)), p);
}
