import type { Bounds } from '../geometry/bounds.js';
import { IDENTITY, multiply, scaling, translation, type Matrix } from '../geometry/matrix.js';
import { lengthOf } from './element-path.js';
import { NotCarried } from './not-carried.js';
import type { SvgElement } from './svg-tree.js';

/** The rectangle that a whole drawing shows, in its user units; null where it does not say. */
export function viewOf({ attributes }: SvgElement): Bounds | null {
  const box = readBox(attributes['viewBox']);
  if (box) return box;
  const [width, height] = [lengthOf(attributes['width']), lengthOf(attributes['height'])];
  return width > 0 && height > 0 ? { x: 0, y: 0, width, height } : null;
}

/**
 * How the inner units of a drawing in a drawing, or of a symbol, lie in those around it (SVG 2, chapter 8).
 * @throws NotCarried where it is fitted in another way than whole and in the middle, or stretched
 */
export function innerView({ attributes }: SvgElement, using?: SvgElement): Matrix {
  const say = (key: string): string | undefined => using?.attributes[key] ?? attributes[key];
  const at = translation(lengthOf(attributes['x']), lengthOf(attributes['y']));
  const box = readBox(attributes['viewBox']);
  if (!box) return at;
  const [width, height] = [lengthOf(say('width')), lengthOf(say('height'))];
  if (!(width > 0) || !(height > 0)) throw new NotCarried('a part whose size follows the page');
  const [alignment = 'xMidYMid', fitting = 'meet'] = (attributes['preserveAspectRatio'] ?? '').split(/\s+/).filter(Boolean);
  const [sx, sy] = [width / box.width, height / box.height];
  if (alignment === 'none') return multiply(at, multiply(scaling(sx, sy), translation(-box.x, -box.y)));
  if (alignment !== 'xMidYMid' || fitting !== 'meet') throw new NotCarried('a part that is cut off by its frame');
  const scale = Math.min(sx, sy);
  const middle = translation((width - box.width * scale) / 2, (height - box.height * scale) / 2);
  return [at, middle, scaling(scale), translation(-box.x, -box.y)].reduce(multiply, IDENTITY);
}

function readBox(text: string | undefined): Bounds | null {
  const [x, y, width, height] = (text ?? '')
    .split(/[\s,]+/)
    .filter(Boolean)
    .map(Number);
  const isBox = [x, y, width, height].every((value) => Number.isFinite(value)) && width! > 0 && height! > 0;
  return isBox ? { x: x!, y: y!, width: width!, height: height! } : null;
}
