import type { Bounds } from '../geometry/bounds.js';
import type { Pixels } from '../photo/pixels.js';

/** One value from 0 to 255 for each pixel, in rows from the top: coverage, a mask, a matte. */
export interface Plane {
  readonly width: number;
  readonly height: number;
  /** width * height bytes. */
  readonly data: Uint8Array;
}

export function newPlane(width: number, height: number): Plane {
  return { width, height, data: new Uint8Array(width * height) };
}

/** The alpha of pixels. */
export function alphaOf(pixels: Pixels): Plane {
  const plane = newPlane(pixels.width, pixels.height);
  for (let i = 0, o = 3; i < plane.data.length; i++, o += 4) plane.data[i] = pixels.data[o]!;
  return plane;
}

/** Pixels of one colour whose alpha is the plane times `strength` (0..1). */
export function tinted(plane: Plane, red: number, green: number, blue: number, strength = 1): Pixels {
  const data = new Uint8ClampedArray(plane.data.length * 4);
  for (let i = 0, o = 0; i < plane.data.length; i++, o += 4) {
    data[o] = red;
    data[o + 1] = green;
    data[o + 2] = blue;
    data[o + 3] = plane.data[i]! * strength;
  }
  return { width: plane.width, height: plane.height, data };
}

/** The smallest rectangle that holds all of a plane that is not 0, and one px more for its soft edge. */
export function filledBounds({ width, height, data }: Plane): Bounds {
  let [left, top, right, bottom] = [width, height, -1, -1];
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      if (data[i] === 0) continue;
      if (x < left) left = x;
      if (x > right) right = x;
      if (y < top) top = y;
      bottom = y;
    }
  }
  return right < 0
    ? { x: 0, y: 0, width: 0, height: 0 }
    : { x: left - 1, y: top - 1, width: right - left + 3, height: bottom - top + 3 };
}
