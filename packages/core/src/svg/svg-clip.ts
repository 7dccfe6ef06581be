import { unitedPath } from '../geometry/combine.js';
import { IDENTITY, multiply, scaling, translation, type Matrix } from '../geometry/matrix.js';
import { pathBounds } from '../geometry/path-bounds.js';
import { flatten, transformPath, type Path } from '../geometry/path.js';
import { elementPath } from './element-path.js';
import { NotCarried } from './not-carried.js';
import { idInUrl, UNSEEN, type ReadDefinitions } from './svg-definitions.js';
import { NO_STYLE, styleOf } from './svg-style.js';
import type { SvgElement } from './svg-tree.js';
import { readTransform } from './transform-attribute.js';

/** An area with the rule by which it is inside. */
export interface ClipArea {
  readonly path: Path;
  readonly rule: 'nonzero' | 'evenodd';
}

/**
 * What cuts an element off, in the units of the whole drawing (SVG 2 and CSS Masking 1).
 * @param text - its `clip-path`.
 * @param matrix - user units of the element to those of the drawing.
 * @param size - of the larger side of the drawing.
 * @throws NotCarried where it is more than shapes
 */
export function readClip(
  text: string,
  element: SvgElement,
  matrix: Matrix,
  size: number,
  definitions: ReadDefinitions,
): ClipArea | null {
  if (text === 'none') return null;
  const reference = idInUrl(text);
  const clip = reference === null ? undefined : definitions.byId.get(reference);
  if (clip?.name !== 'clipPath') throw new NotCarried('a clip that can not be read');
  if (clip.attributes['clip-path']) throw new NotCarried('clips within clips');
  const path = elementPath(element)?.path;
  const isOfBox = clip.attributes['clipPathUnits'] === 'objectBoundingBox';
  if (isOfBox && !path) throw new NotCarried('a clip laid out in a group');
  const bounds = isOfBox ? pathBounds(path!) : null;
  const toUser = bounds ? multiply(translation(bounds.x, bounds.y), scaling(bounds.width, bounds.height)) : IDENTITY;
  const own = readTransform(clip.attributes['transform']);
  const parts = own && clip.children.filter(({ name }) => !UNSEEN.has(name)).map((child) => clipPart(child, definitions));
  if (!parts || parts.length === 0) throw new NotCarried('a clip that can not be read');
  const toDrawing = [matrix, toUser, own].reduce(multiply);
  const placed = parts.map((part) => ({ ...part, path: transformPath(toDrawing, part.path) }));
  if (placed.length === 1) return placed[0]!;
  // Several shapes clip as one: they are united at a size at which whole numbers are fine enough.
  const scale = 8192 / size;
  const clean = placed.flatMap((part) => flatten(unitedPath(flatten(transformPath(scaling(scale), part.path), 0.25), part.rule)));
  return { path: transformPath(scaling(1 / scale), unitedPath(clean)), rule: 'nonzero' };
}

function clipPart(child: SvgElement, { sheet }: ReadDefinitions): ClipArea {
  const style = styleOf(child, sheet, NO_STYLE);
  const [read, transform] = [elementPath(child), readTransform(child.attributes['transform'])];
  if (!read || read.fault || !transform || style['clip-path'] !== 'none') throw new NotCarried('a clip that can not be read');
  return { path: transformPath(transform, read.path), rule: style['clip-rule'] === 'evenodd' ? 'evenodd' : 'nonzero' };
}
