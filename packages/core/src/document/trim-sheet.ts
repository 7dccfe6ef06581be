import { backgroundBox, backgroundOf, heldInPlace, withoutBackground } from './background.js';
import type { Crossing } from './crossing.js';
import type { Edit, Operation } from './edit.js';
import { findItem, openingsOf } from './find-item.js';
import type { Sides } from './finish.js';
import { changeItemOperation, changeSheet } from './make-edit.js';
import type { Sheet } from './project.js';
import type { Point } from '../geometry/matrix.js';

/** A sheet has at least this many px on each side. */
const SHORTEST = 8;

/**
 * Moves the edges of a sheet inwards (outwards where a side is negative) by px; everything stays where it lies, as seen from the other edges.
 * No side becomes shorter than 8 px.
 */
export function trimSheet(sheet: Sheet, by: Sides<number>): Edit {
  const left = Math.min(by.left, sheet.width - SHORTEST);
  const top = Math.min(by.top, sheet.height - SHORTEST);
  const width = Math.max(SHORTEST, sheet.width - left - by.right);
  const height = Math.max(SHORTEST, sheet.height - top - by.bottom);
  const moved = <T extends Point>(p: T): T => ({ ...p, x: p.x - left, y: p.y - top });
  const along = (axis: 'horizontal' | 'vertical'): number => (axis === 'vertical' ? left : top);
  const stays = left === 0 && top === 0;
  const operations: Operation[] = stays
    ? []
    : [...openingsOf(withoutBackground(sheet.items))].map((opening) =>
        changeItemOperation(sheet, opening, { box: moved(opening.box) }),
      );
  const after = {
    width,
    height,
    ...(stays
      ? {}
      : {
          guides: sheet.guides.map((guide) => ({ ...guide, at: guide.at - along(guide.axis) })),
          ...(sheet.folds ? { folds: sheet.folds.map((fold) => ({ ...fold, at: fold.at - along(fold.axis) })) } : {}),
          placements: Object.fromEntries(Object.entries(sheet.placements).map(([id, placement]) => [id, moved(placement)])),
          crossings: sheet.crossings.map((crossing) => movedMarks(crossing, sheet, moved)),
        }),
  };
  return {
    name: 'Trim the sheet',
    operations: [
      ...changeSheet(sheet, after, '').operations,
      ...backgroundAfter(sheet, { width, height }, { x: left, y: top }),
      ...operations,
    ],
  };
}

/** The photo behind the sheet stays where it is, and covers what the sheet is then. */
function backgroundAfter(sheet: Sheet, size: Pick<Sheet, 'width' | 'height'>, by: Point): Operation[] {
  const background = backgroundOf(sheet);
  if (!background) return [];
  const box = backgroundBox({ ...sheet, ...size });
  const moved = { x: by.x + box.x - background.box.x, y: by.y + box.y - background.box.y };
  return [changeItemOperation(sheet, background, { box, fill: heldInPlace(background.fill, moved) })];
}

/** Marks on a group are px of the sheet; all others go with their item. */
function movedMarks(crossing: Crossing, sheet: Sheet, moved: <T extends Point>(p: T) => T): Crossing {
  if (findItem(sheet.items, crossing.lower.itemId)?.type !== 'group') return crossing;
  return {
    ...crossing,
    regions: crossing.regions.map((region) => ({ ...region, at: moved(region.at) })),
    cuts: crossing.cuts.map((line) => line.map(moved)),
    ...(crossing.paint ? { paint: crossing.paint.map((stroke) => ({ ...stroke, points: stroke.points.map(moved) })) } : {}),
  };
}
