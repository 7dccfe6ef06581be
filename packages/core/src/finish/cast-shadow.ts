import { blurPlane } from './blur.js';
import { distanceTo } from './distance.js';
import type { Plane } from './plane.js';

/** How a shadow is cast, px of the plane. */
export interface ShadowCast {
  /** Whole px. */
  readonly dx: number;
  readonly dy: number;
  /** Standard deviation. */
  readonly sigma: number;
  /** Grows what casts it, or shrinks it below 0. */
  readonly spread: number;
}

/** The shadow of a silhouette, in a plane of the same size; what would fall outside is lost. */
export function castShadow(silhouette: Plane, { dx, dy, sigma, spread }: ShadowCast): Plane {
  const wide = spread === 0 ? silhouette : spreadPlane(silhouette, spread);
  return shifted(blurPlane(wide, sigma), dx, dy);
}

/**
 * The shade along the inner edge of a silhouette: what lies outside of it, blurred, as far as it falls inside.
 * At the edge a blurred silhouette is half: there the shade has its full strength.
 */
export function innerShadePlane(inside: Plane, sigma: number): Plane {
  const soft = blurPlane(inside, sigma);
  const data = new Uint8Array(inside.data.length);
  for (let i = 0; i < data.length; i++) data[i] = (inside.data[i]! * Math.min(255, 2 * (255 - soft.data[i]!))) / 255;
  return { ...inside, data };
}

function shifted(plane: Plane, dx: number, dy: number): Plane {
  const { width, height } = plane;
  const data = new Uint8Array(width * height);
  if (Math.abs(dx) >= width) return { width, height, data };
  for (let y = Math.max(0, dy); y < Math.min(height, height + dy); y++) {
    const from = (y - dy) * width + Math.max(0, -dx);
    data.set(plane.data.subarray(from, from + width - Math.abs(dx)), y * width + Math.max(0, dx));
  }
  return { width, height, data };
}

/** A silhouette grown (or shrunken, below 0) by px, its edge one px soft. */
function spreadPlane(plane: Plane, by: number): Plane {
  const inverse: Plane = { ...plane, data: plane.data.map((value) => 255 - value) };
  const distances = by > 0 ? distanceTo(plane, 128) : distanceTo(inverse, 128);
  const data = Uint8Array.from(distances, (distance) => {
    const share = Math.min(1, Math.max(0, by > 0 ? by - distance + 0.5 : distance + by + 0.5));
    return share * 255;
  });
  return { ...plane, data };
}
