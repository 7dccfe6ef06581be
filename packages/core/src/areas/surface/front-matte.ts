import { distanceTo } from '../../finish/distance.js';
import type { Plane } from '../../finish/plane.js';
import { newLight, type AreaCrop, type Light } from './area-crop.js';
import { maskedBlur } from './masked-blur.js';

/** px to both sides of its edge in which what stands in front is soft. */
export const BAND = 12;
/** px from its edge from which on its own colour is told, and the light of the surface is. */
const [OWN, CLEAR] = [2, 3];
/** Light: colours closer than this can not be told apart. */
const GRAIN = 0.03;
/** Less of it, and more of it, is noise. */
const [NONE, ALL] = [0.03, 0.97];
/** px: light is carried from as near as possible, and from further away only where nothing is nearer. */
const CARRY = [4, 25];
/** px: its own colours are carried so far. */
const REACHES = [3, 9];

/** The surface without what stands in front of it. */
export interface CleanPlate {
  readonly light: Light;
  /** 1 where it is as the photo has it. */
  readonly isOwn: Uint8Array;
}

/**
 * The light of the surface where nothing stands in front of it: as it is where that is seen, and carried on from there, with the shadows that are on it.
 * @param core - 1 where something stands in front
 * @param surface - the logarithms of a plain surface's model, and of its share of that; null where the surface is not plain
 */
export function cleanPlate(
  crop: AreaCrop,
  core: Uint8Array,
  surface: { readonly model: Light; readonly shade: Float32Array } | null,
): CleanPlate {
  const near = distanceTo({ width: crop.width, height: crop.height, data: core }, 1);
  const [seen, isOwn] = [new Float32Array(core.length), new Uint8Array(core.length)];
  for (let i = 0; i < seen.length; i++) {
    if (crop.depth[i]! > 0) seen[i] = Math.min(1, Math.max(0, near[i]! - CLEAR));
    if (near[i]! >= CLEAR + 1) isOwn[i] = 1;
  }
  const light = newLight(core.length);
  const carried = maskedBlur(surface ? [surface.shade] : crop.light, seen, crop, CARRY);
  for (let i = 0; i < core.length; i++) {
    for (let c = 0; c < 3; c++) {
      const own = crop.light[c]![i]!;
      const mean = carried[surface ? 0 : c]![i]!;
      // What nothing reaches lies deep under what stands in front, where nobody sees it.
      const made = surface ? Math.exp(surface.model[c]![i]! + (Number.isNaN(mean) ? 0 : mean)) : Number.isNaN(mean) ? own : mean;
      light[c]![i] = made + (own - made) * seen[i]!;
    }
  }
  return { light, isOwn };
}

/**
 * How much of each px is what stands in front: all of it well inside; near its edge the share of its own colour in the mix with the plate,
 * I = a F + (1 - a) B, solved in the direction from B to F.
 */
export function frontMatte(crop: AreaCrop, plate: Light, core: Uint8Array): Plane {
  const { width, height, light } = crop;
  const data = new Uint8Array(core.length);
  const outwards = distanceTo({ width, height, data: core }, 1);
  const [around, own, anyOwn] = [new Uint8Array(core.length), new Float32Array(core.length), Float32Array.from(core)];
  for (let i = 0; i < around.length; i++) around[i] = 1 - core[i]!;
  const inwards = distanceTo({ width, height, data: around }, 1);
  for (let i = 0; i < own.length; i++) if (inwards[i]! > OWN) own[i] = 1;
  const sure = maskedBlur(light, own, crop, REACHES);
  // Of what is thin nothing is sure.
  const thin = sure[0]!.some(Number.isNaN) ? maskedBlur(light, anyOwn, crop, REACHES) : sure;
  for (let i = 0; i < data.length; i++) {
    if (outwards[i]! > BAND) continue;
    if (inwards[i]! > BAND) {
      data[i] = 255;
      continue;
    }
    let [along, length] = [0, 0];
    for (let c = 0; c < 3; c++) {
      const front = Number.isNaN(sure[c]![i]!) ? thin[c]![i]! : sure[c]![i]!;
      const towards = (Number.isNaN(front) ? light[c]![i]! : front) - plate[c]![i]!;
      along += (light[c]![i]! - plate[c]![i]!) * towards;
      length += towards * towards;
    }
    // What differs by no more than grain does not say how much of it there is.
    const trust = Math.min(1, Math.max(0, (Math.sqrt(length) - GRAIN) / GRAIN));
    const share = trust === 0 ? core[i]! : core[i]! + (along / length - core[i]!) * trust;
    data[i] = Math.round(255 * Math.min(1, Math.max(0, (share - NONE) / (ALL - NONE))));
  }
  return { width, height, data };
}
