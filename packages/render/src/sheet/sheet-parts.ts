import {
  boxMatrix,
  literalColour,
  openingsOf,
  transformPath,
  withoutBackground,
  type Item,
  type LiteralColour,
  type Opening,
  type Path,
  type ResolvedSheet,
} from '@kadrosyn/core';
import type { RenderResources } from '../canvas/resources.js';
import { hasMood } from '../finish/mood.js';
import { isPlain } from '../opening/draw-opening.js';
import { cachedOutline } from '../outline/outline-cache.js';
import { drawnPart, only, withoutGround, type DrawnPart } from './part-of-sheet.js';

/** An outline filled with one colour, in px of the sheet. Contours are filled by the nonzero rule. */
export interface OutlinePart {
  readonly kind: 'outline';
  readonly path: Path;
  readonly colour: LiteralColour;
  /** 0 to 1. */
  readonly opacity: number;
}

/** What only px can show. */
export interface PicturePart {
  readonly kind: 'picture';
  /** Whether nothing lies behind it: it is all of the sheet, from the ground up. */
  readonly isBase: boolean;
  /**
   * Draws it at `scale` px per px of the sheet. Gives the px that hold anything, straight alpha, and where they lie, px of that scale; null where
   * there are none.
   */
  readonly draw: (scale: number) => DrawnPart | null;
}

export type SheetPart = OutlinePart | PicturePart;

/**
 * A sheet in parts that lie on one another from back to front, for files that hold outlines. Laid on one another by their alpha they are the sheet.
 * What is mixed with what lies below it takes all of that along, as one picture: blends, crossings, subjects that break out, photos seen through several
 * openings; of a sheet with a mood everything.
 */
export function sheetParts(sheet: ResolvedSheet, resources: RenderResources): SheetPart[] {
  const crossing = new Set(sheet.crossings.flatMap(({ lower, upper }) => [lower.itemId, upper.itemId]));
  const leaves = leavesOf(withoutBackground(sheet.items), crossing);
  const mixed = mixedItems(leaves, crossing);
  const inBase = hasMood(sheet) ? leaves.length : leaves.findLastIndex((item) => mixed.has(item)) + 1;
  const parts: SheetPart[] = baseOf(sheet, leaves.slice(0, inBase), resources);
  let run: Item[] = [];
  const endRun = (): void => {
    if (run.length > 0) parts.push(pictureOf(only(withoutGround(sheet), run), false, resources));
    run = [];
  };
  for (const item of leaves.slice(inBase)) {
    const outline = outlineOf(item, resources);
    if (!outline) {
      run.push(item);
      continue;
    }
    endRun();
    parts.push(outline);
  }
  endRun();
  return parts;
}

/** What is seen, from back to front. A group that does nothing to what is in it, and crosses nothing, counts as what is in it. */
function leavesOf(items: readonly Item[], crossing: ReadonlySet<string>): Item[] {
  return items.flatMap((item): Item[] => {
    if (item.hidden) return [];
    if (item.type === 'opening') return item.fill.type === 'none' && Object.keys(item.finish).length === 0 ? [] : [item];
    const isBare =
      !crossing.has(item.id) && (item.opacity ?? 1) === 1 && isUnmixed(item.blend) && Object.keys(item.finish ?? {}).length === 0;
    return isBare ? leavesOf(item.items, crossing) : [item];
  });
}

function isUnmixed(blend: string | undefined): boolean {
  return blend === undefined || blend === 'normal';
}

/** Those that can not be drawn without what lies below them. */
function mixedItems(leaves: readonly Item[], crossing: ReadonlySet<string>): ReadonlySet<Item> {
  const seenThrough = new Map<string, number>();
  for (const { fill } of openingsOf(leaves))
    if (fill.type === 'photo' && typeof fill.placement === 'string')
      seenThrough.set(fill.placement, (seenThrough.get(fill.placement) ?? 0) + 1);
  const isMixed = (item: Item): boolean => {
    if (crossing.has(item.id)) return true;
    if (item.type === 'group') return !isUnmixed(item.blend) || item.items.some(isMixed);
    const { fill, finish, overhangs } = item;
    if (!isUnmixed(finish.blend) || overhangs !== undefined) return true;
    return fill.type === 'photo' && typeof fill.placement === 'string' && seenThrough.get(fill.placement)! > 1;
  };
  return new Set(leaves.filter(isMixed));
}

/** The ground with the items that it takes along. A ground of one colour alone is an outline. */
function baseOf(sheet: ResolvedSheet, items: readonly Item[], resources: RenderResources): SheetPart[] {
  const behind = sheet.items.length > withoutBackground(sheet.items).length || sheet.veil !== undefined;
  const { background } = sheet;
  if (items.length > 0 || behind || (background.type !== 'colour' && background.type !== 'none') || hasMood(sheet))
    return [pictureOf(only(sheet, items), true, resources)];
  if (background.type === 'none') return [];
  const { width, height } = sheet;
  const path: Path = { commands: ['M', 'L', 'L', 'L', 'Z'], coords: [0, 0, width, 0, width, height, 0, height] };
  return [{ kind: 'outline', path, colour: literalColour(background.colour), opacity: 1 }];
}

function outlineOf(item: Item, { shaper }: RenderResources): OutlinePart | null {
  if (item.type !== 'opening' || item.fill.type !== 'colour' || !isPlain(item)) return null;
  const { path } = cachedOutline(item, shaper);
  return {
    kind: 'outline',
    path: transformPath(boxMatrix(item.box), path),
    colour: literalColour(item.fill.colour),
    opacity: opacityOf(item),
  };
}

function opacityOf({ finish }: Opening): number {
  return finish.opacity ?? 1;
}

function pictureOf(sheet: ResolvedSheet, isBase: boolean, resources: RenderResources): PicturePart {
  return { kind: 'picture', isBase, draw: (scale) => drawnPart(sheet, scale, resources, isBase) };
}
