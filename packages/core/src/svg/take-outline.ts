import { unitedPath } from '../geometry/combine.js';
import { freePathOutline, type FreePath } from '../geometry/free-path.js';
import { intersect, type Bounds } from '../geometry/bounds.js';
import { IDENTITY, multiply, translation, type Matrix } from '../geometry/matrix.js';
import { flatten, PathBuilder, transformPath, type Path } from '../geometry/path.js';
import { polygonBounds } from '../geometry/polygon.js';
import { readPathData } from '../geometry/path-data.js';
import { elementPath } from './element-path.js';
import { definitionsOf, hrefOf, targetOf, type Definitions } from './svg-definitions.js';
import { NO_STYLE, styleOf, type StyleRule, type SvgStyle } from './svg-style.js';
import { readSvgTree, type SvgElement } from './svg-tree.js';
import { readTransform } from './transform-attribute.js';

/** An outline taken from a drawing, or a sentence that says why there is none. */
export type TakenOutline =
  | {
      readonly ok: true;
      readonly taken: FreePath;
      /** What the drawing holds besides, in words: "2 pictures". */ readonly notUsed: readonly string[];
    }
  | { readonly ok: false; readonly message: string };

/** More steps than this are refused: nobody could edit or print them. */
const MOST_STEPS = 60_000;
/** Elements that `use` may bring in, all told. */
const MOST_USED = 2_000;

interface Shape {
  readonly path: Path;
  readonly rule: 'nonzero' | 'evenodd';
  /** It has no area of its own: it is only a line. */
  readonly isLine: boolean;
}

/**
 * Makes one outline of an SVG drawing: a file, a piece of one, or bare path data. All filled shapes are joined, holes by the rule that the
 * drawing says. Only geometry is read, and from style sheets what is painted at all: no script, picture, text or outside reference gets in, and all of them are named in
 * `notUsed`.
 */
export function takeOutline(source: string): TakenOutline {
  const text = source.trim().replace(/^\uFEFF/, '');
  if (text === '') return { ok: false, message: 'There is nothing in it. Choose an SVG file, or paste its code.' };
  if (!text.startsWith('<')) return fromPathData(text);
  try {
    const root = readSvgTree(/<(\w+:)?svg[\s>/]/.test(text) ? text : `<svg>${text}</svg>`);
    if (root.name !== 'svg') return { ok: false, message: `This is ${root.name}, not an SVG drawing.` };
    const walk = new Walk(root);
    walk.visit(root, IDENTITY, NO_STYLE);
    return walk.result();
  } catch (error) {
    if (error instanceof RangeError) return { ok: false, message: error.message };
    throw error;
  }
}

function fromPathData(text: string): TakenOutline {
  const { path, fault } = readPathData(text);
  const taken = freePathOutline(path);
  if (fault && !taken) return { ok: false, message: 'This is neither an SVG drawing nor path data. Path data begins with M.' };
  if (!taken) return { ok: false, message: 'The path has no area.' };
  return { ok: true, taken, notUsed: fault ? [`the rest of the path data (${fault})`] : [] };
}

/** Names for what can not be an outline. */
const WORDS: Readonly<Record<string, string>> = {
  script: 'script',
  image: 'picture',
  feImage: 'picture',
  text: 'text',
  foreignObject: 'foreign content',
  clipPath: 'clip',
  mask: 'mask',
  filter: 'filter',
  line: 'line',
  animate: 'animation',
  animateTransform: 'animation',
  animateMotion: 'animation',
  set: 'animation',
};
/** Looked into only when something uses them. */
const ONLY_USED = new Set([
  'defs',
  'symbol',
  'marker',
  'pattern',
  'linearGradient',
  'radialGradient',
  'title',
  'desc',
  'metadata',
  'namedview',
]);

class Walk {
  private readonly shapes: Shape[] = [];
  private readonly left = new Map<string, number>();
  private readonly byId: Definitions['byId'];
  private readonly sheet: readonly StyleRule[];
  private steps = 0;
  private used = 0;

  constructor(root: SvgElement) {
    const { byId, sheet } = definitionsOf(root);
    this.byId = byId;
    if (!sheet) this.leave('style sheet');
    this.sheet = sheet ?? [];
  }

  visit(element: SvgElement, matrix: Matrix, around: SvgStyle, using: readonly SvgElement[] = []): void {
    const { name, attributes } = element;
    for (const key of Object.keys(attributes)) if (/^on/i.test(key)) this.leave('script');
    if (name === 'style') return;
    if (name in WORDS) return this.leave(WORDS[name]!);
    if (ONLY_USED.has(name) && using.at(-1) !== element) {
      // A script or picture in there is said as well, though nothing would have used it.
      return element.children.forEach((child) => this.sayForbidden(child));
    }
    const style = styleOf(element, this.sheet, around);
    if (style['display'] === 'none' || style['visibility'] === 'hidden') return this.leave('hidden part');
    const transform = readTransform(style['transform'] || attributes['transform']);
    if (!transform) return this.leave('part with a transform that can not be read');
    const own = multiply(matrix, transform);
    if (name === 'use') return this.use(element, own, style, using);
    const read = elementPath(element);
    if (read) {
      if (read.fault) this.leave('part of a path that can not be read');
      return this.add(transformPath(own, read.path), style);
    }
    const inner = name === 'svg' ? multiply(own, translation(Number(attributes['x']) || 0, Number(attributes['y']) || 0)) : own;
    for (const child of element.children) this.visit(child, inner, style, using);
  }

  result(): TakenOutline {
    const areas = this.shapes.filter(({ isLine }) => !isLine);
    const lines = this.shapes.filter(({ isLine }) => isLine);
    // A drawing of lines alone is taken as the areas that they go round.
    const chosen = areas.length > 0 ? areas : lines;
    if (areas.length > 0 && lines.length > 0) this.left.set('shape that is only a line', lines.length);
    const taken = freePathOutline(joined(chosen));
    const notUsed = [...this.left].map(([word, count]) => counted(word, count));
    if (!taken) {
      const besides = notUsed.length > 0 ? ` It holds ${notUsed.join(', ')}, of which no outline can be made.` : '';
      return { ok: false, message: `There is no shape with an area in the drawing.${besides}` };
    }
    return { ok: true, taken, notUsed };
  }

  private add(path: Path, { fill, 'fill-rule': rule }: SvgStyle): void {
    if (path.commands.length === 0) return;
    this.steps += path.commands.length;
    if (this.steps > MOST_STEPS)
      throw new RangeError(`The drawing has more than ${MOST_STEPS.toLocaleString('en')} points. Simplify it first.`);
    this.shapes.push({
      path,
      rule: rule === 'evenodd' ? 'evenodd' : 'nonzero',
      isLine: fill === 'none' || fill === 'transparent',
    });
  }

  private use(element: SvgElement, matrix: Matrix, style: SvgStyle, using: readonly SvgElement[]): void {
    const target = targetOf(element, this.byId);
    if (!target) return this.leave(hrefOf(element).startsWith('#') ? 'reference to nothing' : 'outside reference');
    if (using.includes(target) || ++this.used > MOST_USED || using.length > 16)
      return this.leave('reference that runs in a circle');
    const { attributes } = element;
    const at = translation(Number(attributes['x']) || 0, Number(attributes['y']) || 0);
    this.visit(target, multiply(matrix, at), style, [...using, target]);
  }

  private sayForbidden(element: SvgElement): void {
    if (['script', 'image', 'foreignObject'].includes(element.name)) this.leave(WORDS[element.name]!);
    element.children.forEach((child) => this.sayForbidden(child));
  }

  private leave(word: string): void {
    this.left.set(word, (this.left.get(word) ?? 0) + 1);
  }
}

/** Shapes that touch nothing else keep their curves; those that overlap are united, so that no direction of drawing makes a hole. */
function joined(shapes: readonly Shape[]): Path {
  const measured = shapes.map((shape) => ({ ...shape, bounds: polygonBounds(flatten(shape.path, 0.5)) }));
  const size = Math.max(...measured.map(({ bounds }) => Math.max(bounds.width, bounds.height)), 1e-6);
  // Clipper counts in 1/1024: drawings are brought to a size at which that is fine.
  const scale = 4096 / size;
  const builder = new PathBuilder();
  const clean = measured.map(({ path, rule, bounds }, index) => {
    const alone = measured.every((other, at) => at === index || !touches(bounds, other.bounds));
    const simple = rule === 'nonzero' || path.commands.filter((command) => command === 'M').length === 1;
    if (alone && simple) return void builder.append(path);
    return unitedPath(flatten(transformPath(scaled(scale), path), 0.25), rule);
  });
  const overlapping = clean.filter((path) => path !== undefined);
  if (overlapping.length > 0) {
    const united = unitedPath(overlapping.flatMap((path) => flatten(path)));
    builder.append(transformPath(scaled(1 / scale), united));
  }
  return builder.build();
}

function scaled(by: number): Matrix {
  return { ...IDENTITY, a: by, d: by };
}

function touches(a: Bounds, b: Bounds): boolean {
  return intersect(a, b) !== null;
}

function counted(word: string, count: number): string {
  const [head, ...rest] = word.split(' ');
  if (count === 1) return `one ${word}`;
  if (rest.length === 0) return `${count} ${head}s`;
  // "part of ..." becomes "parts of ...", "style sheet" becomes "style sheets".
  return ['part', 'reference', 'shape'].includes(head!) ? `${count} ${head}s ${rest.join(' ')}` : `${count} ${word}s`;
}
