import {
  backgroundOf,
  openingsOf,
  withoutBackground,
  type Blend,
  type Crossing,
  type Group,
  type Item,
  type ResolvedSheet,
} from '@kadrosyn/core';
import type { RenderResources } from '../canvas/resources.js';
import { hasMood } from '../finish/mood.js';
import { drawnPart, only, withoutGround, type DrawnPart } from './part-of-sheet.js';

/** Ways of mixing that layered files know. */
export type LayerBlend = Exclude<Blend, 'exclusion'>;

/** How a layer is laid on those below it. */
interface Laying {
  /** 0 to 1. */
  readonly opacity: number;
  readonly blend: LayerBlend;
}

/** A picture of a part of a sheet. */
export interface PictureLayer extends Laying {
  readonly kind: 'picture';
  readonly name: string;
  /** Whether it is there without being shown. */
  readonly isHidden: boolean;
  /** Draws it at `scale` px per px of the sheet; null where there is nothing. */
  readonly draw: (scale: number) => DrawnPart | null;
}

/** Layers that are put together on their own, and laid down as one. */
export interface LayerStack extends Laying {
  readonly kind: 'stack';
  readonly name: string;
  readonly isHidden: boolean;
  /** From back to front. */
  readonly layers: readonly SheetLayer[];
}

export type SheetLayer = PictureLayer | LayerStack;

const PLAIN: Laying = { opacity: 1, blend: 'normal' };

/**
 * A sheet in layers, from back to front, for files whose layers are worked on elsewhere: put together they are the sheet. Each item has its own, with its
 * strength and its way of mixing, and a group is a stack of those that are in it. Items that pass over and under one another are one layer, with what lies
 * between them; what is mixed in a way that layered files do not know is one with all that lies below. The mood of a sheet is a picture of the whole on
 * top of layers without it, which are then hidden. What is hidden on the sheet is left out.
 */
export function sheetLayers(sheet: ResolvedSheet, resources: RenderResources): SheetLayer[] {
  if (!hasMood(sheet)) return plainLayers(sheet, resources);
  const { mood: _mood, ...plain } = sheet;
  const below = plainLayers(plain, resources).map((layer) => ({ ...layer, isHidden: true }));
  return [...below, picture('All of it, with its mood', PLAIN, sheet, resources)];
}

function plainLayers(sheet: ResolvedSheet, resources: RenderResources): SheetLayer[] {
  const links = linksOf(sheet);
  const runs = runsOf(withoutBackground(sheet.items), links);
  const bare = withoutGround(sheet);
  const above = (those: readonly Run[]): SheetLayer[] => those.map((run) => layerOf(run, [], { sheet: bare, links, resources }));
  const [first] = runs;
  if (!first?.isOnAll) return [...groundLayers(sheet, resources), ...above(runs)];
  return [picture(nameOf(first.items), PLAIN, only(sheet, first.items), resources), ...above(runs.slice(1))];
}

/** What lies behind the items: the ground, the photo on it, and the veil over both. */
function groundLayers(sheet: ResolvedSheet, resources: RenderResources): SheetLayer[] {
  const empty = only(withoutGround(sheet), []);
  const { background, veil } = sheet;
  const behind = backgroundOf(sheet);
  if (behind && !behind.hidden && isMixedBeyondFiles(behind, false))
    return [picture(behind.name, PLAIN, only(sheet, []), resources)];
  const layers: SheetLayer[] = [];
  if (background.type !== 'none') layers.push(picture('Sheet colour', PLAIN, { ...empty, background }, resources));
  if (behind && !behind.hidden) {
    const items = empty.items.map((item) => (item.id === behind.id ? asIfPlain(behind) : item));
    layers.push(picture(behind.name, layingOf(behind), { ...empty, items }, resources));
  }
  if (veil) layers.push(picture('Veil', PLAIN, { ...empty, veil }, resources));
  return layers;
}

/** Items next to one another in one list, from back to front, that are one layer. */
interface Run {
  readonly items: readonly Item[];
  /** Whether they can not be drawn without what lies below them in their list, all of which they then hold. */
  readonly isOnAll: boolean;
}

/** Ids of items that can not be drawn without one another. */
type Link = readonly string[];

/** Items whose order is another in places, and openings that share a photo whose subject leaves them. */
function linksOf({ crossings, items }: ResolvedSheet): Link[] {
  const sharing = new Map<string, { ids: string[]; isLeft: boolean }>();
  for (const { id, fill, overhangs } of openingsOf(items)) {
    if (fill.type !== 'photo' || typeof fill.placement !== 'string') continue;
    const known = sharing.get(fill.placement) ?? { ids: [], isLeft: false };
    sharing.set(fill.placement, { ids: [...known.ids, id], isLeft: known.isLeft || overhangs !== undefined });
  }
  return [
    ...crossings.filter(changesOrder).map(({ lower, upper }) => [lower.itemId, upper.itemId]),
    ...[...sharing.values()].filter(({ isLeft }) => isLeft).map(({ ids }) => ids),
  ];
}

function changesOrder({ over, regions, cuts, paint }: Crossing): boolean {
  return over || regions.some((region) => region.over) || cuts.length > 0 || (paint?.length ?? 0) > 0;
}

function runsOf(all: readonly Item[], links: readonly Link[]): Run[] {
  const items = all.filter(isShown);
  const spans = links.flatMap((link) => {
    const places = items.flatMap((item, index) => (holdsAny(item, link) ? [index] : []));
    return places.length > 1 ? [{ first: places[0]!, last: places.at(-1)! }] : [];
  });
  const runs: Run[] = [];
  for (let from = 0; from < items.length;) {
    const to = endOf(from, spans);
    const run = items.slice(from, to);
    runs.push({ items: run, isOnAll: run.some((item) => isMixedBeyondFiles(item, run.length > 1)) });
    from = to;
  }
  const last = runs.findLastIndex(({ isOnAll }) => isOnAll);
  if (last < 0) return runs;
  return [{ items: runs.slice(0, last + 1).flatMap((run) => run.items), isOnAll: true }, ...runs.slice(last + 1)];
}

/** How far a run goes that begins at an item: spans that begin within it may go on further, and bring others along. */
function endOf(from: number, spans: readonly { readonly first: number; readonly last: number }[]): number {
  let to = from + 1;
  for (let before = 0; before !== to;) {
    before = to;
    for (const { first, last } of spans) if (first < before) to = Math.max(to, last + 1);
  }
  return to;
}

/** Whether there is anything to see of it. */
function isShown(item: Item): boolean {
  if (item.hidden) return false;
  if (item.type === 'group') return item.items.some(isShown);
  return item.fill.type !== 'none' || Object.keys(item.finish).length > 0;
}

function holdsAny(item: Item, ids: Link): boolean {
  return ids.includes(item.id) || (item.type === 'group' && item.items.some((inner) => holdsAny(inner, ids)));
}

/** @param isJoined - whether it is drawn together with others, so that its way of mixing can not be left to its layer */
function isMixedBeyondFiles(item: Item, isJoined: boolean): boolean {
  const blend = blendOf(item);
  return blend === 'exclusion' || (isJoined && blend !== 'normal');
}

interface Among {
  /** Without its ground. */
  readonly sheet: ResolvedSheet;
  readonly links: readonly Link[];
  readonly resources: RenderResources;
}

/** @param path - the groups around it */
function layerOf({ items }: Run, path: readonly Group[], among: Among): SheetLayer {
  const [item, ...more] = items;
  if (more.length > 0) return picture(nameOf(items), PLAIN, alone(among.sheet, path, new Set(items)), among.resources);
  const laying = layingOf(item!);
  if (item!.type === 'group' && Object.keys(item!.finish ?? {}).length === 0) {
    const layers = runsOf(item!.items, among.links).map((run) => layerOf(run, [...path, item!], among));
    return { kind: 'stack', name: item!.name, isHidden: false, ...laying, layers };
  }
  return picture(item!.name, laying, alone(among.sheet, path, new Set(items), asIfPlain), among.resources);
}

/** The sheet with a few items alone; the groups around them do nothing but hold them. @param as - what is drawn in place of each */
function alone(
  sheet: ResolvedSheet,
  path: readonly Group[],
  shown: ReadonlySet<Item>,
  as: (item: Item) => Item = (item) => item,
): ResolvedSheet {
  const around = new Set<Item>(path);
  const hide = (item: Item): Item => {
    if (shown.has(item)) return as(item);
    if (item.type === 'group' && around.has(item)) return asIfPlain({ ...item, items: item.items.map(hide) });
    return { ...item, hidden: true };
  };
  return { ...sheet, items: sheet.items.map(hide) };
}

/** It without its strength and its way of mixing: these are its layer's. */
function asIfPlain(item: Item): Item {
  if (item.type === 'group') {
    const { opacity: _opacity, blend: _blend, ...rest } = item;
    return rest;
  }
  const { opacity: _opacity, blend: _blend, ...finish } = item.finish;
  return { ...item, finish };
}

function blendOf(item: Item): Blend {
  return (item.type === 'group' ? item.blend : item.finish.blend) ?? 'normal';
}

/** @throws RangeError for a way of mixing that layered files do not know: such items hold all that lies below them */
function layingOf(item: Item): Laying {
  const blend = blendOf(item);
  if (blend === 'exclusion') throw new RangeError('Layered files can not exclude');
  return { opacity: (item.type === 'group' ? item.opacity : item.finish.opacity) ?? 1, blend };
}

function nameOf(items: readonly Item[]): string {
  return items.map(({ name }) => name).join(', ');
}

function picture(name: string, laying: Laying, sheet: ResolvedSheet, resources: RenderResources): PictureLayer {
  return { kind: 'picture', name, ...laying, isHidden: false, draw: (scale) => drawnPart(sheet, scale, resources, false) };
}
