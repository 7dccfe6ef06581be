import { seenEdge, type Lay } from '../../geometry/lay.js';
import type { Point } from '../../geometry/matrix.js';
import { PathBuilder, type Path } from '../../geometry/path.js';

/**
 * The edge of what is seen of something curved. The box is drawn round that edge; where somebody says otherwise, it ends at the box, as every outline does.
 * @param corners - in shares of the box, for a lay that has no room
 */
export function curvedPath(lay: Lay | null, corners: readonly Point[], width: number, height: number): Path {
  const points = lay ? seenEdge(lay, lay.sight) : corners.map(({ x, y }) => ({ x: x * width, y: y * height }));
  const path = new PathBuilder();
  points.forEach(({ x, y }, i) => {
    const [across, down] = [Math.min(width, Math.max(0, x)), Math.min(height, Math.max(0, y))];
    if (i === 0) path.moveTo(across, down);
    else path.lineTo(across, down);
  });
  return points.length > 0 ? path.close().build() : path.build();
}
