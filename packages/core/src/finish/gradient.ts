import type { GradientFill } from '../document/fill.js';
import { literalColour } from '../kinds/colour.js';
import { apply, type Matrix, type Point } from '../geometry/matrix.js';
import type { Pixels } from '../photo/pixels.js';

/** How a gradient runs, in the frame of its box. */
export interface GradientRun {
  /** 0 lies here; for a radial one it is the middle. */
  readonly from: Point;
  /** 1 lies here; for a radial one it is any point of the outermost circle. */
  readonly to: Point;
}

/** A radial gradient reaches the corners; a linear one runs through the middle, its ends level with the farthest corners, as CSS defines it. */
export function gradientRun(fill: GradientFill, width: number, height: number): GradientRun {
  const [cx, cy] = [width / 2, height / 2];
  if (fill.kind === 'radial') return { from: { x: cx, y: cy }, to: { x: cx + Math.hypot(cx, cy), y: cy } };
  const radians = ((fill.angle ?? 90) * Math.PI) / 180;
  const [dx, dy] = [Math.cos(radians), Math.sin(radians)];
  const reach = (Math.abs(dx) * width + Math.abs(dy) * height) / 2;
  return { from: { x: cx - dx * reach, y: cy - dy * reach }, to: { x: cx + dx * reach, y: cy + dy * reach } };
}

/** Steps of the table of colours: finer than a channel can show. */
const STEPS = 4096;

/**
 * The colours of a gradient for every px of a layer, straight alpha. Canvases round gradients with clear places differently, by a step of a
 * channel for each that lies on another; this kernel gives the same everywhere.
 * @param toLayer - maps px of the box's frame to px of the layer.
 * @param width - of the layer, px.
 */
export function gradientPixels(
  fill: GradientFill,
  box: { readonly width: number; readonly height: number },
  toLayer: Matrix,
  width: number,
  height: number,
): Pixels {
  const run = gradientRun(fill, box.width, box.height);
  const [from, to] = [apply(toLayer, run.from), apply(toLayer, run.to)];
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const length = Math.hypot(dx, dy) || 1e-9;
  const table = colourTable(fill.stops);
  const data = new Uint8ClampedArray(width * height * 4);
  const words = new Uint32Array(data.buffer);
  const isRadial = fill.kind === 'radial';
  for (let y = 0, i = 0; y < height; y++) {
    const py = y + 0.5 - from.y;
    for (let x = 0; x < width; x++, i++) {
      const px = x + 0.5 - from.x;
      const t = isRadial ? Math.sqrt(px * px + py * py) / length : (px * dx + py * dy) / (length * length);
      words[i] = table[t <= 0 ? 0 : t >= 1 ? STEPS : (t * STEPS + 0.5) | 0]!;
    }
  }
  return { width, height, data };
}

/** The same for a gradient with a frame of its own. @param toPlane - maps px of the layer to the plane of the gradient. */
export function framedGradientPixels(
  { kind, stops }: Pick<GradientFill, 'kind' | 'stops'>,
  toPlane: Matrix,
  width: number,
  height: number,
): Pixels {
  const table = colourTable(stops);
  const data = new Uint8ClampedArray(width * height * 4);
  const words = new Uint32Array(data.buffer);
  const { a, b, c, d, e, f } = toPlane;
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const u = a * (x + 0.5) + c * (y + 0.5) + e;
      const v = b * (x + 0.5) + d * (y + 0.5) + f;
      const t = kind === 'radial' ? Math.sqrt(u * u + v * v) : u;
      words[i] = table[t <= 0 ? 0 : t >= 1 ? STEPS : (t * STEPS + 0.5) | 0]!;
    }
  }
  return { width, height, data };
}

/** Colours from 0 to 1 as they lie in memory, red first. */
function colourTable(stops: GradientFill['stops']): Uint32Array {
  const sorted = [...stops]
    .sort((a, b) => a.at - b.at)
    .map(({ at, colour }) => ({ at, channels: channelsOf(literalColour(colour)) }));
  const bytes = new Uint8ClampedArray((STEPS + 1) * 4);
  let next = 0;
  for (let step = 0; step <= STEPS; step++) {
    const t = step / STEPS;
    while (next < sorted.length && sorted[next]!.at <= t) next++;
    const [low, high] = [sorted[Math.max(0, next - 1)]!, sorted[Math.min(sorted.length - 1, next)]!];
    const span = high.at - low.at;
    const share = span > 0 ? Math.min(1, Math.max(0, (t - low.at) / span)) : 0;
    for (let c = 0; c < 4; c++) bytes[4 * step + c] = low.channels[c]! + (high.channels[c]! - low.channels[c]!) * share;
  }
  return new Uint32Array(bytes.buffer);
}

/** Red, green, blue and alpha, 0 to 255, of #rrggbb or #rrggbbaa. */
function channelsOf(colour: string): number[] {
  return [1, 3, 5, 7].map((at) => (at < colour.length ? parseInt(colour.slice(at, at + 2), 16) : 255));
}
