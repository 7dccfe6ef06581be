import { groupsAround, type Item, type Opening, type Sheet } from '@kadrosyn/core';

/** One slab of the side view. */
export interface SlabRow {
  readonly item: Item;
  /** How many groups lie around it, and things that it lies on. */
  readonly level: number;
  readonly isInGroup: boolean;
  /** The imprint that it is a piece of: it lies on the sheet of that. */
  readonly imprint?: Opening;
  /** Its place in its own list, from the front, and how many lie there. */
  readonly place: number;
  readonly count: number;
}

/**
 * The slabs of a sheet from front to back; items of a group below it, where the group is open. What lies on something else is set in, and pieces of an imprint
 * stand below that.
 * @param piecesOf - what is printed by an item; nothing for what is no imprint
 */
export function slabRows(
  items: readonly Item[],
  open: ReadonlySet<string>,
  piecesOf: (item: Item) => readonly Item[] = () => [],
  level = 0,
  isInGroup = false,
): SlabRow[] {
  return items.toReversed().flatMap((item, place): SlabRow[] => {
    const own = level + hostsBelow(item, items);
    const pieces = piecesOf(item);
    return [
      { item, level: own, isInGroup, place, count: items.length },
      ...pieces.toReversed().map((piece, at): SlabRow => ({
        ...{ item: piece, level: own + 1, isInGroup: false, place: at, count: pieces.length },
        imprint: item as Opening,
      })),
      ...(item.type === 'group' && open.has(item.id) ? slabRows(item.items, open, piecesOf, own + 1, true) : []),
    ];
  });
}

/** How many things of the same list lie one on the other below an item. */
function hostsBelow(item: Item, items: readonly Item[]): number {
  const host = item.type === 'opening' && item.host ? items.find(({ id }) => id === item.host!.itemId) : undefined;
  return host ? 1 + hostsBelow(host, items) : 0;
}

/** Groups that are open because something inside them is selected. */
export function groupsHolding(sheet: Sheet, selected: readonly Item[]): string[] {
  return selected.flatMap(({ id }) => groupsAround(sheet, id));
}

/** How a slab passes another in front of it: over it, under it, or the one here and the other there. */
type Passing = 'over' | 'under' | 'both';

/** A tongue that climbs from a slab to those in front of it that it crosses. */
export interface Tongue {
  readonly itemId: string;
  /** Its row, counted from the front. */
  readonly from: number;
  /** The slabs that it meets on its way, from the nearest to the farthest. */
  readonly meets: readonly { readonly row: number; readonly passing: Passing }[];
  readonly words: string;
}

/** Over or under, for each place where two items cross, from the view of the one that lies deeper. */
interface Place {
  readonly low: string;
  readonly high: string;
  readonly isOver: boolean;
}

/**
 * The tongues of a sheet: one for each slab that passes over another in front of it somewhere.
 * @param seen - places of the selected item as they were found; of the others it is known only what was said of them.
 */
export function tonguesOf(
  sheet: Sheet,
  rows: readonly SlabRow[],
  seen: {
    readonly itemId: string;
    readonly places: readonly { readonly otherId: string; readonly isOver: boolean }[];
  } | null = null,
): Tongue[] {
  const at = (itemId: string): number => rows.findIndex(({ item }) => item.id === itemId);
  const places = [...saidOf(sheet, at, seen?.itemId), ...(seen ? foundOf(seen, at) : [])];
  return rows.flatMap(({ item }, from): Tongue[] => {
    const own = places.filter(({ low }) => low === item.id);
    if (!own.some(({ isOver }) => isOver)) return [];
    const highs = [...new Set(own.map(({ high }) => high))];
    const meets = highs
      .map((high) => ({ row: at(high), passing: passingOf(own.filter((place) => place.high === high)) }))
      .filter(({ row }) => row >= 0 && row < from)
      .sort((a, b) => b.row - a.row);
    if (meets.length === 0) return [];
    const words = meets.map(({ row, passing }) => `${WORDS[passing]} ${rows[row]!.item.name}`).join(', ');
    return [{ itemId: item.id, from, meets, words: `${item.name} passes ${words}` }];
  });
}

const WORDS: Readonly<Record<Passing, string>> = { over: 'over', under: 'under', both: 'over and under' };

function passingOf(places: readonly Place[]): Passing {
  if (places.every(({ isOver }) => isOver)) return 'over';
  return places.some(({ isOver }) => isOver) ? 'both' : 'under';
}

/** What crossings of the sheet say. @param but - this item's are known better. */
function saidOf({ crossings }: Sheet, at: (itemId: string) => number, but: string | undefined): Place[] {
  return crossings.flatMap(({ lower, upper, over, regions }): Place[] => {
    const [a, b] = [at(lower.itemId), at(upper.itemId)];
    if (a < 0 || b < 0 || lower.itemId === but || upper.itemId === but) return [];
    // Rows are counted from the front.
    const [low, high, turns] = a > b ? [lower.itemId, upper.itemId, false] : [upper.itemId, lower.itemId, true];
    return [over, ...regions.map((region) => region.over)].map((isOver) => ({ low, high, isOver: isOver !== turns }));
  });
}

function foundOf({ itemId, places }: NonNullable<Parameters<typeof tonguesOf>[2]>, at: (itemId: string) => number): Place[] {
  return places.map(({ otherId, isOver }) =>
    at(itemId) > at(otherId) ? { low: itemId, high: otherId, isOver } : { low: otherId, high: itemId, isOver: !isOver },
  );
}
