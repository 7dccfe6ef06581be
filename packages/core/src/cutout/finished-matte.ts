import type { CutoutMark, EdgeSettings } from '../document/project.js';
import type { Plane } from '../finish/plane.js';
import { halve } from '../photo/levels.js';
import { isOpaque, type Pixels } from '../photo/pixels.js';
import { clearFlat, FLAT_TOLERANCE } from './clear-flat.js';
import { edgeCut } from './edge-cut.js';
import { withEdge } from './edge-settings.js';
import { matteOf } from './matte.js';
import { paintMarks, softMarks } from './painted-marks.js';

/** The edge is looked for on at most so many px of the longer side; beyond that it is only worked out finer. */
const CUT_SIDE = 2000;

export interface FinishedMatteOptions {
  readonly marks: readonly CutoutMark[];
  readonly edge: EdgeSettings;
  /** px of the photo to one px of the pixels: above 1 for a preview from fewer. @default 1 */
  readonly coarse?: number;
  /** Called now and then with the share done, 0 to 1; may throw to give up. */
  readonly pause?: (done: number) => Promise<void>;
}

/**
 * The whole way from a mask to the matte as it is kept: the edge found on the picture, the matte worked out, its edge set as wanted, strokes and
 * brush laid on. What is clear in the photo itself stays clear.
 * @param photo - the photo, or a level of it.
 * @param mask - the answer to the marks; not needed where a flat ground is cleared or the photo's own clear places count.
 * @throws RangeError when a flat ground is to be cleared and there is none.
 */
export async function finishedMatte(
  photo: Pixels,
  mask: Plane,
  { marks, edge, coarse = 1, pause = () => Promise.resolve() }: FinishedMatteOptions,
): Promise<Plane> {
  const rough = await plainMatte(photo, mask, marks, coarse, pause);
  const matte = withEdge(rough, edge);
  // `withEdge` may have given the same plane back.
  const out: Plane = { ...matte, data: matte === rough ? matte.data : matte.data.slice() };
  paintMarks(out, marks, 1 / coarse);
  for (let i = 0; i < out.data.length; i++) {
    const own = photo.data[4 * i + 3]!;
    if (own < 255) out.data[i] = (out.data[i]! * own + 127) / 255;
  }
  return out;
}

async function plainMatte(
  photo: Pixels,
  mask: Plane,
  marks: readonly CutoutMark[],
  coarse: number,
  pause: (done: number) => Promise<void>,
): Promise<Plane> {
  const { width, height } = photo;
  const flat = marks.findLast(({ kind }) => kind === 'flat');
  if (flat) return clearFlat(photo, { tolerance: flat.tolerance ?? FLAT_TOLERANCE, everywhere: flat.everywhere ?? false });
  if (marks.some(({ kind }) => kind === 'own')) return { width, height, data: new Uint8Array(width * height).fill(255) };
  let level = photo;
  const opaque = isOpaque(photo);
  while (Math.max(level.width, level.height) > CUT_SIDE) level = halve(level, opaque);
  const hard = await edgeCut(level, mask, () => pause(0.05));
  const soft = softMarks(marks, mask.width, mask.height, mask.width / (width * coarse));
  return matteOf(photo, hard, { ...(soft && { soft }), pause: (done) => pause(0.1 + 0.8 * done) });
}
