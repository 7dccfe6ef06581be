import { withoutBackground } from '../document/background.js';
import { crossingKey, type Crossing, type CrossingPart } from '../document/crossing.js';
import type { Edit } from '../document/edit.js';
import { findItem } from '../document/find-item.js';
import type { Item } from '../document/item.js';
import { changeSheet, listAround } from '../document/make-edit.js';
import type { Sheet } from '../document/project.js';
import { cutoutFill } from '../fit/replace-photo.js';
import { outlineBounds } from '../fit/item-bounds.js';
import { intersect, type Bounds } from '../geometry/bounds.js';
import { boxMatrix } from '../geometry/box.js';
import { flatten, transformPath } from '../geometry/path.js';
import { polygonBounds } from '../geometry/polygon.js';
import { letterIdsOf, letterPath } from '../lettering/lettering-path.js';
import type { Shaper } from '../lettering/shaper.js';
import { saysNothing } from './set-marks.js';

/** Letters below this share of the sheet's longer side cross as one word: nobody would choose for each of them. */
const LARGE_LETTER = 0.06;

/** The parts of an item that cross by themselves. @param isLow - it lies lower than what it is to cross. */
function partsOf(item: Item, isLow: boolean, sheet: Sheet): string[] {
  if (item.type === 'group') return ['whole'];
  const fill = cutoutFill(item);
  // What is above lies on the body too; a photo of which the subject alone is shown has no body.
  if (isLow && fill && fill.show !== 'subject') return ['subject'];
  if (item.outline.type !== 'lettering') return ['whole'];
  const letters = letterIdsOf(item.outline);
  const largest = Math.max(...item.outline.runs.map(({ size }) => size));
  const isLarge = largest >= LARGE_LETTER * Math.max(sheet.width, sheet.height);
  return letters.length > 1 && isLarge ? letters : ['whole'];
}

/**
 * All pairs that an item could cross in: with the others of its list that are seen, those of which the sheet knows a crossing as it is there, the others
 * as crossings that say nothing yet. Whether the two really meet is for drawing to find out.
 */
export function crossingPairs(sheet: Sheet, itemId: string): Crossing[] {
  // Nothing goes behind the background.
  const list = withoutBackground(listAround(sheet, itemId));
  const own = list.findIndex(({ id }) => id === itemId);
  if (own < 0) return [];
  const known = sheet.crossings.filter(({ lower, upper }) => lower.itemId === itemId || upper.itemId === itemId);
  const pairs: Crossing[] = [];
  for (const [index, other] of list.entries()) {
    if (index === own || other.hidden) continue;
    const [low, high] = index < own ? [other, list[own]!] : [list[own]!, other];
    const between = known.filter(({ lower, upper }) => lower.itemId === other.id || upper.itemId === other.id);
    pairs.push(...between);
    for (const lowPart of partsOf(low, true, sheet)) {
      for (const highPart of partsOf(high, false, sheet)) {
        const [lower, upper] = [
          { itemId: low.id, part: lowPart },
          { itemId: high.id, part: highPart },
        ];
        if (!between.some((crossing) => isOf(crossing, lower, upper)))
          pairs.push({ lower, upper, over: false, regions: [], cuts: [] });
      }
    }
  }
  return pairs;
}

/**
 * What lets an item over all that lies on it within `seen` (px of the sheet), letter by letter; nothing for what was said of already.
 */
export function crossingsOver(sheet: Sheet, itemId: string, seen: Bounds, shaper: Shaper): Crossing[] {
  return crossingPairs(sheet, itemId)
    .filter((pair) => pair.lower.itemId === itemId && !sheet.crossings.includes(pair))
    .filter(({ upper }) => {
      const bounds = partBounds(findItem(sheet.items, upper.itemId)!, upper.part, shaper);
      return bounds !== null && intersect(bounds, seen) !== null;
    })
    .map((pair) => ({ ...pair, over: true }));
}

/** The upright rectangle round a letter, or round all of an item, px of the sheet. */
function partBounds(item: Item, part: string, shaper: Shaper): Bounds | null {
  if (item.type === 'group' || item.outline.type !== 'lettering' || part === 'whole') return outlineBounds(item, shaper);
  const path = transformPath(boxMatrix(item.box), letterPath(item.outline, item.box.width, shaper, part));
  const polygons = flatten(path, 0.5);
  return polygons.length > 0 ? polygonBounds(polygons) : null;
}

/** Whether a crossing is with these two, whichever was the lower one when it was made. A subject and its item count as one. */
function isOf({ lower, upper }: Crossing, a: CrossingPart, b: CrossingPart): boolean {
  return (meets(lower, a) && meets(upper, b)) || (meets(lower, b) && meets(upper, a));
}

function meets(a: CrossingPart, b: CrossingPart): boolean {
  const plain = (part: string): string => (part === 'subject' ? 'whole' : part);
  return a.itemId === b.itemId && (plain(a.part) === plain(b.part) || plain(a.part) === 'whole' || plain(b.part) === 'whole');
}

/** Puts a crossing in the place of another, or adds it; one that says nothing is taken away. @param before - null for a new one. */
export function withCrossing(crossings: readonly Crossing[], before: Crossing | null, after: Crossing): readonly Crossing[] {
  const next = saysNothing(after) ? [] : [after];
  const key = before && crossingKey(before);
  const at = crossings.findIndex((crossing) => crossingKey(crossing) === key);
  return at < 0 ? [...crossings, ...next] : crossings.toSpliced(at, 1, ...next);
}

/** The edit that changes one crossing. @param before - as `crossingPairs` gave it. */
export function changeCrossing(sheet: Sheet, before: Crossing, after: Crossing, name: string): Edit {
  return changeSheet(sheet, { crossings: withCrossing(sheet.crossings, before, after) }, name);
}
