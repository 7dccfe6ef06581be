import type { DrawingFill, DrawingLayer, LiteralColour } from '../document/fill.js';
import { intersect, unite, type Bounds } from '../geometry/bounds.js';
import { invert, multiply, scaling, translation, type Matrix } from '../geometry/matrix.js';
import { toPathData, transformPath, type Path } from '../geometry/path.js';
import { pathBounds } from '../geometry/path-bounds.js';
import { rectanglePath } from '../geometry/rectangle-path.js';
import { NotCarried } from './not-carried.js';
import { paintedShapes, type PaintedShape } from './painted-shapes.js';
import { readSvgTree } from './svg-tree.js';
import { viewOf } from './svg-view.js';

/** A drawing with its colours, or why it can only be shown as a picture, or a sentence that says why it can not be read. */
export type TakenDrawing =
  | {
      readonly ok: true;
      readonly colours: readonly LiteralColour[];
      readonly layers: readonly DrawingLayer[];
      /** Width for a height of 1. */
      readonly proportion: number;
      /** What it shows, in its own units. */
      readonly view: Bounds;
    }
  /** What it holds besides, in words. */
  | { readonly ok: false; readonly holds: string }
  | { readonly ok: false; readonly message: string };

const MOST_COLOURS = 32;
const MOST_LAYERS = 200;
const MOST_STEPS = 60_000;
const MOST_CHARACTERS = 100_000;
/** Decimals of a share of the box. */
const DIGITS = 6;

/**
 * Makes the fill of a drawing of an SVG file, so that it stays sharp at any size and its colours can be changed: areas by either rule, lines as the areas
 * that they cover, up to 32 colours, linear and radial gradients, one clip for each part. Whatever else changes what is seen (text, pictures, filters,
 * masks, patterns) makes it a picture. Only geometry and colours are read; nothing from outside.
 */
export function takeDrawing(source: string): TakenDrawing {
  try {
    const root = readSvgTree(source.trim().replace(/^\uFEFF/, ''));
    if (root.name !== 'svg') return { ok: false, message: `This is ${root.name}, not an SVG drawing.` };
    const shapes = paintedShapes(root);
    const view = viewOf(root) ?? boundsOfAll(shapes);
    if (shapes.length === 0 || !view) return { ok: false, message: 'Nothing is painted in the drawing.' };
    return { ok: true, ...layersOf(shapes, view), proportion: view.width / view.height, view };
  } catch (error) {
    if (error instanceof NotCarried) return { ok: false, holds: error.what };
    if (error instanceof RangeError) return { ok: false, message: error.message };
    throw error;
  }
}

function layersOf(shapes: readonly PaintedShape[], view: Bounds): Pick<DrawingFill, 'layers'> & { colours: LiteralColour[] } {
  const toBox = multiply(scaling(1 / view.width, 1 / view.height), translation(-view.x, -view.y));
  const colours: LiteralColour[] = [];
  const indexOf = (colour: LiteralColour): number => {
    if (!colours.includes(colour)) colours.push(colour);
    if (colours.length > MOST_COLOURS) throw new NotCarried(`more than ${MOST_COLOURS} colours`);
    return colours.indexOf(colour);
  };
  let steps = 0;
  const layers: DrawingLayer[] = [];
  let last: { readonly parts: Bounds[] } | null = null;
  for (const shape of shapes) {
    steps += shape.path.commands.length;
    if (steps > MOST_STEPS) throw new NotCarried(`more than ${MOST_STEPS.toLocaleString('en')} points`);
    const bounds = pathBounds(shape.path);
    const layer = layerOf(shape, bounds, view, toBox, indexOf);
    const before = layers.at(-1);
    if (before && last && isSameSolid(before, layer) && last.parts.every((part) => intersect(part, bounds) === null)) {
      layers[layers.length - 1] = { ...before, d: before.d + layer.d };
      last.parts.push(bounds);
    } else {
      layers.push(layer);
      last = { parts: [bounds] };
    }
  }
  if (layers.length > MOST_LAYERS) throw new NotCarried(`more than ${MOST_LAYERS} parts`);
  if (layers.some(({ d, clip }) => d.length > MOST_CHARACTERS || (clip?.d.length ?? 0) > MOST_CHARACTERS))
    throw new NotCarried('a part with too many points');
  return { layers, colours };
}

function layerOf(
  { path, rule, paint, clip }: PaintedShape,
  bounds: Bounds,
  view: Bounds,
  toBox: Matrix,
  indexOf: (colour: LiteralColour) => number,
): DrawingLayer {
  const data = (of: Path): string => toPathData(transformPath(toBox, of), DIGITS);
  const cut =
    clip ??
    (holds(view, bounds)
      ? null
      : { path: transformPath(translation(view.x, view.y), rectanglePath(view.width, view.height)), rule: 'nonzero' as const });
  const rules = { ...(rule === 'evenodd' ? { rule } : {}) };
  const clips = cut ? { clip: { d: data(cut.path), ...(cut.rule === 'evenodd' ? { rule: cut.rule } : {}) } } : {};
  if (clip && !holds(view, bounds) && !holds(view, pathBounds(clip.path)))
    throw new NotCarried('a clip that reaches beyond its frame');
  if ('colour' in paint) {
    const strength = paint.strength < 1 ? { strength: paint.strength } : {};
    return { d: data(path), ...rules, colour: indexOf(paint.colour), ...strength, ...clips };
  }
  const { a, b, c, d, e, f } = multiply(paint.gradient.frame, invert(toBox));
  const stops = paint.gradient.stops.map(({ at, colour, strength }) => {
    const share = strength * paint.strength;
    return { at, colour: indexOf(colour), ...(share < 1 ? { strength: share } : {}) };
  });
  const gradient = { kind: paint.gradient.kind, frame: [a, b, c, d, e, f] as const, stops };
  return { d: data(path), ...rules, colour: stops[0]!.colour, gradient, ...clips };
}

/** Both are one colour at full strength, so that painting one after the other is painting them as one. */
function isSameSolid(a: DrawingLayer, b: DrawingLayer): boolean {
  const isPlain = ({ strength, gradient, clip }: DrawingLayer): boolean => strength === undefined && !gradient && !clip;
  return a.colour === b.colour && a.rule === b.rule && isPlain(a) && isPlain(b) && a.d.length + b.d.length < MOST_CHARACTERS;
}

function holds(outer: Bounds, inner: Bounds): boolean {
  const slack = 1e-3 * Math.max(outer.width, outer.height);
  return (
    inner.x >= outer.x - slack &&
    inner.y >= outer.y - slack &&
    inner.x + inner.width <= outer.x + outer.width + slack &&
    inner.y + inner.height <= outer.y + outer.height + slack
  );
}

function boundsOfAll(shapes: readonly PaintedShape[]): Bounds | null {
  const all = shapes.map(({ path }) => pathBounds(path));
  const whole = all.length > 0 ? all.reduce(unite) : null;
  return whole && whole.width > 0 && whole.height > 0 ? whole : null;
}
