import {
  areaAs,
  edgeMapOf,
  findAreas,
  type AreaCandidate,
  type AreaForm,
  type EdgeMap,
  type FoundAt,
  type Pixels,
  type Point,
} from '@kadrosyn/core';
import { expose } from 'comlink';

/** The last photo that was looked at; the edges of another are found anew. */
let held: { readonly key: string; readonly pixels: Pixels; readonly map: EdgeMap } | null = null;

const finder = {
  /** Takes the pixels of a photo, unless it has them. */
  hold(key: string, pixels: Pixels): void {
    if (held?.key !== key) held = { key, pixels, map: edgeMapOf(pixels) };
  },
  /** Null where the pixels of another photo came in between. Points and forms are px of what was sent. */
  find(key: string, stroke: readonly Point[]): readonly AreaCandidate[] | null {
    return held?.key === key ? findAreas(held.pixels, held.map, stroke) : null;
  },
  as(key: string, found: FoundAt, type: AreaForm['type']): AreaForm | null {
    return held?.key === key ? areaAs(held.pixels, held.map, found, type) : null;
  },
};
export type AreaWorker = typeof finder;

expose(finder);
