import { fillTraces } from '../../cutout/painted-marks.js';
import { LINEAR } from '../../finish/contrast.js';
import { distanceTo } from '../../finish/distance.js';
import { newPlane } from '../../finish/plane.js';
import { pathBounds } from '../../geometry/path-bounds.js';
import { flatten } from '../../geometry/path.js';
import type { Pixels } from '../../photo/pixels.js';
import { formPath, type AreaForm } from '../area-form.js';

/** What of a photo lies in an area and just around it. */
export interface AreaCrop {
  /** Px of the photo. */
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** By row. */
  readonly light: Light;
  /** Its natural logarithm. */
  readonly logs: Light;
  /** How far each px lies within the form, px; 0 outside of it. */
  readonly depth: Float32Array;
}

/** Light of the three primaries, 0 to 1, a plane each. */
export type Light = readonly [Float32Array, Float32Array, Float32Array];

/** px around the form. */
const ROOM = 2;
/** Darker is noise, in whose logarithm nothing can be read. */
export const DARKEST = 1 / 1024;
const LOGS = LINEAR.map((light) => Math.log(Math.max(DARKEST, light)));

/** Cuts an area out of its photo; null where it lies outside of it. */
export function cropArea(photo: Pixels, form: AreaForm): AreaCrop | null {
  const path = formPath(form);
  const bounds = pathBounds(path);
  const [x, y] = [Math.max(0, Math.floor(bounds.x) - ROOM), Math.max(0, Math.floor(bounds.y) - ROOM)];
  const width = Math.min(photo.width, Math.ceil(bounds.x + bounds.width) + ROOM) - x;
  const height = Math.min(photo.height, Math.ceil(bounds.y + bounds.height) + ROOM) - y;
  if (width < 1 || height < 1) return null;
  const count = width * height;
  const [light, logs] = [newLight(count), newLight(count)];
  for (let row = 0, i = 0; row < height; row++) {
    for (let column = 0, at = 4 * ((y + row) * photo.width + x); column < width; column++, at += 4, i++) {
      for (let c = 0; c < 3; c++) {
        const value = photo.data[at + c]!;
        light[c]![i] = LINEAR[value]!;
        logs[c]![i] = LOGS[value]!;
      }
    }
  }
  const inside = newPlane(width, height);
  for (const polygon of flatten(path)) {
    const points = Array.from(polygon, (value, i) => value - (i % 2 === 0 ? x : y));
    fillTraces(inside, [{ kind: 'trace', points }], 1);
  }
  return { x, y, width, height, light, logs, depth: depthIn(inside.data, width, height) };
}

export function newLight(count: number): Light {
  return [new Float32Array(count), new Float32Array(count), new Float32Array(count)];
}

/** Distances to what lies outside; the edge of the photo is none. */
function depthIn(inside: Uint8Array, width: number, height: number): Float32Array {
  const outside = { width, height, data: inside.map((value) => 255 - value) };
  const depth = distanceTo(outside, 128);
  // A photo that is an area to its last px has nothing outside.
  for (let i = 0; i < depth.length; i++) if (depth[i] === Infinity) depth[i] = Math.max(width, height);
  return depth;
}
