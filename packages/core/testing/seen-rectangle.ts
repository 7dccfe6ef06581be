import fc from 'fast-check';
import type { Point } from '../src/geometry/matrix.js';
import type { Quad } from '../src/geometry/quad.js';
import type { SeenPicture } from '../src/geometry/quad-proportion.js';

/** How a camera looks at a rectangle: how far that is turned away from it, radians, where its middle is seen, and how long the lens is. */
export interface Camera {
  readonly yaw: number;
  readonly pitch: number;
  readonly roll: number;
  /** In diagonals of the picture. */
  readonly focus: number;
  /** Of the middle of the rectangle, in diagonals from the middle of the picture. */
  readonly x: number;
  readonly y: number;
}

const within = (most: number) => fc.double({ min: -most, max: most, noNaN: true });

/** Cameras as people hold them: the rectangle is turned by up to 60 degrees, and by enough that its sides run together. */
export const CAMERAS: fc.Arbitrary<Camera> = fc
  .record({
    yaw: within(1),
    pitch: within(1),
    roll: within(0.5),
    focus: fc.double({ min: 0.6, max: 2, noNaN: true }),
    x: within(0.2),
    y: within(0.2),
  })
  .filter(({ yaw, pitch }) => Math.abs(yaw) > 0.15 && Math.abs(pitch) > 0.15);

/** Where a camera sees a place of a board of columns x rows squares, px of the picture. */
export function seenThrough(camera: Camera, { x, y }: Point, columns: number, rows: number, picture: SeenPicture): Point {
  const { yaw, pitch, roll, focus } = camera;
  // The board is one diagonal long, two focal lengths away.
  const side = 1 / Math.hypot(columns, rows);
  const [bx, by] = [(x - columns / 2) * side, (y - rows / 2) * side];
  const [rx, ry] = [bx * Math.cos(roll) - by * Math.sin(roll), bx * Math.sin(roll) + by * Math.cos(roll)];
  const [px, py, pz] = [rx * Math.cos(yaw), ry, rx * Math.sin(yaw)];
  const [qy, qz] = [py * Math.cos(pitch) - pz * Math.sin(pitch), py * Math.sin(pitch) + pz * Math.cos(pitch)];
  const away = 2 * focus + qz;
  const { middle, diagonal } = picture;
  // The place of its middle is seen a little off the axis: the board is moved, not the picture.
  const [mx, my] = [camera.x * 2, camera.y * 2];
  return { x: middle.x + (diagonal * focus * (px + mx)) / away, y: middle.y + (diagonal * focus * (qy + my)) / away };
}

/** The corners of a rectangle of a proportion; null where it is seen so small or so flat that a person would not take hold of its corners. */
export function seenRectangle(camera: Camera, proportion: number, picture: SeenPicture): Quad | null {
  const corners = [
    { x: 0, y: 0 },
    { x: proportion, y: 0 },
    { x: proportion, y: 1 },
    { x: 0, y: 1 },
  ].map((p) => seenThrough(camera, p, proportion, 1, picture));
  const sides = corners.map((p, i) => Math.hypot(p.x - corners[(i + 1) % 4]!.x, p.y - corners[(i + 1) % 4]!.y));
  return Math.min(...sides) < 40 ? null : (corners as unknown as Quad);
}
