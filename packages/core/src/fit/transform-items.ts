import type { ItemProperties, Operation } from '../document/edit.js';
import { openingsOf } from '../document/find-item.js';
import type { PictureFill } from '../document/fill.js';
import type { Group, Item, Opening } from '../document/item.js';
import { changeItemOperation, changeSheet } from '../document/make-edit.js';
import { outlineKind } from '../kinds/outlines/outlines.js';
import type { Sheet } from '../document/project.js';
import { scaledOverhangs } from '../finish/scaled-overhangs.js';
import { scaledFinish } from '../kinds/finishes/finishes.js';
import { scaledShadow } from '../kinds/finishes/shadow.js';
import { boxCentre } from '../geometry/box.js';
import { apply, chain, meanScale, rotation, scaling, translation, type Matrix, type Point } from '../geometry/matrix.js';
import { showsPicture } from './grip.js';
import { normalTurn, transformPlacement } from './placement.js';
import { isShared, windowsOf } from './register.js';

/** A similarity that scales and turns about a point and then moves, px of the sheet. */
export function similarity(about: Point, factor: number, turn: number, by: Point = { x: 0, y: 0 }): Matrix {
  return chain(translation(about.x + by.x, about.y + by.y), rotation(turn), scaling(factor), translation(-about.x, -about.y));
}

/**
 * Moves, scales and turns items with all that is in them: outlines, letters, photos, finishes, shadows. A placement that is shared goes
 * along when all of its windows do; otherwise those windows show another part of the photo.
 * @param frame - a similarity without a mirror.
 */
export function transformItems(sheet: Sheet, items: readonly Item[], frame: Matrix): Operation[] {
  const operations = items.flatMap((item) => [...changesOf(sheet, item, frame)]);
  const placements = placementsAfter(sheet, items, frame);
  return placements === sheet.placements ? operations : [...operations, ...changeSheet(sheet, { placements }, '').operations];
}

function* changesOf(sheet: Sheet, item: Item, frame: Matrix): Generator<Operation> {
  if (item.type === 'opening') {
    yield changeItemOperation(sheet, item, transformedOpening(item, frame));
    return;
  }
  for (const inner of item.items) yield* changesOf(sheet, inner, frame);
  const factor = meanScale(frame);
  const { shadow } = item.finish ?? {};
  if (shadow && factor !== 1) {
    const finish: Group['finish'] = { shadow: scaledShadow(shadow, factor) };
    // The finish of a group is a part of what the finish of an opening can hold.
    yield changeItemOperation(sheet, item, { finish });
  }
}

/** What an opening is like after a similarity. */
export function transformedOpening(opening: Opening, frame: Matrix): ItemProperties {
  const { box, outline, fill, finish, overhangs } = opening;
  const factor = meanScale(frame);
  const middle = apply(frame, boxCentre(box));
  const [width, height] = [box.width * factor, box.height * factor];
  const turn = normalTurn(box.turn + (Math.atan2(frame.b, frame.a) * 180) / Math.PI);
  const moved = { box: { ...box, x: middle.x - width / 2, y: middle.y - height / 2, width, height, turn } };
  if (Math.abs(factor - 1) < 1e-12) return moved;
  return {
    ...moved,
    ...(outlineKind(outline).scaled ? { outline: outlineKind(outline).scaled!(outline, factor) } : {}),
    ...(showsPicture(fill) ? { fill: scaledFill(fill, factor) } : {}),
    ...(Object.keys(finish).length > 0 ? { finish: scaledFinish(finish, factor) } : {}),
    ...(overhangs?.shadow || overhangs?.contact ? { overhangs: scaledOverhangs(overhangs, factor) } : {}),
  };
}

function scaledFill(fill: PictureFill, factor: number): PictureFill {
  const { placement } = fill;
  const blur = fill.type === 'photo' ? fill.blur : undefined;
  const scaled = blur === undefined ? {} : { blur: blur * factor };
  if (typeof placement === 'string') return { ...fill, ...scaled };
  return {
    ...fill,
    ...scaled,
    placement: { ...placement, x: placement.x * factor, y: placement.y * factor, scale: placement.scale * factor },
  };
}

function placementsAfter(sheet: Sheet, items: readonly Item[], frame: Matrix): Sheet['placements'] {
  const moving = new Map([...openingsOf(items)].map((opening) => [opening.id, opening]));
  let { placements } = sheet;
  for (const { fill } of moving.values()) {
    if (!isShared(fill)) continue;
    const id = fill.placement;
    const isWhole = windowsOf(sheet, id).every((window) => moving.has(window.id));
    if (isWhole && placements[id] === sheet.placements[id] && placements[id]) {
      placements = { ...placements, [id]: transformPlacement(frame, placements[id]) };
    }
  }
  return placements;
}
