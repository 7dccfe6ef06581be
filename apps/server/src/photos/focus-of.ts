import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import {
  FACE_SIDE,
  findFaces,
  findFocus,
  focusOfFaces,
  readFaceWeights,
  type Bounds,
  type FaceWeights,
  type Pixels,
  type WeightEntry,
} from '@kadrosyn/core';
import type { Sharp } from 'sharp';

/** Longest side of the picture in which what stands out is looked for, px. */
const FOCUS_SIDE = 64;
const require = createRequire(import.meta.url);

let weights: Promise<FaceWeights> | undefined;

async function loadWeights(): Promise<FaceWeights> {
  // What the network has learned lies in the package, and how to read it beside it.
  const manifest = await readFile(
    require.resolve('@vladmandic/face-api/model/tiny_face_detector_model-weights_manifest.json'),
    'utf8',
  );
  const [{ weights: entries }] = JSON.parse(manifest) as [{ weights: WeightEntry[] }];
  return readFaceWeights(await readFile(require.resolve('@vladmandic/face-api/model/tiny_face_detector_model.bin')), entries);
}

/**
 * What a photo is about, px of the photo: the faces that are seen in it, else what stands out from its border. Undefined where neither is
 * found, as in an even texture.
 * @param picture - begins the picture anew; a clone would copy all of its bytes.
 */
export async function focusOf(
  picture: () => Sharp,
  size: { readonly width: number; readonly height: number },
): Promise<Bounds | undefined> {
  const small = await reduced(picture, FACE_SIDE);
  weights ??= loadWeights();
  const faces = focusOfFaces(findFaces(small, await weights), small);
  if (faces) return enlarged(faces, small, size);
  const smaller = await reduced(picture, FOCUS_SIDE);
  const found = findFocus(smaller);
  return found && enlarged(found, smaller, size);
}

async function reduced(picture: () => Sharp, side: number): Promise<Pixels> {
  const { data, info } = await picture()
    .resize(side, side, { fit: 'inside' })
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data: new Uint8ClampedArray(data) };
}

function enlarged(box: Bounds, from: Pixels, to: { readonly width: number; readonly height: number }): Bounds {
  const [fx, fy] = [to.width / from.width, to.height / from.height];
  const round = (value: number): number => Math.round(value * 10) / 10;
  return { x: round(box.x * fx), y: round(box.y * fy), width: round(box.width * fx), height: round(box.height * fy) };
}
