import type { PreparedPhoto } from './prepared-photo.js';
import { MUST_BE_GROUND, MUST_BE_SUBJECT } from './segment.js';

/** How strongly a stroke speaks for what it runs into without an edge, in the unit of costs for each px. */
const STRENGTH = 3;
/** Over this much change of colour on the way, a stroke's word falls to a third; Lab units. */
const FADING = 14;
/** Each step to a neighbour costs this much besides. */
const STEP = 0.3;

/**
 * How strokes lean on what lies around them: each piece is reached from the nearest stroke of either kind by the way with the least change of
 * colour (geodesic distance, as in A. Criminisi, T. Sharp, A. Blake, "GeoS", 2008).
 * @param hints - of pieces under strokes; those that only lie outside the box are to be `UNKNOWN`.
 * @returns for each piece what is added to the cost of taking it for subject, for each px.
 */
export function strokeLeaning(photo: PreparedPhoto, hints: Int8Array): Float32Array {
  const keep = changeFrom(photo, hints, MUST_BE_SUBJECT);
  const leaveOut = changeFrom(photo, hints, MUST_BE_GROUND);
  return Float32Array.from(keep, (far, k) => STRENGTH * (Math.exp(-leaveOut[k]! / FADING) - Math.exp(-far / FADING)));
}

/** The least change of colour on a way from a piece with that hint; Infinity where there is none. Rounds of neighbours until nothing gets nearer. */
function changeFrom({ pieces, neighbours }: PreparedPhoto, hints: Int8Array, hint: number): Float64Array {
  const { count, lab } = pieces;
  const { pairs } = neighbours;
  const far = Float64Array.from({ length: count }, (_, k) => (hints[k] === hint ? 0 : Infinity));
  const steps = Float32Array.from({ length: pairs.length >> 1 }, (_, i) => {
    const [p, q] = [3 * pairs[2 * i]!, 3 * pairs[2 * i + 1]!];
    return STEP + Math.hypot(lab[p]! - lab[q]!, lab[p + 1]! - lab[q + 1]!, lab[p + 2]! - lab[q + 2]!);
  });
  for (let changed = true, isBack = false; changed; isBack = !isBack) {
    changed = false;
    for (let n = 0; n < steps.length; n++) {
      const i = isBack ? steps.length - 1 - n : n;
      const p = pairs[2 * i]!;
      const q = pairs[2 * i + 1]!;
      if (far[p]! + steps[i]! < far[q]!) {
        far[q] = far[p]! + steps[i]!;
        changed = true;
      } else if (far[q]! + steps[i]! < far[p]!) {
        far[p] = far[q]! + steps[i]!;
        changed = true;
      }
    }
  }
  return far;
}
