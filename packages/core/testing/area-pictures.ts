import type { Point } from '../src/geometry/matrix.js';
import { contains } from '../src/geometry/polygon.js';
import type { Pixels } from '../src/photo/pixels.js';

type Paint = (x: number, y: number) => readonly [number, number, number];

/** A shape of one colour in a picture: whatever `holds` says, its edge smoothed by 4 x 4 samples a px. */
export interface Painted {
  readonly holds: (p: Point) => boolean;
  readonly paint: Paint;
}

/** A picture painted from back to front over a ground, with even grain that is always the same. */
export function paintedPicture(width: number, height: number, ground: Paint, shapes: readonly Painted[], grain = 2): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  let state = 12345;
  for (let y = 0, at = 0; y < height; y++) {
    for (let x = 0; x < width; x++, at += 4) {
      let colour = ground(x, y);
      for (const { holds, paint } of shapes) {
        const covered = coverage(holds, x, y);
        if (covered > 0)
          colour = colour.map((value, c) => value + (paint(x, y)[c]! - value) * covered) as unknown as typeof colour;
      }
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      const noise = (state / 2 ** 32 - 0.5) * 2 * grain;
      data[at] = colour[0] + noise;
      data[at + 1] = colour[1] + noise;
      data[at + 2] = colour[2] + noise;
      data[at + 3] = 255;
    }
  }
  return { width, height, data };
}

function coverage(holds: Painted['holds'], x: number, y: number): number {
  const corners = [
    holds({ x, y }),
    holds({ x: x + 1, y }),
    holds({ x, y: y + 1 }),
    holds({ x: x + 1, y: y + 1 }),
    holds({ x: x + 0.5, y: y + 0.5 }),
  ];
  if (corners.every((one) => one)) return 1;
  if (corners.every((one) => !one)) return 0;
  let inside = 0;
  for (let i = 0; i < 16; i++) if (holds({ x: x + ((i % 4) + 0.5) / 4, y: y + (Math.floor(i / 4) + 0.5) / 4 })) inside++;
  return inside / 16;
}

export function insidePolygon(points: readonly Point[]): Painted['holds'] {
  const polygon = [Float64Array.from(points.flatMap(({ x, y }) => [x, y]))];
  return (p) => contains(polygon, p);
}

export function insideEllipse({ x: cx, y: cy }: Point, rx: number, ry: number, turn = 0): Painted['holds'] {
  const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
  return ({ x, y }) => Math.hypot((c * (x - cx) + s * (y - cy)) / rx, (c * (y - cy) - s * (x - cx)) / ry) <= 1;
}
