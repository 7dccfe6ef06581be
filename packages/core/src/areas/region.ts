import { convexHull } from '../geometry/polygon.js';
import type { Flood } from './flood.js';

/** What a flood holds at a level: px of its map, as 0 and 1. */
export function regionAt({ reached }: Flood, level: number): Uint8Array {
  const region = new Uint8Array(reached.length);
  for (let i = 0; i < region.length; i++) if (reached[i]! <= level) region[i] = 1;
  return region;
}

/** The convex hull of a region, a flat array in px of the photo. */
export function regionHull({ map, reached }: Flood, level: number): Float64Array {
  const { width, height, scale } = map;
  const ends: number[] = [];
  for (let y = 0; y < height; y++) {
    const row = y * width;
    let first = 0;
    while (first < width && reached[row + first]! > level) first++;
    if (first === width) continue;
    let last = width - 1;
    while (reached[row + last]! > level) last--;
    for (const x of [first, last + 1]) ends.push(x * scale, y * scale, x * scale, (y + 1) * scale);
  }
  return convexHull([Float64Array.from(ends)]);
}
