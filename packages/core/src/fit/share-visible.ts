import type { Placement } from '../document/fill.js';
import { cornersOf, type Bounds } from '../geometry/bounds.js';
import { unitedPath } from '../geometry/combine.js';
import { apply } from '../geometry/matrix.js';
import { flatten } from '../geometry/path.js';
import { areaInsideConvex, polygonBounds, signedArea, type Polygons } from '../geometry/polygon.js';
import { keepCovered, type Hull } from './cover.js';
import type { FocusedSize } from './keep-focus.js';
import { placementMatrix } from './placement.js';

/** How much of a photo is seen through an outline, as shares from 0 to 1. */
export interface ShareVisible {
  readonly photo: number;
  /** Of its focus; undefined where none is known. */
  readonly focus?: number;
}

/** The polygons of an outline with those that overlap made one, so that areas can be summed. It takes some ms for a word: keep it. */
export function disjoint(polygons: Polygons): Polygons {
  return flatten(unitedPath(polygons));
}

/** @param once - disjoint polygons of the outline, px of the box. */
export function shareVisible(once: Polygons, placement: Placement, photo: FocusedSize): ShareVisible {
  const whole = { x: 0, y: 0, width: photo.width, height: photo.height };
  const seen = (part: Bounds): number => seenThrough(once, placement, photo, part);
  return { photo: seen(whole), ...(photo.focus ? { focus: seen(photo.focus) } : {}) };
}

/** The share of a part of the photo (photo px) that lies inside polygons that do not overlap. */
function seenThrough(polygons: Polygons, placement: Placement, photo: FocusedSize, part: Bounds): number {
  const m = placementMatrix(placement, photo);
  const quad = Float64Array.from(cornersOf(part).flatMap((p) => Object.values(apply(m, p)) as number[]));
  const area = Math.abs(signedArea(quad));
  if (area === 0) return 0;
  const inside = polygons.reduce((sum, polygon) => sum + areaInsideConvex(polygon, quad), 0);
  return Math.min(1, Math.abs(inside) / area);
}

/** Places tried in each direction, and how often the search is narrowed. */
const TRIED = 9;
const ROUNDS = 3;

/**
 * The placement of the same scale and turn that shows most of the photo's focus through the outline and leaves no gap. Without a focus, the
 * middle of the photo counts as one.
 * @param once - disjoint polygons of the outline; `hull` goes round them, both px of the box.
 */
export function showFocus(once: Polygons, hull: Hull, placement: Placement, photo: FocusedSize): Placement {
  const focus = photo.focus ?? middleOf(photo);
  const middle = apply(placementMatrix(placement, photo), { x: focus.x + focus.width / 2, y: focus.y + focus.height / 2 });
  const bounds = polygonBounds([hull]);
  const seen = (candidate: Placement): number => seenThrough(once, candidate, photo, focus);
  // A first guess brings the focus to the middle of the outline.
  let best = keepCovered(
    {
      ...placement,
      x: placement.x + bounds.x + bounds.width / 2 - middle.x,
      y: placement.y + bounds.y + bounds.height / 2 - middle.y,
    },
    hull,
    photo,
  );
  let most = seen(best);
  let [reachX, reachY] = [bounds.width / 2, bounds.height / 2];
  for (let round = 0; round < ROUNDS; round++) {
    const from = best;
    for (let i = 0; i < TRIED; i++) {
      for (let j = 0; j < TRIED; j++) {
        const [dx, dy] = [(2 * i) / (TRIED - 1) - 1, (2 * j) / (TRIED - 1) - 1];
        const candidate = keepCovered({ ...from, x: from.x + dx * reachX, y: from.y + dy * reachY }, hull, photo);
        const share = seen(candidate);
        if (share > most + 1e-6) [best, most] = [candidate, share];
      }
    }
    [reachX, reachY] = [reachX / (TRIED - 1), reachY / (TRIED - 1)];
  }
  return best;
}

function middleOf({ width, height }: FocusedSize): Bounds {
  return { x: width / 3, y: height / 3, width: width / 3, height: height / 3 };
}
