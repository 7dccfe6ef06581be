import type { CutoutMark, Plane } from '@kadrosyn/core';

/** A stroke is at most so long, as a share of the longer side: what a hand draws at once. */
const LONGEST = 0.22;
/** A hand stays clear of the edge: strokes fill so much of the width that there is. */
const CAREFUL = 0.6;

/** A box drawn around the truth with some room. @param scale - px of the mask to one px of the photo. */
export function drawnBox({ width, height, data }: Plane, scale: number, room = 6): CutoutMark {
  let [left, top, right, bottom] = [width, height, 0, 0];
  for (let i = 0; i < data.length; i++) {
    if (data[i]! < 128) continue;
    const [x, y] = [i % width, Math.floor(i / width)];
    [left, right] = [Math.min(left, x), Math.max(right, x + 1)];
    [top, bottom] = [Math.min(top, y), Math.max(bottom, y + 1)];
  }
  const sides = [
    Math.max(0, left - room),
    Math.max(0, top - room),
    Math.min(width, right + room),
    Math.min(height, bottom + room),
  ];
  return { kind: 'box', points: sides.map((value) => value / scale) };
}

/** The stroke that a person would draw next: through the middle of the largest place that is wrong. Null where nothing is. */
export function nextStroke(mask: Plane, truth: Plane, scale: number): CutoutMark | null {
  const { width, height } = mask;
  const wrong = largestWrong(mask, truth);
  if (wrong.length === 0) return null;
  const inside = new Uint8Array(width * height);
  for (const i of wrong) inside[i] = 1;
  const depth = depthIn(inside, width, height);
  const deepest = wrong.reduce((best, i) => (depth[i]! > depth[best]! ? i : best), wrong[0]!);
  const path = pathFrom(deepest, inside, depth, width, LONGEST * Math.max(width, height));
  const points = path.flatMap((i) => [((i % width) + 0.5) / scale, (Math.floor(i / width) + 0.5) / scale]);
  const strokeWidth = Math.min(10, Math.max(1.5, 2 * CAREFUL * depth[deepest]!)) / scale;
  return { kind: truth.data[deepest]! >= 128 ? 'keep' : 'leave-out', points, width: strokeWidth };
}

/** Px of the largest connected place where mask and truth differ in one way. */
function largestWrong(mask: Plane, truth: Plane): number[] {
  const { width, data } = mask;
  const seen = new Uint8Array(data.length);
  const differs = (i: number): boolean => data[i]! >= 128 !== truth.data[i]! >= 128;
  let best: number[] = [];
  for (let start = 0; start < data.length; start++) {
    if (seen[start] === 1 || !differs(start)) continue;
    const place = [start];
    seen[start] = 1;
    // The list grows while it is gone through.
    for (const i of place) {
      const x = i % width;
      for (const j of [x > 0 ? i - 1 : -1, x < width - 1 ? i + 1 : -1, i - width, i + width]) {
        if (j < 0 || j >= data.length || seen[j] === 1 || !differs(j)) continue;
        if (truth.data[j]! >= 128 !== truth.data[start]! >= 128) continue;
        seen[j] = 1;
        place.push(j);
      }
    }
    if (place.length > best.length) best = place;
  }
  return best;
}

/** How far each px lies inside, in steps straight and across. */
function depthIn(inside: Uint8Array, width: number, height: number): Float32Array {
  const depth = Float32Array.from(inside, (value) => (value === 1 ? 1e6 : 0));
  const at = (x: number, y: number): number => (x < 0 || y < 0 || x >= width || y >= height ? 0 : depth[y * width + x]!);
  const sweep = (s: 1 | -1): void => {
    for (let n = 0; n < depth.length; n++) {
      const i = s === 1 ? n : depth.length - 1 - n;
      if (depth[i] === 0) continue;
      const [x, y] = [i % width, Math.floor(i / width)];
      const straight = Math.min(at(x - s, y), at(x, y - s)) + 1;
      const across = Math.min(at(x - s, y - s), at(x + s, y - s)) + Math.SQRT2;
      depth[i] = Math.min(depth[i]!, straight, across);
    }
  };
  sweep(1);
  sweep(-1);
  return depth;
}

/** The way along the middle of a place to the farthest px within `longest` steps. */
function pathFrom(start: number, inside: Uint8Array, depth: Float32Array, width: number, longest: number): number[] {
  const cost = new Float64Array(inside.length).fill(Infinity);
  const before = new Int32Array(inside.length).fill(-1);
  const steps = new Float32Array(inside.length);
  cost[start] = 0;
  let front = [start];
  while (front.length > 0) {
    const next: number[] = [];
    for (const i of front) {
      const x = i % width;
      for (const j of [x > 0 ? i - 1 : -1, x < width - 1 ? i + 1 : -1, i - width, i + width]) {
        if (j < 0 || inside[j] !== 1) continue;
        const dearer = cost[i]! + 1 + 8 / depth[j]!;
        if (dearer >= cost[j]! - 1e-9) continue;
        cost[j] = dearer;
        before[j] = i;
        steps[j] = steps[i]! + 1;
        next.push(j);
      }
    }
    front = next;
  }
  let far = start;
  for (let i = 0; i < inside.length; i++) {
    if (inside[i] !== 1 || depth[i]! < Math.min(3, CAREFUL * depth[start]!)) continue;
    if (steps[i]! <= longest && steps[i]! > steps[far]!) far = i;
  }
  const path: number[] = [];
  for (let i = far; i !== -1; i = before[i]!) path.push(i);
  return path;
}
