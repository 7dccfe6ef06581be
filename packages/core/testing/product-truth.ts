import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { ClothFolds } from '../src/geometry/cloth-folds.js';
import { clothSurface } from '../src/geometry/cloth-surface.js';
import type { CurvedSurface } from '../src/geometry/curved-surface.js';
import type { Point } from '../src/geometry/matrix.js';
import { tubeSurface, type Tube } from '../src/geometry/tube-surface.js';

type Vector = readonly [number, number, number];
const less = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Vector, b: Vector): Vector => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
const unit = (a: Vector): Vector => {
  const length = Math.hypot(...a);
  return [a[0] / length, a[1] / length, a[2] / length];
};

/** The scene of the sample mug, cm; its wall has a radius of 4.2. */
const CAMERA: Vector = [0.7, 12.6, -77];
const AHEAD = unit(less([0.95, 4.75, 0], CAMERA));
const RIGHT = unit(cross([0, 1, 0], AHEAD));
const UP = cross(AHEAD, RIGHT);
const PIXELS = 2000 / (2 * Math.tan((5.7 * Math.PI) / 180));
/** The angle at which the wall faces the camera. */
const FACING = Math.atan2(0.7, 77);
export const MUG_RADIUS = 42;

/** Where a place of the mug's wall is seen, px of the sample photo. @param angle - radians from where it faces the camera; @param down - share of the print area */
export function mugTruth(angle: number, down: number): Point {
  const t = angle + FACING;
  const place = less([4.2 * Math.sin(t), 8.3 - 6.55 * down, -4.2 * Math.cos(t)], CAMERA);
  const depth = dot(place, AHEAD);
  return { x: 1000 + (PIXELS * dot(place, RIGHT)) / depth, y: 1000 - (PIXELS * dot(place, UP)) / depth };
}

/** The handles of the sample mug, as its scene says them, px. */
export const MUG: Tube = {
  corners: [
    { x: 329, y: 542.8 },
    { x: 1423.1, y: 542.1 },
    { x: 1419.5, y: 1388.3 },
    { x: 334.8, y: 1390.1 },
  ],
  top: { x: 876.3, y: 573 },
  bottom: { x: 877.4, y: 1464.8 },
  kappa: 0.05,
  half: 80,
  turn: 0,
};

/** How far a surface is off from places that are known: px. */
export interface Off {
  readonly rms: number;
  readonly worst: number;
}

function offBy(distances: readonly number[]): Off {
  return { rms: Math.sqrt(distances.reduce((sum, d) => sum + d * d, 0) / distances.length), worst: Math.max(...distances) };
}

/** Over 80 degrees to either side. */
export function tubeOff(tube: Tube): Off {
  const surface = tubeSurface(tube)!;
  const distances: number[] = [];
  for (let i = 0; i <= 40; i++) {
    for (let j = 0; j <= 20; j++) {
      const seen = surface.seen(i / 40, j / 20)!;
      const truth = mugTruth(((i / 20 - 1) * tube.half * Math.PI) / 180, j / 20);
      distances.push(Math.hypot(seen.x - truth.x, seen.y - truth.y));
    }
  }
  return offBy(distances);
}

interface Mesh {
  readonly columns: number;
  /** Shares of the height, by row. */
  readonly v: readonly number[];
  readonly points: readonly (readonly [number, number])[];
}

/** A part of the simulated cloth of the sample bag. It is read from the root of the project: benchmarks are bundled elsewhere first. */
const TOTE = JSON.parse(readFileSync(join(process.cwd(), 'packages/core/testing/tote-mesh.json'), 'utf8')) as Mesh;

/** Where a place of the cloth lies, between the known ones. */
function toteTruth(u: number, v: number): Point {
  const across = u * (TOTE.columns - 1);
  const i = Math.min(TOTE.columns - 2, Math.floor(across));
  const below = Math.max(
    1,
    TOTE.v.findIndex((share) => share >= v),
  );
  const [from, to] = [TOTE.v[below - 1]!, TOTE.v[below]!];
  const at = (column: number, row: number): readonly [number, number] => TOTE.points[row * TOTE.columns + column]!;
  const mix = (a: number, b: number, share: number): number => a + (b - a) * share;
  const value = (axis: 0 | 1): number =>
    mix(
      mix(at(i, below - 1)[axis], at(i + 1, below - 1)[axis], across - i),
      mix(at(i, below)[axis], at(i + 1, below)[axis], across - i),
      (v - from) / (to - from),
    );
  return { x: value(0), y: value(1) };
}

/** Sixteen handles where the cloth is. */
export function toteHandles(): readonly Point[] {
  return Array.from({ length: 16 }, (_, i) => toteTruth((i % 4) / 3, Math.floor(i / 4) / 3));
}

/** @param folds - what was read from the photo of the bag */
export function toteSurface(folds?: ClothFolds): CurvedSurface {
  return clothSurface(toteHandles(), folds)!;
}

export function clothOff(surface: CurvedSurface): Off {
  const distances = TOTE.points.map(([x, y], i) => {
    const seen = surface.seen((i % TOTE.columns) / (TOTE.columns - 1), TOTE.v[Math.floor(i / TOTE.columns)]!)!;
    return Math.hypot(seen.x - x, seen.y - y);
  });
  return offBy(distances);
}
