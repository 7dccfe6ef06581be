import type { Placement } from '../document/fill.js';
import { boundsOf } from '../geometry/bounds.js';
import { apply, rotation, type Point } from '../geometry/matrix.js';
import type { Hull } from './cover.js';
import type { Size } from './placement.js';

/** The hull as half planes: inside is n · p <= d. */
interface HalfPlane {
  readonly nx: number;
  readonly ny: number;
  readonly d: number;
  /** How far the photo of scale 1 reaches along the normal, from its middle. */
  readonly reach: number;
}

/**
 * Shows the whole photo: the largest scale at which all of it, turned, lies inside the hull. The middle of the hull is
 * kept where the photo can be as large there as anywhere.
 *
 * The scale possible at a middle c is the least of (d - n · c) / reach over all sides, a concave function of c, so
 * nested golden-section searches (J. Kiefer, 1953) find its maximum.
 */
export function wholePhoto(hull: Hull, photo: Size, turn = 0, flip = { flipX: false, flipY: false }): Placement {
  const bounds = boundsOf(points(hull));
  const sides = halfPlanes(hull, photo, turn);
  const scaleAt = (x: number, y: number): number => {
    let least = Infinity;
    for (const side of sides) least = Math.min(least, (side.d - side.nx * x - side.ny * y) / side.reach);
    return least;
  };
  const middle = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
  const bestY = (x: number): number => maximise((y) => scaleAt(x, y), bounds.y, bounds.y + bounds.height);
  const x = maximise((at) => scaleAt(at, bestY(at)), bounds.x, bounds.x + bounds.width);
  const found = { x, y: bestY(x) };
  const [inMiddle, best] = [scaleAt(middle.x, middle.y), scaleAt(found.x, found.y)];
  const [place, scale] = inMiddle >= best * (1 - 1e-6) ? [middle, inMiddle] : [found, best];
  return { ...place, scale, turn, ...flip };
}

function points(hull: Hull): Point[] {
  const list: Point[] = [];
  for (let i = 0; i < hull.length; i += 2) list.push({ x: hull[i]!, y: hull[i + 1]! });
  return list;
}

function halfPlanes(hull: Hull, photo: Size, turn: number): HalfPlane[] {
  const corners = points(hull);
  const centre = {
    x: corners.reduce((sum, p) => sum + p.x, 0) / corners.length,
    y: corners.reduce((sum, p) => sum + p.y, 0) / corners.length,
  };
  const along = apply(rotation(turn), { x: photo.width / 2, y: 0 });
  const down = apply(rotation(turn), { x: 0, y: photo.height / 2 });
  return corners.map((p, i) => {
    const q = corners[(i + 1) % corners.length]!;
    let [nx, ny] = [q.y - p.y, p.x - q.x];
    if (nx * (centre.x - p.x) + ny * (centre.y - p.y) > 0) [nx, ny] = [-nx, -ny];
    const reach = Math.abs(nx * along.x + ny * along.y) + Math.abs(nx * down.x + ny * down.y);
    return { nx, ny, d: nx * p.x + ny * p.y, reach };
  });
}

function maximise(f: (at: number) => number, from: number, to: number): number {
  const golden = (Math.sqrt(5) - 1) / 2;
  let [a, b] = [from, to];
  let [c, d] = [b - golden * (b - a), a + golden * (b - a)];
  let [fc, fd] = [f(c), f(d)];
  for (let i = 0; i < 44; i++) {
    if (fc > fd) {
      [b, d, fd] = [d, c, fc];
      c = b - golden * (b - a);
      fc = f(c);
    } else {
      [a, c, fc] = [c, d, fd];
      d = a + golden * (b - a);
      fd = f(d);
    }
  }
  return (a + b) / 2;
}
