import { newPlane, type Plane } from '../src/finish/plane.js';

/** A square plane that is full within rectangles of x, y, width and height. */
export function planeOf(size: number, ...rectangles: readonly (readonly [number, number, number, number])[]): Plane {
  const plane = newPlane(size, size);
  for (const [x, y, width, height] of rectangles)
    for (let row = y; row < y + height; row++) plane.data.fill(255, row * size + x, row * size + x + width);
  return plane;
}
