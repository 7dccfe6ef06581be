import { intersect, newPlane, unite, type Bounds, type Item, type Plane } from '@kadrosyn/core';
import { newLayer, takenAlpha, type Drawing } from '../canvas/drawing.js';
import { ObjectMemo } from '../kept/memo.js';
import type { Paint } from './layer-paint.js';

/** What something covers at working size: a plane whose first px is at x, y. */
type Cover = NonNullable<Paint['cover']>;

const covers = new ObjectMemo<Cover | null>('covers');

/**
 * What a part of an item covers, as planes at working size.
 * @param paints - of that part, for a pass at working size.
 * @param area - no more than this is wanted. When null, all of it is made, and kept with the item until something that it depends on changes: while
 *   a photo is dragged, the letters that it crosses stay as they are.
 */
export function unitCovers(
  item: Item,
  part: string,
  paints: readonly Paint[],
  drawing: Drawing,
  area: Bounds | null,
): readonly Cover[] {
  const ready = paints.flatMap(({ cover }) => cover ?? []);
  const drawn = paints.filter(({ cover }) => !cover);
  if (drawn.length === 0) return ready;
  const isKept = area === null && canBeKept(item);
  const cover = isKept ? keptCover(item, part, drawn, drawing) : drawnCover(drawn, area ?? drawing.clip, drawing);
  return cover ? [cover, ...ready] : ready;
}

/** What hangs out of an opening depends on more than the opening. */
function canBeKept(item: Item): boolean {
  return item.type === 'opening' && !item.overhangs && !(item.fill.type === 'photo' && item.fill.cutout);
}

function keptCover(item: Item, part: string, paints: readonly Paint[], drawing: Drawing): Cover | null {
  const { sheet, view, clip, resources } = drawing;
  const { version, source, shaper, trace } = resources;
  const inputs = {
    scale: view.a,
    size: [clip.width, clip.height],
    placements: sheet.placements,
    version,
    source,
    letters: shaper.version,
  };
  const bytes = (drawn: Cover | null): number => drawn?.plane.data.byteLength ?? 0;
  return covers.keep({ owner: item, name: part }, inputs, () => drawnCover(paints, clip, drawing), trace, bytes);
}

function drawnCover(paints: readonly Paint[], area: Bounds, drawing: Drawing): Cover | null {
  const all = paints.map(({ bounds }) => bounds).reduce<Bounds | null>((a, b) => (a ? unite(a, b) : b), null);
  const bounds = all && intersect(all, area);
  if (!bounds) return null;
  const layer = newLayer(bounds, drawing.resources);
  for (const paint of paints) paint.draw(layer);
  return { plane: takenAlpha(layer, drawing.resources), x: bounds.x, y: bounds.y };
}

/** What covers cover together within an area. */
export function coverOf(covers: readonly Cover[], area: Bounds): Plane {
  const plane = newPlane(area.width, area.height);
  for (const cover of covers) layOver(plane, area, cover);
  return plane;
}

/** Whether any of them reaches into an area. */
export function reachesInto(covers: readonly Cover[], area: Bounds): boolean {
  return covers.some(({ plane: { width, height }, x, y }) => intersect({ x, y, width, height }, area) !== null);
}

/** Adds what a plane covers to another. */
function layOver(onto: Plane, area: Bounds, { plane, x, y }: Cover): void {
  const common = intersect(area, { x, y, width: plane.width, height: plane.height });
  if (!common) return;
  for (let row = common.y; row < common.y + common.height; row++) {
    let to = (row - area.y) * onto.width + common.x - area.x;
    let from = (row - y) * plane.width + common.x - x;
    for (let n = 0; n < common.width; n++, to++, from++) {
      const value = plane.data[from]!;
      if (value !== 0) onto.data[to] = value + (onto.data[to]! * (255 - value)) / 255;
    }
  }
}
