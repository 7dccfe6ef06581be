import type { FitRule, PhotoFill, PictureFill, Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import type { Photo, Sheet } from '../document/project.js';
import { areaInsideConvex, convexHull, signedArea, type Polygons } from '../geometry/polygon.js';
import { flatten, type Path } from '../geometry/path.js';
import { isWarped, outlinePath } from '../kinds/outlines/outlines.js';
import type { Shaper } from '../lettering/shaper.js';
import { fillOpening, keepCovered, type Hull } from './cover.js';
import { keepFocus, type FocusedSize } from './keep-focus.js';
import { disjoint, showFocus } from './share-visible.js';
import { inLayout, layoutOf, layoutSize, photoArea, photoInLayout } from './photo-layout.js';
import type { Size } from './placement.js';
import { wholePhoto } from './whole.js';

/** The true outline of an opening in its box's own frame, px of the sheet. */
export function openingPath({ outline, box }: Pick<Opening, 'outline' | 'box'>, shaper: Shaper): Path {
  return outlinePath(outline, box.width, box.height, shaper);
}

/** The same as polygons. */
export function openingPolygons(opening: Opening, shaper: Shaper): Float64Array[] {
  return flatten(openingPath(opening, shaper), 0.1);
}

/** The hull that a photo has to cover. For an outline without area (a blank lettering), the box itself. */
export function openingHull(opening: Opening, shaper: Shaper): Hull {
  // A warped photo is laid out in a rectangle first and put into the corners afterwards.
  const hull = isWarped(opening.outline) ? [] : convexHull(openingPolygons(opening, shaper));
  if (hull.length >= 6) return hull as Float64Array;
  const { width, height } = layoutSize(opening);
  return Float64Array.from([0, 0, width, 0, width, height, 0, height]);
}

/**
 * Fits by rule; turn and flip are kept from `previous`. To fill an opening keeps the focus of the photo in sight, "subject" brings it to the
 * middle.
 */
export function fitByRule(rule: FitRule, hull: Hull, photo: FocusedSize, previous?: Placement): Placement {
  const turn = previous?.turn ?? 0;
  const flip = { flipX: previous?.flipX ?? false, flipY: previous?.flipY ?? false };
  if (rule === 'whole') return wholePhoto(hull, photo, turn, flip);
  return keepFocus(fillOpening(hull, photo, turn, flip), hull, photo, rule === 'subject' ? 'centred' : 'inside');
}

/** The placement of what a fill shows, looked up on the sheet when it is shared. */
export function resolvePlacement(fill: PictureFill, sheet: Sheet): Placement | undefined {
  return typeof fill.placement === 'string' ? sheet.placements[fill.placement] : fill.placement;
}

/** `placement` moved so that the opening shows no gap, unless the fill says that gaps are wanted. */
export function respectCover(fill: PictureFill, placement: Placement, hull: Hull, photo: Size): Placement {
  return fill.keepCovered === false ? placement : keepCovered(placement, hull, photo);
}

/**
 * Share of the outline's area, 0..1, that the photo leaves uncovered. Overlapping letters count twice.
 * @param area - what the photo reaches over, see `photoArea`
 */
export function uncoveredShare(polygons: Polygons, area: Float64Array): number {
  let [whole, inside] = [0, 0];
  for (const polygon of polygons) {
    whole += signedArea(polygon);
    inside += areaInsideConvex(polygon, area);
  }
  if (whole === 0) return 0;
  const share = 1 - inside / whole;
  // Below a millionth it is rounding, not a gap.
  return share < 1e-6 ? 0 : Math.min(1, share);
}

/**
 * The same for a placed photo. What lies on something curved is measured in what it is laid out in, where its photo is a rectangle.
 * @param polygons - what of the opening is seen, in its box's own frame
 */
export function gapShare(opening: Opening, polygons: Polygons, placement: Placement, photo: Size): number {
  const lay = layoutOf(opening);
  return lay && !lay.projection
    ? uncoveredShare(inLayout(opening, polygons), photoInLayout(placement, photo))
    : uncoveredShare(polygons, photoArea(opening, placement, photo));
}

/** Photo px per printed inch at this placement. */
export function effectiveResolution(placement: Placement, sheet: Pick<Sheet, 'dpi'>): number {
  return sheet.dpi / placement.scale;
}

/**
 * The placement of a picture in an opening by a rule; turn and flip are kept from `previous`. Between letters much of a photo is hidden: there
 * it is placed so that its focus lies on one of them.
 */
export function fitPhoto(rule: FitRule, opening: Opening, photo: FocusedSize, shaper: Shaper, previous?: Placement): Placement {
  const hull = openingHull(opening, shaper);
  const placement = fitByRule(rule, hull, photo, previous);
  if (rule === 'whole' || opening.outline.type !== 'lettering' || !photo.focus) return placement;
  return showFocus(disjoint(openingPolygons(opening, shaper)), hull, placement, photo);
}

/**
 * The fill of an opening that takes `photo`. The rule of an earlier photo is kept and the new one is fitted by it;
 * its turn and its cutout go with it.
 */
export function fillWithPhoto(opening: Opening, photo: Photo, shaper: Shaper): PhotoFill {
  const before: Partial<PhotoFill> = opening.fill.type === 'photo' ? opening.fill : {};
  const rule: FitRule = before.fit === 'whole' || before.fit === 'subject' ? before.fit : 'fill';
  const { cutout: _gone, ...kept } = before;
  return {
    ...kept,
    type: 'photo',
    photoId: photo.id,
    fit: rule,
    placement: fitPhoto(rule, opening, photo, shaper),
    ...(rule === 'whole' ? { keepCovered: false } : {}),
  };
}
