import type { EdgeSettings } from '../document/project.js';
import { blurPlane } from '../finish/blur.js';
import { distanceTo } from '../finish/distance.js';
import type { Plane } from '../finish/plane.js';

export const STANDARD_EDGE: EdgeSettings = { shift: 0, softness: 0, colourOut: 1 };
/** The farthest the edge goes, and the widest it is blurred: px for 1600 px of the longer side. */
const [FARTHEST, WIDEST] = [8, 8];
/** At its crispest the slope of the edge is so many times as steep. */
const STEEPEST = 5;

/** The matte with its edge moved and made crisp or soft. @param matte - not changed. */
export function withEdge(matte: Plane, { shift, softness }: EdgeSettings): Plane {
  const unit = Math.max(matte.width, matte.height) / 1600;
  let out = matte;
  if (shift !== 0) out = moved(out, shift * FARTHEST * unit);
  if (softness > 0) out = blurPlane(out, softness * WIDEST * unit);
  else if (softness < 0) {
    const slope = 1 - softness * (STEEPEST - 1);
    out = { ...out, data: out.data.map((value) => Math.min(255, Math.max(0, 127.5 + (value - 127.5) * slope))) };
  }
  return out;
}

/** Outwards (above 0) the new rim is as far from the old edge as wanted and one px soft, and the other way round inwards. */
function moved(matte: Plane, far: number): Plane {
  const isOut = far > 0;
  const from: Plane = isOut ? matte : { ...matte, data: matte.data.map((value) => 255 - value) };
  const away = distanceTo(from, 128);
  const reach = Math.abs(far);
  const data = matte.data.map((value, i) => {
    const grown = 255 * Math.min(1, Math.max(0, reach + 0.5 - away[i]!));
    return isOut ? Math.max(value, grown) : Math.min(value, 255 - grown);
  });
  return { ...matte, data };
}
