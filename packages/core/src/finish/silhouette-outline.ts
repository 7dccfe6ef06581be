import type { Plane } from './plane.js';
import { distanceTo } from './distance.js';

/**
 * Coverage of an outline along the edge of a silhouette, by the distance of each px from that edge.
 * @param silhouette - alpha of what is outlined; its edge is where it is half.
 * @param width - of the outline, px of the plane.
 * @param beyond - by how many px more it reaches outwards than it would be seen.
 */
export function silhouetteOutline(silhouette: Plane, align: 'inside' | 'centre' | 'outside', width: number, beyond = 0): Plane {
  const away = distanceTo(silhouette, 128);
  const within = distanceTo({ ...silhouette, data: silhouette.data.map((value) => 255 - value) }, 128);
  const [outer, inner] = align === 'outside' ? [width, 0] : align === 'inside' ? [0, width] : [width / 2, width / 2];
  const data = silhouette.data.map((alpha, i) => {
    // How far the middle of the px lies outside the edge; a px that the edge passes knows it by its alpha.
    const depth = away[i]! > 0 ? away[i]! - 0.5 : 0.5 - within[i]!;
    const passes = Math.abs(depth) <= 1 ? 0.5 - alpha / 255 : depth;
    return 255 * Math.min(1, Math.max(0, Math.min(outer + beyond - passes, passes + inner) + 0.5));
  });
  return { ...silhouette, data };
}
