import type { Point } from '../geometry/matrix.js';
import { isSeen, type EdgeSample } from './edge-contrast.js';

/** Stretches shorter than this many samples are no hindrance: the eye goes on over them. */
const SHORTEST = 3;

/** The stretches of edges that can not be seen, as lines in the px of the samples. */
export function weakStretches(samples: readonly EdgeSample[]): Point[][] {
  const stretches: Point[][] = [];
  let open: Point[] = [];
  let last: EdgeSample | null = null;
  const close = (): void => {
    if (open.length >= SHORTEST) stretches.push(open);
    open = [];
  };
  for (const sample of samples) {
    // A jump is the beginning of another contour.
    const isNext = last && Math.hypot(sample.at.x - last.at.x, sample.at.y - last.at.y) < 2 * (sample.length + last.length);
    if (!isNext) close();
    if (isSeen(sample)) close();
    else open.push(sample.at);
    last = sample;
  }
  close();
  return stretches;
}
