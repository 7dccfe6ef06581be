import type { Plane } from '../src/finish/plane.js';
import type { Pixels } from '../src/photo/pixels.js';

/** A picture whose subject is known. */
export interface KnownPicture {
  readonly photo: Pixels;
  /** Exact coverage of the subject. */
  readonly truth: Plane;
}

const [SUBJECT, GROUND] = [
  [196, 96, 44],
  [70, 118, 160],
] as const;

/** How much of a px a disc covers, by 4 x 4 samples. */
function discCover(x: number, y: number, middle: readonly [number, number], radius: number): number {
  let inside = 0;
  for (let v = 0; v < 4; v++)
    for (let u = 0; u < 4; u++) if (Math.hypot(x + (u + 0.5) / 4 - middle[0], y + (v + 0.5) / 4 - middle[1]) < radius) inside++;
  return inside / 16;
}

/** A speckled disc on a speckled ground. @param hole - radius of a hole in its middle. */
export function discPicture(width: number, height: number, radius: number, hole = 0): KnownPicture {
  const middle = [width / 2, height / 2] as const;
  const data = new Uint8ClampedArray(width * height * 4);
  const truth = new Uint8Array(width * height);
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const cover = discCover(x, y, middle, radius) - (hole > 0 ? discCover(x, y, middle, hole) : 0);
      const speck = ((x * 7 + y * 13) % 5) * 4;
      truth[i] = Math.round(255 * cover);
      for (let c = 0; c < 3; c++) data[4 * i + c] = SUBJECT[c]! * cover + GROUND[c]! * (1 - cover) + speck;
      data[4 * i + 3] = 255;
    }
  }
  return { photo: { width, height, data }, truth: { width, height, data: truth } };
}

/** Squares of many colours, in which nothing stands out. */
export function clutterPicture(width: number, height: number): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const tile = Math.floor(x / 17) * 31 + Math.floor(y / 17) * 57;
      data.set([(tile * 73) % 256, (tile * 151) % 256, (tile * 199) % 256, 255], 4 * i);
    }
  }
  return { width, height, data };
}
