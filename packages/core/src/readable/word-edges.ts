import type { Opening } from '../document/item.js';
import { transformBounds, type Bounds } from '../geometry/bounds.js';
import { boxMatrix } from '../geometry/box.js';
import { unitedPath } from '../geometry/combine.js';
import { chain, meanScale, scaling, translation, type Matrix } from '../geometry/matrix.js';
import { flatten, transformPath } from '../geometry/path.js';
import { polygonBounds, type Polygons } from '../geometry/polygon.js';
import { letterIdsOf, letterPath } from '../lettering/lettering-path.js';
import type { Shaper } from '../lettering/shaper.js';
import { openingPolygons } from '../fit/opening-fit.js';
import type { EdgeOptions, LetterEdge } from './edge-contrast.js';

/** The picture of a word is drawn with so many px to one px as it is looked at. */
const SHARPNESS = 2;
/** A picture to measure on has no more px than this: the letters of a large print are measured on a smaller one. */
const MOST_PIXELS = 600_000;
/** Room around the letters, px as they are looked at. */
const ROOM = 6;

/** A word as it is to be measured: the part of the sheet to draw, and its letters on that picture. */
export interface WordEdges {
  /** px of the sheet to px of the picture's canvas, before its corner is taken off. */
  readonly scale: number;
  /** The part to draw, whole px of the sheet at that scale. */
  readonly area: Bounds;
  readonly letters: readonly LetterEdge[];
  readonly options: EdgeOptions;
}

/**
 * Letters of a word on the picture that is to be drawn of it. Null for what is no lettering or has no letters.
 * @param seen - px as it is looked at to one px of the sheet.
 */
export function wordEdges(opening: Opening, seen: number, shaper: Shaper): WordEdges | null {
  const { outline, box, finish } = opening;
  if (outline.type !== 'lettering') return null;
  const extent = transformBounds(boxMatrix(box), polygonBounds(openingPolygons(opening, shaper)));
  if (extent.width === 0 || extent.height === 0) return null;
  const scale = Math.min(seen * SHARPNESS, Math.sqrt(MOST_PIXELS / (extent.width * extent.height)));
  const sharpness = Math.max(1, scale / seen);
  const toView = chain(scaling(scale), boxMatrix(box));
  const whole = transformBounds(toView, polygonBounds(openingPolygons(opening, shaper)));
  const room = ROOM * sharpness + reachOf(finish.outline) * scale;
  const [left, top] = [Math.floor(whole.x - room), Math.floor(whole.y - room)];
  const area = {
    x: left,
    y: top,
    width: Math.ceil(whole.x + whole.width + room) - left,
    height: Math.ceil(whole.y + whole.height + room) - top,
  };
  const toPicture = chain(translation(-left, -top), toView);
  const letters = letterIdsOf(outline)
    .map((id) => ({ id, polygons: disjointOn(toPicture, letterPath(outline, box.width, shaper, id)) }))
    .filter(({ polygons }) => polygons.length > 0);
  const word = disjointOn(toPicture, undefined, openingPolygons(opening, shaper));
  return { scale, area, letters, options: { sharpness, word, lines: linesOf(finish.outline, scale, sharpness) } };
}

function disjointOn(matrix: Matrix, path: Parameters<typeof transformPath>[1] | undefined, polygons?: Polygons): Polygons {
  const united = unitedPath(polygons ?? flatten(path!, 0.2 / meanScale(matrix)));
  return flatten(transformPath(matrix, united), 0.2);
}

function reachOf(outline: Opening['finish']['outline']): number {
  return outline ? outline.width : 0;
}

/** The far sides of an outline, px of the picture, outwards above 0. One that is thinner than half a px is not seen as a line. */
function linesOf(outline: Opening['finish']['outline'], scale: number, sharpness: number): number[] {
  const width = reachOf(outline) * scale;
  if (!outline || width < sharpness / 2) return [];
  if (outline.align === 'inside') return [-width];
  return outline.align === 'outside' ? [width] : [-width / 2, width / 2];
}
