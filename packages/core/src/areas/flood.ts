import { LEVELS, type EdgeMap } from './edge-map.js';

/** How hard an edge must be crossed to come from a place to every other. */
export interface Flood {
  readonly map: EdgeMap;
  /** By px of the map: the hardest edge on the easiest way to it. */
  readonly reached: Uint16Array;
  /** By level: px reached by crossing no harder edge than that. */
  readonly areas: Uint32Array;
}

/** The seed moves to the quietest px this near, since a click may be on grain or a hair. */
const SEED_REACH = 3;

/**
 * Floods a photo from one place (minimax paths by a bucket queue: each px is taken once, in the order of its level).
 * @param x, y - px of the map; @param stopAt - the flood ends when it holds this share of the photo
 */
export function floodFrom(map: EdgeMap, x: number, y: number, stopAt = 1): Flood {
  const { width, height, levels } = map;
  const count = width * height;
  const reached = new Uint16Array(count).fill(LEVELS);
  const next = new Int32Array(count);
  const heads = new Int32Array(LEVELS).fill(-1);
  const areas = new Uint32Array(LEVELS);
  const push = (at: number, level: number): void => {
    reached[at] = level;
    next[at] = heads[level]!;
    heads[level] = at;
  };
  const seed = quietest(map, x, y);
  push(seed, levels[seed]!);
  let taken = 0;
  for (let level = 0; level < LEVELS; level++) {
    for (let at = heads[level]!; at >= 0; at = heads[level]!) {
      heads[level] = next[at]!;
      taken++;
      const column = at % width;
      if (column > 0 && reached[at - 1] === LEVELS) push(at - 1, Math.max(level, levels[at - 1]!));
      if (column < width - 1 && reached[at + 1] === LEVELS) push(at + 1, Math.max(level, levels[at + 1]!));
      if (at >= width && reached[at - width] === LEVELS) push(at - width, Math.max(level, levels[at - width]!));
      if (at < count - width && reached[at + width] === LEVELS) push(at + width, Math.max(level, levels[at + width]!));
    }
    areas[level] = taken;
    if (taken >= stopAt * count) return { map, reached: withoutWaiting(reached, level), areas: areas.fill(taken, level) };
  }
  return { map, reached, areas };
}

/** What was seen but not taken when the flood ended is as far as the rest. */
function withoutWaiting(reached: Uint16Array, level: number): Uint16Array {
  for (let i = 0; i < reached.length; i++) if (reached[i]! > level) reached[i] = LEVELS;
  return reached;
}

function quietest({ width, height, levels }: EdgeMap, x: number, y: number): number {
  let [best, found] = [Infinity, 0];
  for (let dy = -SEED_REACH; dy <= SEED_REACH; dy++) {
    for (let dx = -SEED_REACH; dx <= SEED_REACH; dx++) {
      if (dx * dx + dy * dy > SEED_REACH * SEED_REACH) continue;
      const at =
        Math.max(0, Math.min(height - 1, Math.round(y) + dy)) * width + Math.max(0, Math.min(width - 1, Math.round(x) + dx));
      if (levels[at]! < best) [best, found] = [levels[at]!, at];
    }
  }
  return found;
}

/** A region stays about the same (grows by less than 6 %) over so many levels: an edge surrounds it. */
const SAME = 1.06;
const STEADY = 14;

/**
 * The levels at which a flood rests, by growing area (plateaus of area against level, after J. Matas et al., "Robust wide baseline stereo from
 * maximally stable extremal regions", 2002).
 * @param least, most - px of the map
 */
export function restsOf({ areas }: Flood, least: number, most: number): number[] {
  const ends = Array.from(areas, (area, from) => {
    let to = from;
    while (to + 1 < LEVELS && areas[to + 1]! < area * SAME) to++;
    return to;
  });
  const ranges = ends
    .map((to, from) => ({ from, to }))
    .filter(({ from, to }) => to - from >= STEADY && areas[from]! >= least && areas[to]! <= most)
    .sort((a, b) => b.to - b.from - (a.to - a.from));
  const kept: typeof ranges = [];
  for (const range of ranges) if (kept.every(({ from, to }) => range.to < from || range.from > to)) kept.push(range);
  return kept.sort((a, b) => a.from - b.from).map(({ from, to }) => Math.round((from + to) / 2));
}
