import { isHidden, openingsOf } from '../document/find-item.js';
import type { Item, Opening } from '../document/item.js';
import type { Project, Sheet } from '../document/project.js';
import { intersect } from '../geometry/bounds.js';
import { boxBounds } from '../geometry/box.js';
import { itemBounds } from './item-bounds.js';

/** A slot that still shows what the template put there. */
export interface LeftSample {
  readonly sheet: Sheet;
  readonly opening: Opening;
}

/** All samples that are still in a project, sheet by sheet from back to front. Hidden ones are not seen and do not count. */
export function samplesLeft(project: Project): LeftSample[] {
  return project.sheets.flatMap((sheet) =>
    [...openingsOf(sheet.items, isHidden)].filter(({ slot }) => slot?.sample === true).map((opening) => ({ sheet, opening })),
  );
}

/** Slots below an item of the sheet that it lies over, at least in part: it belongs to how they look. */
export function slotsUnder(sheet: Sheet, item: Item): Opening[] {
  const own = itemBounds(item);
  const order = [...openingsOf(sheet.items)];
  const ids = new Set(item.type === 'group' ? [...openingsOf(item.items)].map(({ id }) => id) : [item.id]);
  const first = order.findIndex(({ id }) => ids.has(id));
  if (!own || first < 0) return [];
  return order.slice(0, first).filter((opening) => opening.slot && intersect(own, boxBounds(opening.box)) !== null);
}

/** Marks an opening as a place to fill, with what it shows as its sample; or as no slot any more. */
export function withSlot(opening: Opening, hint: string | null): Opening {
  const { slot: _before, ...rest } = opening;
  return hint === null ? rest : { ...rest, slot: { hint, sample: isShown(opening) } };
}

/** Something to be replaced is there. */
function isShown({ fill, outline }: Opening): boolean {
  return fill.type === 'photo' || outline.type === 'lettering';
}

/**
 * A document to be kept as a template: what is in `hints` becomes a slot with that hint, everything else is no slot.
 * @param hints - by id of the opening.
 */
export function asTemplate(project: Project, hints: ReadonlyMap<string, string>): Project {
  const visit = (item: Item): Item =>
    item.type === 'group' ? { ...item, items: item.items.map(visit) } : withSlot(item, hints.get(item.id) ?? null);
  return { ...project, sheets: project.sheets.map((sheet) => ({ ...sheet, items: sheet.items.map(visit) })) };
}
