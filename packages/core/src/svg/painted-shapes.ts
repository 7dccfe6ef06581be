import { IDENTITY, multiply, translation, invert, determinant, type Matrix } from '../geometry/matrix.js';
import { flatten, transformPath, type Path } from '../geometry/path.js';
import { pathBounds } from '../geometry/path-bounds.js';
import { strokeArea } from '../geometry/stroke-area.js';
import type { Bounds } from '../geometry/bounds.js';
import { elementPath, lengthOf } from './element-path.js';
import { NotCarried } from './not-carried.js';
import { readSvgColour, type SvgColour } from './svg-colour.js';
import { numberOf, readGradient, type SvgGradient } from './svg-gradient.js';
import { readClip, type ClipArea } from './svg-clip.js';
import { definitionsOf, idInUrl, targetOf, UNSEEN, type ReadDefinitions } from './svg-definitions.js';
import { NO_STYLE, styleOf, type SvgStyle } from './svg-style.js';
import type { SvgElement } from './svg-tree.js';
import { innerView, viewOf } from './svg-view.js';
import { readTransform } from './transform-attribute.js';

/** Something with an area and one paint, in the units of the whole drawing. */
export interface PaintedShape {
  readonly path: Path;
  readonly rule: ClipArea['rule'];
  readonly paint: SvgColour | { readonly gradient: SvgGradient; readonly strength: number };
  readonly clip: ClipArea | null;
}

/** What is the same for all of a part of a drawing. */
interface Around {
  readonly matrix: Matrix;
  readonly style: SvgStyle;
  readonly strength: number;
  readonly clip: ClipArea | null;
  readonly using: readonly SvgElement[];
}

/** What there is no place for, in words. */
const HELD: Readonly<Record<string, string>> = {
  text: 'text',
  image: 'a picture',
  foreignObject: 'foreign content',
  switch: 'parts that depend on the language',
  animate: 'movement',
  animateTransform: 'movement',
  animateMotion: 'movement',
  set: 'movement',
};
/** Lengths of shapes: in shares of the page, or of the letters, they can not be known here. */
const SIZES = ['x', 'y', 'width', 'height', 'cx', 'cy', 'r', 'rx', 'ry', 'x1', 'y1', 'x2', 'y2', 'stroke-width'];
/** Elements that `use` may bring in, all told. */
const MOST_USED = 2_000;

interface PaintedArea {
  readonly path: Path;
  readonly rule: ClipArea['rule'];
  /** Of the shape without its line, user units: gradients are laid out in it. */
  readonly bounds: Bounds;
}

/** All that is painted in a drawing, from back to front. @throws NotCarried, RangeError */
export function paintedShapes(root: SvgElement): PaintedShape[] {
  return new Painting(root).shapes;
}

class Painting {
  readonly shapes: PaintedShape[] = [];
  private readonly definitions: ReadDefinitions;
  /** Of the larger side of what is shown. */
  private readonly size: number;
  private used = 0;

  constructor(root: SvgElement) {
    const { byId, sheet } = definitionsOf(root);
    if (!sheet) throw new NotCarried('a style sheet that is more than colours');
    this.definitions = { byId, sheet };
    const view = viewOf(root);
    this.size = view ? Math.max(view.width, view.height) : 1000;
    const around = { matrix: IDENTITY, style: NO_STYLE, strength: 1, clip: null, using: [] };
    const style = styleOf(root, this.definitions.sheet, NO_STYLE);
    this.refuse(style);
    for (const child of root.children) this.visit(child, { ...around, style, strength: this.groupStrength(root, style) });
  }

  private visit(element: SvgElement, around: Around): void {
    const { name } = element;
    if (UNSEEN.has(name)) return;
    const style = styleOf(element, this.definitions.sheet, around.style);
    if (style['display'] === 'none') return;
    if (name in HELD) throw new NotCarried(HELD[name]!);
    this.refuse(style);
    const transform = readTransform(style['transform'] || element.attributes['transform']);
    if (!transform) throw new NotCarried('a transform that can not be read');
    const here: Around = { ...around, style, matrix: multiply(around.matrix, transform) };
    const clip = readClip(style['clip-path']!, element, here.matrix, this.size, this.definitions);
    if (clip && around.clip) throw new NotCarried('clips within clips');
    const inside: Around = { ...here, clip: clip ?? around.clip };
    const path = elementPath(element);
    if (path) {
      if (SIZES.some((key) => /[%a-df-z]$/i.test(element.attributes[key]?.replace(/(px|pt|pc|mm|cm|in)\s*$/, '') ?? '')))
        throw new NotCarried('sizes that follow the page');
      if (path.fault) throw new NotCarried('a path that can not be read');
      return this.paint(element, path.path, { ...inside, strength: around.strength * numberOf(style['opacity']!) });
    }
    const strength = around.strength * this.groupStrength(element, style);
    if (name === 'use') return this.use(element, { ...inside, strength });
    const matrix = name === 'svg' ? multiply(here.matrix, innerView(element)) : here.matrix;
    for (const child of element.children) this.visit(child, { ...inside, strength, matrix });
  }

  /** What is clear as a whole is only the same as its clear parts where it has one part. */
  private groupStrength({ children, name }: SvgElement, style: SvgStyle): number {
    const strength = numberOf(style['opacity']!);
    const parts = children.filter((child) => !UNSEEN.has(child.name));
    const [only] = parts;
    const isOne = name === 'use' || parts.length === 0 || (parts.length === 1 && only!.children.length === 0);
    if (strength < 1 && !isOne) throw new NotCarried('parts that are clear as one');
    return strength;
  }

  private refuse(style: SvgStyle): void {
    const without = (key: string, otherwise: string, what: string): void => {
      if (style[key] !== otherwise) throw new NotCarried(what);
    };
    without('mask', 'none', 'a mask');
    without('filter', 'none', 'a filter');
    without('mix-blend-mode', 'normal', 'colours that are blended');
    without('paint-order', 'normal', 'lines below their areas');
  }

  private paint(element: SvgElement, path: Path, around: Around): void {
    const { style, strength, matrix } = around;
    if (style['visibility'] !== 'visible' || strength === 0 || path.commands.length === 0) return;
    const bounds = pathBounds(path);
    const rule: ClipArea['rule'] = style['fill-rule'] === 'evenodd' ? 'evenodd' : 'nonzero';
    const before = this.shapes.length;
    // A line by itself has no area to fill, and says no fill either.
    if (flatten(path).length > 0) this.add(style['fill']!, style['fill-opacity']!, { path, rule, bounds }, around);
    const width = lengthOf(style['stroke-width']);
    if (style['stroke'] === 'none' || width <= 0) return;
    if (style['stroke-dasharray'] !== 'none') throw new NotCarried('dashed lines');
    if (style['vector-effect'] !== 'none') throw new NotCarried('lines of the same width at any size');
    for (const key of ['marker', 'marker-start', 'marker-mid', 'marker-end'])
      if (style[key] !== 'none') throw new NotCarried('arrow heads');
    const line = elementPath(element, false)!.path;
    const area = strokeArea(
      line,
      {
        width,
        cap: oneOf(style['stroke-linecap']!, ['butt', 'round', 'square']),
        join: oneOf(style['stroke-linejoin']!, ['miter', 'round', 'bevel']),
        miterLimit: Math.max(1, parseFloat(style['stroke-miterlimit']!) || 4),
      },
      this.size / Math.max(1e-6, Math.sqrt(Math.abs(determinant(matrix)))),
    );
    this.add(style['stroke']!, style['stroke-opacity']!, { path: area, rule: 'nonzero', bounds }, around);
    if (this.shapes.length - before > 1 && strength < 1) throw new NotCarried('parts that are clear as one');
  }

  private add(paint: string, opacity: string, { path, rule, bounds }: PaintedArea, around: Around): void {
    const { matrix, clip } = around;
    const strength = around.strength * numberOf(opacity);
    if (paint === 'none' || paint === 'transparent' || strength === 0 || path.commands.length === 0) return;
    const shape = { path: transformPath(matrix, path), rule, clip };
    const reference = idInUrl(paint);
    const colour = reference ? null : readSvgColour(paint, around.style['color']!);
    if (colour) {
      if (colour.strength > 0) this.shapes.push({ ...shape, paint: { ...colour, strength: colour.strength * strength } });
      return;
    }
    const target = reference === null ? undefined : this.definitions.byId.get(reference);
    if (!target?.name.endsWith('Gradient')) throw new NotCarried(target ? 'a pattern' : 'a colour that can not be read');
    if (Math.abs(determinant(matrix)) < 1e-12) return;
    const { frame, ...gradient } = readGradient(target, bounds, this.definitions.byId, this.definitions.sheet);
    const placed = { ...gradient, frame: multiply(frame, invert(matrix)) };
    this.shapes.push({ ...shape, paint: { gradient: placed, strength } });
  }

  private use(element: SvgElement, around: Around): void {
    const target = targetOf(element, this.definitions.byId);
    if (!target) throw new NotCarried('something from outside');
    if (around.using.includes(target) || ++this.used > MOST_USED || around.using.length > 16)
      throw new NotCarried('references that run in a circle');
    const at = translation(lengthOf(element.attributes['x']), lengthOf(element.attributes['y']));
    const matrix = multiply(around.matrix, at);
    const using = [...around.using, target];
    if (around.strength < 1 && target.children.length > 1) throw new NotCarried('parts that are clear as one');
    if (target.name !== 'symbol') return this.visit(target, { ...around, matrix, using });
    const style = styleOf(target, this.definitions.sheet, around.style);
    const inner = multiply(matrix, innerView(target, element));
    for (const child of target.children) this.visit(child, { ...around, matrix: inner, using, style });
  }
}

function oneOf<T extends string>(text: string, known: readonly T[]): T {
  return known.find((value) => value === text) ?? known[0]!;
}
