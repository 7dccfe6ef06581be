import type { Plane } from '../finish/plane.js';

/** What two masks have in common, as a share of what either holds: 1 where they are the same. */
export function commonShare(a: Plane, b: Plane): number {
  let [both, either] = [0, 0];
  for (let i = 0; i < a.data.length; i++) {
    const [p, q] = [a.data[i]! >= 128, b.data[i]! >= 128];
    if (p && q) both++;
    if (p || q) either++;
  }
  return either === 0 ? 1 : both / either;
}
