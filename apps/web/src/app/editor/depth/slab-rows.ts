import { groupsAround, type Item, type Sheet } from '@kadrosyn/core';

/** One slab of the side view. */
export interface SlabRow {
  readonly item: Item;
  /** How many groups lie around it. */
  readonly level: number;
  /** Its place in its own list, from the front, and how many lie there. */
  readonly place: number;
  readonly count: number;
}

/** The slabs of a sheet from front to back; items of a group below it, where the group is open. */
export function slabRows(items: readonly Item[], open: ReadonlySet<string>, level = 0): SlabRow[] {
  return items
    .toReversed()
    .flatMap((item, place): SlabRow[] => [
      { item, level, place, count: items.length },
      ...(item.type === 'group' && open.has(item.id) ? slabRows(item.items, open, level + 1) : []),
    ]);
}

/** Groups that are open because something inside them is selected. */
export function groupsHolding(sheet: Sheet, selected: readonly Item[]): string[] {
  return selected.flatMap(({ id }) => groupsAround(sheet, id));
}

/** A break-out or crossing as a tongue that climbs from one slab to the one in front that it passes over. */
export interface Tongue {
  /** Rows, counted from the front; `to` is above `from`. */
  readonly from: number;
  readonly to: number;
  /** All of it, or only in places, passes over. */
  readonly isWhole: boolean;
  readonly words: string;
}

/** The tongues of a sheet: for each pair of slabs of which the lower passes over the upper somewhere. */
export function tonguesOf(sheet: Sheet, rows: readonly SlabRow[]): Tongue[] {
  const at = (itemId: string): number => rows.findIndex(({ item }) => item.id === itemId);
  return sheet.crossings.flatMap(({ lower, upper, over, regions }): Tongue[] => {
    const [from, to] = [at(lower.itemId), at(upper.itemId)];
    const isSomewhere = over || regions.some((region) => region.over);
    if (from < 0 || to < 0 || to >= from || !isSomewhere) return [];
    const isWhole = over && regions.every((region) => region.over);
    const how = isWhole ? 'passes over' : 'passes over and under';
    return [{ from, to, isWhole, words: `${rows[from]!.item.name} ${how} ${rows[to]!.item.name}` }];
  });
}
