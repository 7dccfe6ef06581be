import type { DrawingFill } from '../document/fill.js';
import { isSolidColour } from '../kinds/colour.js';
import { isHidden, openingsOf } from '../document/find-item.js';
import type { Opening } from '../document/item.js';
import type { Sheet } from '../document/project.js';
import { intersect } from '../geometry/bounds.js';
import { boxBounds, boxMatrix } from '../geometry/box.js';
import { combined } from '../geometry/combine.js';
import { invert, multiply, scaling, translation } from '../geometry/matrix.js';
import { rectanglePath } from '../geometry/rectangle-path.js';
import { polygonBounds } from '../geometry/polygon.js';
import { readPathData } from '../geometry/path-data.js';
import { flatten, transformPath, type Path } from '../geometry/path.js';
import type { Shaper } from '../lettering/shaper.js';
import { openingPath, openingPolygons } from './opening-fit.js';

/** Layers and colours of at least this strength hide what lies below. */
const HIDES = 0.9;
/** How far a flattened curve may be from the true one, px of the sheet. */
const FINE = 0.25;

/**
 * The part of an opening that can be seen under what lies over it, px of the sheet; null where nothing hides any of it. What hides is told
 * by form: shapes in a solid colour or with a photo, and the solid layers of artwork. Pictures with a clear ground and letters are passed over.
 * @param captions - whether lettering hides the lines that it takes up.
 */
export function seenPart(
  sheet: Sheet,
  opening: Opening,
  shaper: Shaper,
  captions: 'with captions' | 'without captions' = 'without captions',
): Path | null {
  const order = [...openingsOf(sheet.items, isHidden)];
  const at = order.findIndex(({ id }) => id === opening.id);
  if (at < 0) return null;
  const own = boxBounds(opening.box);
  const over = order.slice(at + 1).filter((item) => intersect(boxBounds(item.box), own) !== null);
  const hidden = over.flatMap((item) =>
    item.outline.type === 'lettering' && captions === 'with captions' ? linesOf(item, shaper) : hiding(item, shaper),
  );
  if (hidden.length === 0) return null;
  const whole = flatten(transformPath(boxMatrix(opening.box), openingPath(opening, shaper)), FINE);
  return combined('subtract', whole, hidden);
}

/**
 * The part of an opening that its photo has to cover, in the frame of its box: a ring or an overlay above it counts as its edge. All of the
 * outline where nothing hides any of it.
 */
export function seenPolygons(sheet: Sheet, opening: Opening, shaper: Shaper): Float64Array[] {
  const part = seenPart(sheet, opening, shaper);
  if (!part) return openingPolygons(opening, shaper);
  return flatten(transformPath(invert(boxMatrix(opening.box)), part), 0.1);
}

/** The lines of a lettering as one upright rectangle in its box, px of the sheet; along a circle, the letters themselves. */
function linesOf(item: Opening, shaper: Shaper): Float64Array[] {
  if (item.fill.type === 'none') return [];
  const toSheet = boxMatrix(item.box);
  if (item.outline.type === 'lettering' && item.outline.along)
    return flatten(transformPath(toSheet, openingPath(item, shaper)), FINE);
  const { x, y, width, height } = polygonBounds(openingPolygons(item, shaper));
  return flatten(transformPath(multiply(toSheet, translation(x, y)), rectanglePath(width, height)), FINE);
}

/** Areas of an item that hide what lies below, px of the sheet. */
function hiding(item: Opening, shaper: Shaper): Float64Array[] {
  const { fill, finish, outline, kind } = item;
  if ((finish.opacity ?? 1) < HIDES || (finish.blend ?? 'normal') !== 'normal' || outline.type === 'lettering') return [];
  if (fill.type === 'drawing') return solidLayers(item, fill);
  const isSolid = fill.type === 'colour' ? isSolidColour(fill.colour) : fill.type === 'photo' && kind !== 'artwork';
  return isSolid ? flatten(transformPath(boxMatrix(item.box), openingPath(item, shaper)), FINE) : [];
}

function solidLayers({ box }: Opening, { layers }: DrawingFill): Float64Array[] {
  const toSheet = multiply(boxMatrix(box), scaling(box.width, box.height));
  return layers
    .filter(({ strength = 1, fade, gradient, clip }) => !fade && !gradient && !clip && strength >= HIDES)
    .flatMap(({ d }) => flatten(transformPath(toSheet, readPathData(d).path), FINE));
}
