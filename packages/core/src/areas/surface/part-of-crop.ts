import type { Bounds } from '../../geometry/bounds.js';
import type { AreaCrop, Light } from './area-crop.js';

/** A rectangle of a crop, itself a crop. @param bounds - px of the crop, within it */
export function partOfCrop(crop: AreaCrop, bounds: Bounds): AreaCrop {
  return {
    x: crop.x + bounds.x,
    y: crop.y + bounds.y,
    width: bounds.width,
    height: bounds.height,
    light: partOfLight(crop.light, crop.width, bounds),
    logs: partOfLight(crop.logs, crop.width, bounds),
    depth: partOf(crop.depth, crop.width, bounds),
  };
}

export function partOfLight(light: Light, width: number, bounds: Bounds): Light {
  return light.map((plane) => partOf(plane, width, bounds)) as unknown as Light;
}

/** The same rectangle of a plane that has one value for each px. @param width - of the plane */
export function partOf<T extends Float32Array | Uint8Array>(plane: T, width: number, { x, y, ...size }: Bounds): T {
  const part = (
    plane instanceof Uint8Array ? new Uint8Array(size.width * size.height) : new Float32Array(size.width * size.height)
  ) as T;
  for (let row = 0; row < size.height; row++) {
    const from = (y + row) * width + x;
    part.set(plane.subarray(from, from + size.width), row * size.width);
  }
  return part;
}
