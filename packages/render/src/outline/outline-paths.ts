import {
  flatten,
  letterPath,
  outlinePath,
  polygonBounds,
  transformPath,
  translation,
  unitedPath,
  type Bounds,
  type Finish,
  type Opening,
  type Outline,
  type Path,
  type Shaper,
} from '@kadrosyn/core';
import { cachedOutline, type CachedOutline } from './outline-cache.js';

/** The path of an opening or of one of its letters, in its box's own frame. */
export function partPath(
  opening: Opening,
  letterId: string | undefined,
  shaper: Shaper,
): { readonly path: Path; readonly bounds: Bounds } {
  if (letterId === undefined || opening.outline.type !== 'lettering') return cachedOutline(opening, shaper);
  const { outline, box } = opening;
  const known = letters.get(outline);
  const kept =
    known?.width === box.width && known.version === shaper.version
      ? known
      : { width: box.width, version: shaper.version, paths: new Map<string, CachedOutline>() };
  if (kept !== known) letters.set(outline, kept);
  const found = kept.paths.get(letterId);
  if (found) return found;
  const path = letterPath(outline, box.width, shaper, letterId);
  const made = { path, bounds: polygonBounds(flatten(path)) };
  kept.paths.set(letterId, made);
  return made;
}

/** Paths of single letters, kept as long as the text and the width of its box are the same. */
const letters = new WeakMap<
  Outline,
  { readonly width: number; readonly version: number; readonly paths: Map<string, CachedOutline> }
>();

const united = new WeakMap<Path, Path>();

/** The same with overlapping contours united, for strokes. */
export function strokePath(opening: Opening, path: Path): Path {
  if (opening.outline.type !== 'lettering') return path;
  let known = united.get(path);
  if (!known) united.set(path, (known = unitedPath(flatten(path, 0.05))));
  return known;
}

/** The same outline in the box that a rim of these widths leaves; null where nothing is left. */
export function innerPath(opening: Opening, rim: NonNullable<Finish['rim']>, shaper: Shaper): Path | null {
  const width = opening.box.width - rim.left - rim.right;
  const height = opening.box.height - rim.top - rim.bottom;
  if (width <= 0 || height <= 0 || opening.outline.type === 'lettering') return null;
  return transformPath(translation(rim.left, rim.top), outlinePath(opening.outline, width, height, shaper));
}
