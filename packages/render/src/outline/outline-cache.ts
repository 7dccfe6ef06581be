import {
  flatten,
  outlinePath,
  polygonBounds,
  type Bounds,
  type Opening,
  type Outline,
  type Path,
  type Shaper,
} from '@kadrosyn/core';

/** A path in the box's own frame and the rectangle around it, both px of the sheet. */
export interface CachedOutline {
  readonly path: Path;
  readonly bounds: Bounds;
}

interface Entry extends CachedOutline {
  readonly width: number;
  /** Of the shaper: faces that arrive change letters. */
  readonly version: number;
  readonly height: number;
}

const entries = new WeakMap<Outline, Entry>();

/** The path of an opening. While it is only moved, its outline stays the same object and nothing is computed. */
export function cachedOutline(opening: Opening, shaper: Shaper): CachedOutline {
  const { outline, box } = opening;
  const entry = entries.get(outline);
  if (entry?.width === box.width && entry.height === box.height && entry.version === shaper.version) return entry;
  const path = outlinePath(outline, box.width, box.height, shaper);
  const made: Entry = {
    path,
    bounds: polygonBounds(flatten(path)),
    width: box.width,
    height: box.height,
    version: shaper.version,
  };
  entries.set(outline, made);
  return made;
}
