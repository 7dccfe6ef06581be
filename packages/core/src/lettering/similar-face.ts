import { unitedPath } from '../geometry/combine.js';
import { flatten } from '../geometry/path.js';
import { polygonBounds, signedArea, type Polygons } from '../geometry/polygon.js';
import { FACES, FALLBACK_FACE } from './faces.js';
import { layOut, layoutPath } from './layout.js';
import { newLetterIds } from './letter-ids.js';
import type { Shaper } from './shaper.js';

/** Letters that tell faces apart: round and straight, with and without parts above and below. */
const TRIAL = 'Hamburgefonstiv';

/** How a face looks, in shares of its size: how wide it runs, how much ink it lays, and how high its letters are. */
interface Look {
  readonly width: number;
  readonly ink: number;
  readonly high: number;
  readonly small: number;
}

/**
 * The shipped face that looks most like another one: the one to stand in for it should it be missing one day. Both are compared at their own
 * standard weight and width. The fallback face where the other has no Latin letters.
 * @param shaper - has the face and all shipped ones.
 */
export function similarFace(id: string, shaper: Shaper): string {
  const wanted = lookOf(id, shaper);
  if (!wanted) return FALLBACK_FACE;
  let best = { id: FALLBACK_FACE, apart: Infinity };
  for (const face of FACES) {
    const look = face.id !== id && shaper.hasFace(face.id) ? lookOf(face.id, shaper) : null;
    if (!look) continue;
    const apart =
      Math.abs(Math.log(look.width / wanted.width)) +
      Math.abs(Math.log(look.ink / wanted.ink)) +
      0.5 * Math.abs(Math.log(look.high / wanted.high)) +
      0.5 * Math.abs(Math.log(look.small / wanted.small));
    if (apart < best.apart) best = { id: face.id, apart };
  }
  return best.id;
}

function lookOf(face: string, shaper: Shaper): Look | null {
  const set = (text: string): { width: number; polygons: Polygons; missing: boolean } => {
    const run = { text, face, axes: {}, size: 100, tracking: 0, letterIds: newLetterIds(text) };
    const layout = layOut({ type: 'lettering', runs: [run], align: 'left', leading: 1 }, shaper);
    const missing = layout.lines.some(({ shaped }) => shaped.missing.length > 0);
    return { width: layout.width, polygons: flatten(unitedPath(flatten(layoutPath(layout), 0.2))), missing };
  };
  const word = set(TRIAL);
  if (word.missing) return null;
  const area = Math.abs(word.polygons.reduce((sum, polygon) => sum + signedArea(polygon), 0));
  const look = {
    width: word.width / 100,
    ink: area / 10_000,
    high: polygonBounds(set('H').polygons).height / 100,
    small: polygonBounds(set('x').polygons).height / 100,
  };
  return Object.values(look).every((value) => value > 0 && Number.isFinite(value)) ? look : null;
}
