import { intersect, type Bounds } from '../geometry/bounds.js';
import { convolve, convolveEach, largest, mix, type Features } from './face-net.js';
import type { Pixels } from './pixels.js';

/** What a network has learned: flat arrays by their names. */
export type FaceWeights = Readonly<Record<string, Float32Array>>;

export interface FoundFace {
  readonly box: Bounds;
  /** From 0 to 1. */
  readonly score: number;
}

/** One of the arrays in a file of weights: its numbers are bytes, `min + scale * byte`. */
export interface WeightEntry {
  readonly name: string;
  readonly shape: readonly number[];
  readonly quantization: { readonly scale: number; readonly min: number };
}

/** Reads weights that lie one after the other in a file. @throws RangeError when the file is too short. */
export function readFaceWeights(bytes: Uint8Array, entries: readonly WeightEntry[]): FaceWeights {
  const weights: Record<string, Float32Array> = {};
  let at = 0;
  for (const { name, shape, quantization } of entries) {
    const count = shape.reduce((product, side) => product * side, 1);
    if (at + count > bytes.length) throw new RangeError('The file of weights is too short');
    weights[name] = Float32Array.from(bytes.subarray(at, at + count), (byte) => quantization.min + quantization.scale * byte);
    at += count;
  }
  return weights;
}

/** The picture is looked at in a square of so many px; a cell of the answer is 32 px of it. */
const SIDE = 224;
const CELL = 32;
/** Usual sizes of faces, in cells. */
const ANCHORS = [
  [1.603231, 2.094468],
  [6.041143, 7.080126],
  [2.882459, 3.518061],
  [4.266906, 5.178857],
  [9.041765, 10.66308],
] as const;
const MEAN = [117.001, 114.697, 97.404] as const;
/** Less sure finds are not named. */
const SURE = 0.35;
/** Two finds that have so much in common are one face. */
const SAME = 0.4;

/** The longest side of a picture that faces are looked for in, px. */
export const FACE_SIDE = SIDE;

/**
 * Finds faces with a small network of separable convolutions that looks once at the whole picture (after Redmon and Farhadi's one-stage
 * detector of 2017, with the weights of "tiny face detector", MIT licence).
 * @param picture - its longer side is at most 224 px.
 * @returns boxes in px of the picture, the surest first.
 */
export function findFaces(picture: Pixels, weights: FaceWeights): FoundFace[] {
  let features = convolve(inputOf(picture), weights['conv0/filters']!, weights['conv0/bias']!);
  for (let layer = 1; layer <= 5; layer++) {
    features = convolveEach(largest(features, 2), weights[`conv${layer}/depthwise_filter`]!);
    features = mix(features, weights[`conv${layer}/pointwise_filter`]!, weights[`conv${layer}/bias`]!, true);
  }
  const answer = mix(largest(features, 1), weights['conv8/filters']!, weights['conv8/bias']!, false);
  return distinct(facesIn(answer, picture));
}

/** The picture in the top left of a black square, three channels about zero. */
function inputOf({ data, width, height }: Pixels): Features {
  const input = new Float32Array(SIDE * SIDE * 3);
  for (let y = 0; y < SIDE; y++) {
    for (let x = 0; x < SIDE; x++) {
      const isInside = x < width && y < height;
      const [to, from] = [(y * SIDE + x) * 3, (y * width + x) * 4];
      for (let c = 0; c < 3; c++) input[to + c] = ((isInside ? data[from + c]! : 0) - MEAN[c]!) / 255;
    }
  }
  return { data: input, width: SIDE, height: SIDE, channels: 3 };
}

function facesIn({ data, width, height }: Features, { width: w, height: h }: Pixels): FoundFace[] {
  const found: FoundFace[] = [];
  const picture = { x: 0, y: 0, width: w, height: h };
  let at = 0;
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      for (const [aw, ah] of ANCHORS) {
        const [x, y, wide, high, sure] = data.subarray(at, at + 5) as unknown as [number, number, number, number, number];
        at += 5;
        const score = sigmoid(sure);
        if (score < SURE) continue;
        const [boxWidth, boxHeight] = [Math.exp(wide) * aw * CELL, Math.exp(high) * ah * CELL];
        const [middleX, middleY] = [(column + sigmoid(x)) * CELL, (row + sigmoid(y)) * CELL];
        const box = { x: middleX - boxWidth / 2, y: middleY - boxHeight / 2, width: boxWidth, height: boxHeight };
        const inside = intersect(box, picture);
        if (inside) found.push({ box: inside, score });
      }
    }
  }
  return found;
}

function sigmoid(value: number): number {
  return 1 / (1 + Math.exp(-value));
}

/** Of finds that mean the same face, the surest. */
function distinct(faces: readonly FoundFace[]): FoundFace[] {
  const kept: FoundFace[] = [];
  for (const face of [...faces].sort((a, b) => b.score - a.score)) {
    if (!kept.some((other) => shareInCommon(other.box, face.box) > SAME)) kept.push(face);
  }
  return kept;
}

/** Common area as a share of the area of both together. */
function shareInCommon(a: Bounds, b: Bounds): number {
  const common = intersect(a, b);
  if (!common) return 0;
  const area = common.width * common.height;
  return area / (a.width * a.height + b.width * b.height - area);
}

/** The part of a picture that faces ask for: the heads of all that are not much smaller than the largest. Null without faces. */
export function focusOfFaces(
  faces: readonly FoundFace[],
  picture: { readonly width: number; readonly height: number },
): Bounds | null {
  const tallest = Math.max(0, ...faces.map(({ box }) => box.height));
  const heads = faces.filter(({ box }) => box.height >= tallest / 2).map(({ box }) => headOf(box));
  if (heads.length === 0) return null;
  const [left, top] = [Math.min(...heads.map(({ x }) => x)), Math.min(...heads.map(({ y }) => y))];
  const right = Math.max(...heads.map(({ x, width }) => x + width));
  const bottom = Math.max(...heads.map(({ y, height }) => y + height));
  return intersect({ x: left, y: top, width: right - left, height: bottom - top }, { x: 0, y: 0, ...picture });
}

/** Hair, ears and chin are part of a head, and not of the box that a face is found in. */
function headOf({ x, y, width, height }: Bounds): Bounds {
  return { x: x - width * 0.2, y: y - height * 0.35, width: width * 1.4, height: height * 1.55 };
}
