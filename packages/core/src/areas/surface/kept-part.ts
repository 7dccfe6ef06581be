import type { Bounds } from '../../geometry/bounds.js';
import type { Pixels } from '../../photo/pixels.js';

/**
 * Part of a photo as it is kept beside the photo (see `cutoutPicture`): of the photo's size, clear around the part, colours only where they are not the
 * photo's own, which full alpha says.
 * @param at - where the part lies, in px of the level that it was made from
 * @param scale - px of the photo to one of that level
 */
export function keptPart(
  part: Pixels,
  at: Bounds,
  scale: number,
  { width, height }: { readonly width: number; readonly height: number },
): Pixels {
  const data = new Uint8ClampedArray(4 * width * height);
  const [left, top] = [at.x * scale, at.y * scale];
  const [right, bottom] = [Math.min(width, (at.x + at.width) * scale), Math.min(height, (at.y + at.height) * scale)];
  const px = new Float64Array(4);
  for (let y = top; y < bottom; y++) {
    for (let x = left; x < right; x++) {
      between(part, (x + 0.5) / scale - at.x - 0.5, (y + 0.5) / scale - at.y - 0.5, px);
      const alpha = Math.round(px[3]!);
      const o = 4 * (y * width + x);
      data[o + 3] = alpha;
      if (alpha === 0 || alpha === 255) continue;
      data[o] = px[0]!;
      data[o + 1] = px[1]!;
      data[o + 2] = px[2]!;
    }
  }
  return { width, height, data };
}

/** The four px around a place, weighed by how near they are; colours by their alpha too. */
function between({ width, height, data }: Pixels, x: number, y: number, into: Float64Array): void {
  const [x0, y0] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [x - x0, y - y0];
  into.fill(0);
  for (let dy = 0; dy < 2; dy++) {
    for (let dx = 0; dx < 2; dx++) {
      const weight = (dx === 0 ? 1 - u : u) * (dy === 0 ? 1 - v : v);
      if (weight === 0) continue;
      const column = Math.max(0, Math.min(width - 1, x0 + dx));
      const o = 4 * (Math.max(0, Math.min(height - 1, y0 + dy)) * width + column);
      const share = weight * data[o + 3]!;
      for (let c = 0; c < 3; c++) into[c]! += share * data[o + c]!;
      into[3]! += share;
    }
  }
  if (into[3]! > 0) for (let c = 0; c < 3; c++) into[c]! /= into[3]!;
}
