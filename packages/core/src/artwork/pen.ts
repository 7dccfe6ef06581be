import type { Point } from '../geometry/matrix.js';

/** Draws path data in shares of a box, in units of which the box is `width` x 100. */
export class Pen {
  private readonly steps: string[] = [];

  constructor(private readonly width: number) {}

  private at(x: number, y: number): string {
    return `${round(x / this.width)} ${round(y / 100)}`;
  }

  move(x: number, y: number): this {
    this.steps.push(`M${this.at(x, y)}`);
    return this;
  }

  line(...points: readonly (readonly [number, number])[]): this {
    for (const [x, y] of points) this.steps.push(`L${this.at(x, y)}`);
    return this;
  }

  // eslint-disable-next-line max-params -- a curve has three points, written as the path of a canvas has them
  curve(ax: number, ay: number, bx: number, by: number, x: number, y: number): this {
    this.steps.push(`C${this.at(ax, ay)} ${this.at(bx, by)} ${this.at(x, y)}`);
    return this;
  }

  close(): this {
    this.steps.push('Z');
    return this;
  }

  polygon(...points: readonly (readonly [number, number])[]): this {
    const [first, ...rest] = points;
    return first
      ? this.move(...first)
          .line(...rest)
          .close()
      : this;
  }

  box(x: number, y: number, width: number, height: number): this {
    return this.polygon([x, y], [x + width, y], [x + width, y + height], [x, y + height]);
  }

  /** A box drawn the other way round: a hole in what is round it. */
  hole(x: number, y: number, width: number, height: number): this {
    return this.polygon([x, y], [x, y + height], [x + width, y + height], [x + width, y]);
  }

  /** A circle of four cubics (greatest error 0.03 %); drawn the other way round it is a hole. */
  circle(cx: number, cy: number, r: number, isHole = false): this {
    const k = r * 0.5522847498;
    const s = isHole ? -1 : 1;
    return this.move(cx + r, cy)
      .curve(cx + r, cy + s * k, cx + k, cy + s * r, cx, cy + s * r)
      .curve(cx - k, cy + s * r, cx - r, cy + s * k, cx - r, cy)
      .curve(cx - r, cy - s * k, cx - k, cy - s * r, cx, cy - s * r)
      .curve(cx + k, cy - s * r, cx + r, cy - s * k, cx + r, cy)
      .close();
  }

  /** A smooth closed line through points (uniform Catmull-Rom spline). */
  smooth(points: readonly Point[]): this {
    const n = points.length;
    const p = (i: number): Point => points[(i + n) % n]!;
    this.move(p(0).x, p(0).y);
    for (let i = 0; i < n; i++) {
      const [a, b, c, d] = [p(i - 1), p(i), p(i + 1), p(i + 2)];
      this.curve(b.x + (c.x - a.x) / 6, b.y + (c.y - a.y) / 6, c.x - (d.x - b.x) / 6, c.y - (d.y - b.y) / 6, c.x, c.y);
    }
    return this.close();
  }

  /** A leaf from its stalk at x, y: `length` towards `angle` (degrees clockwise from the right), `breadth` at its widest. */
  leaf(x: number, y: number, length: number, breadth: number, angle: number): this {
    const turn = (angle * Math.PI) / 180;
    const to = (along: number, across: number): [number, number] => [
      x + along * Math.cos(turn) - across * Math.sin(turn),
      y + along * Math.sin(turn) + across * Math.cos(turn),
    ];
    const half = breadth * 0.66;
    const tip = to(length, 0);
    return this.move(x, y)
      .curve(...to(length * 0.25, -half), ...to(length * 0.75, -half), ...tip)
      .curve(...to(length * 0.75, half), ...to(length * 0.25, half), x, y)
      .close();
  }

  data(): string {
    return this.steps.join('');
  }
}

function round(value: number): number {
  return Math.round(value * 1e4) / 1e4;
}

/** A row of numbers from 0 to 1 that looks random and is the same for the same seed (mulberry32, T. Ettinger, 2017). */
export function noise(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}
