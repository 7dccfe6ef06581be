import type { Superpixels } from './superpixels.js';

/** Which pieces lie beside one another, and along how many px. */
export interface PieceNeighbours {
  /** The pieces of pair i are at 2i and 2i + 1, the lower number first. */
  readonly pairs: Int32Array;
  /** Length of the border of each pair, px; diagonals count as 1 / sqrt 2. */
  readonly borders: Float64Array;
}

/** All pairs of pieces that touch, in the order of their numbers. */
export function pieceNeighbours({ width, height, labels, count }: Superpixels): PieceNeighbours {
  const found = new Map<number, number>();
  const meet = (a: number, b: number, length: number): void => {
    if (a === b) return;
    const key = Math.min(a, b) * count + Math.max(a, b);
    found.set(key, (found.get(key) ?? 0) + length);
  };
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const own = labels[i]!;
      const hasRight = x + 1 < width;
      const hasBelow = y + 1 < height;
      if (hasRight) meet(own, labels[i + 1]!, 1);
      if (hasBelow) meet(own, labels[i + width]!, 1);
      if (hasRight && hasBelow) meet(own, labels[i + width + 1]!, Math.SQRT1_2);
      if (x > 0 && hasBelow) meet(own, labels[i + width - 1]!, Math.SQRT1_2);
    }
  }
  const keys = [...found.keys()].sort((a, b) => a - b);
  const pairs = Int32Array.from(keys.flatMap((key) => [Math.floor(key / count), key % count]));
  return { pairs, borders: Float64Array.from(keys, (key) => found.get(key)!) };
}
