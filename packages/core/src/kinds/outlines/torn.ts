import { PathBuilder, type Path } from '../../geometry/path.js';
import { countPart, sharePart } from '../schema-parts.js';
import { defineOutline } from './outline-kind.js';

export const torn = defineOutline({
  type: 'torn',
  properties: {
    seed: countPart('The same seed gives the same edges.', 0, 2_147_483_647),
    depth: sharePart('How far the edge wanders inwards, of the shorter side.', 0, 0.5),
  },
  word: 'Torn paper',
  path: ({ seed, depth }, width, height) => tornPath(seed, depth, width, height),
  numbers: [{ of: 'depth', name: 'Depth', unit: '%', least: 0, most: 30 }],
  supplies: [
    {
      name: 'Torn paper',
      group: 'paper',
      proportion: 1.35,
      words: 'ragged edge',
      outline: () => ({ type: 'torn', seed: 12, depth: 0.06 }),
    },
  ],
});

/** Steps of a torn edge along the longer side. */
const TEARS = 72;

/**
 * A rectangle whose edges are torn: the same for the same seed.
 * @param depth - how far the edge wanders inwards, as a share of the shorter side.
 */
function tornPath(seed: number, depth: number, width: number, height: number): Path {
  const random = mulberry32(seed);
  const reach = depth * Math.min(width, height);
  const step = Math.max(width, height) / TEARS;
  const path = new PathBuilder();
  let first = true;
  const side = (length: number, place: (along: number, inwards: number) => readonly [number, number]): void => {
    const count = Math.max(2, Math.round(length / step));
    let coarse = random();
    for (let i = 0; i < count; i++) {
      // A slow wandering with fine teeth on it.
      coarse = Math.min(1, Math.max(0, coarse + (random() - 0.5) * 0.5));
      const inwards = i === 0 ? 0 : reach * (0.7 * coarse + 0.3 * random());
      const [x, y] = place((length * (i + (i === 0 ? 0 : (random() - 0.5) * 0.6))) / count, inwards);
      if (first) path.moveTo(x, y);
      else path.lineTo(x, y);
      first = false;
    }
  };
  side(width, (along, inwards) => [along, inwards]);
  side(height, (along, inwards) => [width - inwards, along]);
  side(width, (along, inwards) => [width - along, height - inwards]);
  side(height, (along, inwards) => [inwards, height - along]);
  return path.close().build();
}

/** A repeatable source of numbers from 0 to 1 (T. Ettinger, 2017, public domain). */
function mulberry32(seed: number): () => number {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}
