import { PathBuilder, type Path } from '../geometry/path.js';
import { ellipsePath } from '../geometry/ellipse-path.js';
import { rectanglePath } from '../geometry/rectangle-path.js';
import { transformPath } from '../geometry/path.js';
import { scaling, translation } from '../geometry/matrix.js';
import { readPathData, type ReadPathData } from '../geometry/path-data.js';
import type { SvgElement } from './svg-tree.js';

/**
 * The path of a basic shape of SVG (SVG 2, chapter 10) in its own user units; undefined for what is no shape.
 * @param closes - whether what is left open is closed, as for areas. @default true
 */
export function elementPath({ name, attributes }: SvgElement, closes = true): ReadPathData | undefined {
  const at = (key: string): number => lengthOf(attributes[key]);
  switch (name) {
    case 'path':
      return readPathData(attributes['d'] ?? '', closes);
    case 'rect': {
      const [width, height] = [at('width'), at('height')];
      const [rx, ry] = [attributes['rx'] ?? attributes['ry'], attributes['ry'] ?? attributes['rx']].map(lengthOf);
      const [right, down] = [Math.min(rx!, width / 2), Math.min(ry!, height / 2)];
      const r = right > 0 && down > 0 ? right : 0;
      // Corners that are no quarters of a circle are those of a rectangle that is stretched.
      const stretch = r > 0 ? down / right : 1;
      const corners = rectanglePath(width, height / stretch, [r, r, r, r]);
      return placed(transformPath(scaling(1, stretch), corners), at('x'), at('y'));
    }
    case 'circle':
      return round(at('cx'), at('cy'), at('r'), at('r'));
    case 'ellipse':
      return round(at('cx'), at('cy'), at('rx'), at('ry'));
    case 'polygon':
      return cornered(attributes['points'] ?? '', true);
    case 'polyline':
      return cornered(attributes['points'] ?? '', closes);
    case 'line':
      return { path: new PathBuilder().moveTo(at('x1'), at('y1')).lineTo(at('x2'), at('y2')).build() };
    default:
      return undefined;
  }
}

function round(cx: number, cy: number, rx: number, ry: number): ReadPathData {
  return placed(ellipsePath(2 * rx, 2 * ry), cx - rx, cy - ry);
}

function placed(path: Path, x: number, y: number): ReadPathData {
  return { path: transformPath(translation(x, y), path) };
}

function cornered(points: string, closes: boolean): ReadPathData {
  const numbers = points
    .split(/[\s,]+/)
    .filter(Boolean)
    .map(Number);
  const builder = new PathBuilder();
  let count = 0;
  for (let i = 0; i + 1 < numbers.length && Number.isFinite(numbers[i]! + numbers[i + 1]!); i += 2, count++) {
    if (i === 0) builder.moveTo(numbers[0]!, numbers[1]!);
    else builder.lineTo(numbers[i]!, numbers[i + 1]!);
  }
  if (count > 0 && closes) builder.close();
  return { path: builder.build(), ...(2 * count < numbers.length ? { fault: 'a point is no pair of numbers' } : {}) };
}

const UNITS: Readonly<Record<string, number>> = { px: 1, pt: 4 / 3, pc: 16, mm: 96 / 25.4, cm: 960 / 25.4, in: 96, '': 1 };

/** A length in user units (CSS px); what can not be read counts as 0. */
export function lengthOf(text: string | undefined): number {
  const match = /^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)\s*([a-z]*)\s*$/i.exec(text ?? '');
  const value = match ? Number(match[1]) * (UNITS[match[2]!.toLowerCase()] ?? NaN) : NaN;
  return Number.isFinite(value) && Math.abs(value) < 1e9 ? value : 0;
}
