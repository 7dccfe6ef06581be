import { determinant, IDENTITY, invert, multiply, scaling, translation, type Matrix, type Point } from '../geometry/matrix.js';
import type { Bounds } from '../geometry/bounds.js';
import { NotCarried } from './not-carried.js';
import { targetOf } from './svg-definitions.js';
import { readSvgColour, type SvgColour } from './svg-colour.js';
import { NO_STYLE, styleOf, type StyleRule } from './svg-style.js';
import type { SvgElement } from './svg-tree.js';
import { readTransform } from './transform-attribute.js';

/** A gradient of an SVG drawing. */
export interface SvgGradient {
  readonly kind: 'linear' | 'radial';
  /** Maps user units of what is painted to the plane of the gradient: from x = 0 to 1, or from the middle to radius 1. */
  readonly frame: Matrix;
  readonly stops: readonly (SvgColour & { readonly at: number })[];
}

/**
 * Reads a gradient for something that is painted with it (SVG 2, chapter 14), with what it takes from others by `href`.
 * @param bounds - of what is painted, user units: gradients are laid out in it unless they say otherwise.
 * @throws NotCarried what a drawing can not have: repeated, with a focus beside the middle, or without a place
 */
export function readGradient(
  element: SvgElement,
  bounds: Bounds,
  byId: ReadonlyMap<string, SvgElement>,
  sheet: readonly StyleRule[],
): SvgGradient {
  const chain = chainOf(element, byId);
  const value = (key: string): string | undefined => chain.find(({ attributes }) => key in attributes)?.attributes[key];
  if ((value('spreadMethod') ?? 'pad') !== 'pad') throw new NotCarried('a gradient that is repeated');
  const isOfBox = value('gradientUnits') !== 'userSpaceOnUse';
  const toUser = isOfBox ? multiply(translation(bounds.x, bounds.y), scaling(bounds.width, bounds.height)) : IDENTITY;
  const transform = readTransform(value('gradientTransform'));
  if (!transform) throw new NotCarried('a gradient that can not be read');
  const length = (key: string, otherwise: number): number => lengthIn(value(key), otherwise, isOfBox);
  const isLinear = element.name === 'linearGradient';
  const plane = isLinear
    ? linePlane({ x: length('x1', 0), y: length('y1', 0) }, { x: length('x2', 1), y: length('y2', 0) })
    : circlePlane({ x: length('cx', 0.5), y: length('cy', 0.5) }, length('r', 0.5));
  if (!isLinear) {
    const isBeside = (focus: string, middle: string): boolean =>
      value(focus) !== undefined && length(focus, 0) !== length(middle, 0.5);
    if (isBeside('fx', 'cx') || isBeside('fy', 'cy') || length('fr', 0) !== 0)
      throw new NotCarried('a gradient whose focus lies beside its middle');
  }
  const fromPlane = multiply(multiply(toUser, transform), plane);
  if (Math.abs(determinant(fromPlane)) < 1e-12) throw new NotCarried('a gradient without a length');
  return { kind: isLinear ? 'linear' : 'radial', frame: invert(fromPlane), stops: stopsOf(chain, sheet) };
}

/** The gradient and those that it takes from. */
function chainOf(element: SvgElement, byId: ReadonlyMap<string, SvgElement>): SvgElement[] {
  const chain = [element];
  while (chain.length < 16) {
    const next = targetOf(chain.at(-1)!, byId);
    if (!next || chain.includes(next) || !next.name.endsWith('Gradient')) break;
    chain.push(next);
  }
  return chain;
}

/** Takes (0, 0) and (1, 0) to the ends of a line, and the way across it at a right angle. */
function linePlane(from: Point, to: Point): Matrix {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  return { a: dx, b: dy, c: -dy, d: dx, e: from.x, f: from.y };
}

function circlePlane({ x, y }: Point, radius: number): Matrix {
  return multiply(translation(x, y), scaling(radius));
}

function lengthIn(text: string | undefined, otherwise: number, isOfBox: boolean): number {
  const match = /^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)(%?)\s*$/i.exec(text ?? '');
  // Shares of the view would need it; almost nobody writes them.
  if (text === undefined && (isOfBox || otherwise === 0)) return otherwise;
  if (!match || (match[2] && !isOfBox)) {
    throw new NotCarried('a gradient laid out in shares of the view');
  }
  return Number(match[1]) / (match[2] ? 100 : 1);
}

function stopsOf(chain: readonly SvgElement[], sheet: readonly StyleRule[]): SvgGradient['stops'] {
  const owner = chain.find(({ children }) => children.some(({ name }) => name === 'stop'));
  let last = 0;
  const stops = (owner?.children ?? [])
    .filter(({ name }) => name === 'stop')
    .map((stop) => {
      const style = styleOf(stop, sheet, NO_STYLE);
      const colour = readSvgColour(style['stop-color']!, style['color']!);
      if (!colour) throw new NotCarried('a colour that can not be read');
      const offset = stop.attributes['offset'] ?? '0';
      const at = Math.min(1, Math.max(last, parseFloat(offset) / (offset.trim().endsWith('%') ? 100 : 1) || 0));
      last = at;
      return { at, colour: colour.colour, strength: colour.strength * numberOf(style['stop-opacity']!) };
    });
  if (stops.length === 0 || stops.length > 32) throw new NotCarried('a gradient without colours, or with more than 32');
  return stops;
}

/** A share as it is written: `0.5` or `50%`. */
export function numberOf(text: string): number {
  const value = parseFloat(text) / (text.trim().endsWith('%') ? 100 : 1);
  return Number.isFinite(value) ? Math.min(1, Math.max(0, value)) : 1;
}
