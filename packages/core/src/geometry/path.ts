import { apply, type Matrix, type Point } from './matrix.js';

/**
 * A path as flat data: one command letter per step and its coordinates in one array.
 * M and L take 2 numbers, Q takes 4, C takes 6, Z none. Every subpath that is filled is closed.
 */
export interface Path {
  readonly commands: readonly PathCommand[];
  /** Coordinates of all commands in order, in px of the space the path belongs to. */
  readonly coords: readonly number[];
}

export type PathCommand = 'M' | 'L' | 'Q' | 'C' | 'Z';

export const COORDS_PER_COMMAND: Readonly<Record<PathCommand, number>> = { M: 2, L: 2, Q: 4, C: 6, Z: 0 };

export const EMPTY_PATH: Path = { commands: [], coords: [] };

/** Collects path steps; `build` hands out the finished path. */
export class PathBuilder {
  private readonly commands: PathCommand[] = [];
  private readonly coords: number[] = [];

  moveTo(x: number, y: number): this {
    return this.push('M', x, y);
  }
  lineTo(x: number, y: number): this {
    return this.push('L', x, y);
  }
  quadTo(x1: number, y1: number, x: number, y: number): this {
    return this.push('Q', x1, y1, x, y);
  }
  // eslint-disable-next-line max-params -- a curve has three points, written as the path of a canvas has them
  cubicTo(x1: number, y1: number, x2: number, y2: number, x: number, y: number): this {
    return this.push('C', x1, y1, x2, y2, x, y);
  }
  close(): this {
    return this.push('Z');
  }
  append(path: Path): this {
    this.commands.push(...path.commands);
    this.coords.push(...path.coords);
    return this;
  }
  build(): Path {
    return { commands: this.commands, coords: this.coords };
  }

  private push(command: PathCommand, ...coords: number[]): this {
    this.commands.push(command);
    this.coords.push(...coords);
    return this;
  }
}

/** Receives the steps of a path; a Canvas 2D context or a Path2D fits. */
export interface PathSink {
  moveTo(x: number, y: number): void;
  lineTo(x: number, y: number): void;
  quadraticCurveTo(x1: number, y1: number, x: number, y: number): void;
  bezierCurveTo(x1: number, y1: number, x2: number, y2: number, x: number, y: number): void;
  closePath(): void;
}

/** Replays `path` into `sink`, step by step. */
export function tracePath(path: Path, sink: PathSink): void {
  const c = path.coords;
  let i = 0;
  for (const command of path.commands) {
    switch (command) {
      case 'M':
        sink.moveTo(c[i]!, c[i + 1]!);
        break;
      case 'L':
        sink.lineTo(c[i]!, c[i + 1]!);
        break;
      case 'Q':
        sink.quadraticCurveTo(c[i]!, c[i + 1]!, c[i + 2]!, c[i + 3]!);
        break;
      case 'C':
        sink.bezierCurveTo(c[i]!, c[i + 1]!, c[i + 2]!, c[i + 3]!, c[i + 4]!, c[i + 5]!);
        break;
      case 'Z':
        sink.closePath();
        break;
    }
    i += COORDS_PER_COMMAND[command];
  }
}

/** The image of `path` under `m`. */
export function transformPath(m: Matrix, path: Path): Path {
  const coords = new Array<number>(path.coords.length);
  for (let i = 0; i < path.coords.length; i += 2) {
    const p = apply(m, { x: path.coords[i]!, y: path.coords[i + 1]! });
    coords[i] = p.x;
    coords[i + 1] = p.y;
  }
  return { commands: path.commands, coords };
}

/** SVG path data (absolute commands), rounded to `digits` decimals. */
export function toPathData(path: Path, digits = 3): string {
  const factor = 10 ** digits;
  const c = path.coords;
  const parts: string[] = [];
  let i = 0;
  for (const command of path.commands) {
    const n = COORDS_PER_COMMAND[command];
    const numbers = c.slice(i, i + n).map((v) => Math.round(v * factor) / factor);
    parts.push(command + numbers.join(' '));
    i += n;
  }
  return parts.join('');
}

/**
 * Straight-line polygons of a path, one flat array [x0, y0, x1, y1, ...] per subpath, not repeating the first point.
 * @param tolerance - largest distance between curve and chord, in px of the path's space. @default 0.25
 */
export function flatten(path: Path, tolerance = 0.25): Float64Array[] {
  return flattenLines(path, tolerance).flatMap(({ points }) => (points.length >= 6 ? [points] : []));
}

/** A subpath as straight lines. */
export interface FlatLine {
  readonly points: Float64Array;
  readonly isClosed: boolean;
}

/** The same for lines, which may have two points or one, and may be open. */
export function flattenLines(path: Path, tolerance = 0.25): FlatLine[] {
  const lines: FlatLine[] = [];
  let points: number[] = [];
  let here: Point = { x: 0, y: 0 };
  const finish = (isClosed = false): void => {
    if (points.length > 0) lines.push({ points: Float64Array.from(points), isClosed });
    points = [];
  };
  tracePath(path, {
    moveTo(x, y) {
      finish();
      points.push(x, y);
      here = { x, y };
    },
    lineTo(x, y) {
      points.push(x, y);
      here = { x, y };
    },
    quadraticCurveTo(x1, y1, x, y) {
      // Steps from the second difference: the chord error of a quadratic is |p0 - 2 p1 + p2| / (4 n^2).
      const bend = Math.hypot(here.x - 2 * x1 + x, here.y - 2 * y1 + y);
      const steps = Math.max(1, Math.ceil(Math.sqrt(bend / (4 * tolerance))));
      for (let s = 1; s <= steps; s++) {
        const t = s / steps;
        const u = 1 - t;
        points.push(u * u * here.x + 2 * u * t * x1 + t * t * x, u * u * here.y + 2 * u * t * y1 + t * t * y);
      }
      here = { x, y };
    },
    // eslint-disable-next-line max-params -- a curve has three points, written as the path of a canvas has them
    bezierCurveTo(x1, y1, x2, y2, x, y) {
      const bend = Math.max(Math.hypot(here.x - 2 * x1 + x2, here.y - 2 * y1 + y2), Math.hypot(x1 - 2 * x2 + x, y1 - 2 * y2 + y));
      const steps = Math.max(1, Math.ceil(Math.sqrt((0.75 * bend) / tolerance)));
      for (let s = 1; s <= steps; s++) {
        const t = s / steps;
        const u = 1 - t;
        const [w0, w1, w2, w3] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
        points.push(w0 * here.x + w1 * x1 + w2 * x2 + w3 * x, w0 * here.y + w1 * y1 + w2 * y2 + w3 * y);
      }
      here = { x, y };
    },
    closePath() {
      finish(true);
    },
  });
  finish();
  return lines;
}
