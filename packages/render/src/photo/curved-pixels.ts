import {
  apply,
  invert,
  layoutOf,
  mappedScale,
  meanScale,
  multiply,
  placementMatrix,
  sampleMapped,
  scaling,
  type Bounds,
  type Matrix,
  type Opening,
  type Photo,
  type PixelMap,
  type Pixels,
  type Placement,
} from '@kadrosyn/core';
import type { PhotoLevel } from '../canvas/photo-source.js';

/** What lies on something curved, and how it is seen. */
export interface CurvedScene {
  readonly opening: Opening;
  readonly placement: Placement;
  readonly photo: Photo;
  /** The frame of the box to px of the result. */
  readonly boxToPixels: Matrix;
  readonly size: Pick<Bounds, 'width' | 'height'>;
}

interface Kept {
  readonly key: string;
  readonly map: PixelMap;
  /** What of the layout lies under one px, across and down. */
  readonly scale: number;
}

/** What place of the layout is seen at each px, by outline: while only what lies there changes, that stays the same. */
const known = new WeakMap<object, Kept>();

/**
 * A picture on something curved; clear where nothing of that is seen.
 * @param levelAt - the level of the picture for drawing at so many px per px of it
 * @returns null while it has not arrived
 */
export function curvedPixels(scene: CurvedScene, levelAt: (scale: number) => PhotoLevel | undefined): Pixels | null {
  const { placement, photo } = scene;
  const layout = layoutMap(scene);
  const toPhoto = invert(placementMatrix(placement, photo));
  const level = levelAt(1 / Math.max(1e-6, layout.scale * meanScale(toPhoto)));
  return level ? sampleMapped(level.pixels, layout.map, multiply(scaling(2 ** -level.index), toPhoto)) : null;
}

function layoutMap({ opening, boxToPixels, size }: CurvedScene): Kept {
  const { outline, box } = opening;
  const { a, b, c, d, e, f } = boxToPixels;
  const key = [a, b, c, d, e, f, size.width, size.height, box.width, box.height].join(' ');
  const before = known.get(outline);
  if (before?.key === key) return before;
  const lay = layoutOf(opening);
  const back = invert(boxToPixels);
  const { width, height } = size;
  const places = new Float32Array(2 * width * height).fill(NaN);
  for (let y = 0, i = 0; lay && y < height; y++) {
    for (let x = 0; x < width; x++, i += 2) {
      const at = lay.back(apply(back, { x: x + 0.5, y: y + 0.5 }));
      if (!at) continue;
      places[i] = at.x;
      places[i + 1] = at.y;
    }
  }
  const map = { width, height, places };
  const kept = { key, map, scale: mappedScale(map) };
  known.set(outline, kept);
  return kept;
}
