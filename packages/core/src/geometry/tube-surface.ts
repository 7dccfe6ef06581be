import { foundBetween, type CurvedSurface } from './curved-surface.js';
import type { Point } from './matrix.js';
import { project, projectionTo, type Quad } from './quad.js';

/** The wall of something round that stands upright, such as a mug or a bottle, as it is seen. */
export interface Tube {
  /** Where the edges of what is seen of it begin and end: top left, top right, bottom right, bottom left. */
  readonly corners: Quad;
  /** The middles of the upper and the lower arc, as seen. */
  readonly top: Point;
  readonly bottom: Point;
  /** Its radius as a share of its distance from the camera: 0.05 as mugs are usually taken. */
  readonly kappa: number;
  /** Half of the angle that the rectangle goes round it, in degrees. */
  readonly half: number;
  /** Degrees by which the middle of the rectangle is turned to the right. */
  readonly turn: number;
}

const RADIANS = Math.PI / 180;

/**
 * A rectangle round a tube. A place at angle t is seen at x = sin t / (1 - kappa cos t) across, and the arcs sag by
 * cos t / (1 - kappa cos t), scaled to what the corners and the middles of the arcs say.
 * @returns null where the corners leave no room
 */
export function tubeSurface({ corners, top, bottom, kappa, half, turn }: Tube): CurvedSurface | null {
  const onto = projectionTo(corners, 1, 1);
  if (!onto || !(half > 0)) return null;
  const edge = Math.acos(kappa);
  const across = (t: number): number => Math.sin(t) / (1 - kappa * Math.cos(t));
  const depth = (t: number): number => Math.cos(t) / (1 - kappa * Math.cos(t));
  const widest = across(edge);
  const [nearest, rim] = [depth(0), depth(edge)];
  const bulge = (t: number): number => (depth(t) - rim) / (nearest - rim);
  const angleAt = (s: number): number => {
    const x = (2 * s - 1) * widest;
    if (Math.abs(x) >= widest) return Math.sign(x) * edge;
    return Math.asin(x / Math.hypot(1, x * kappa)) - Math.atan(x * kappa);
  };
  const upper = minus(top, project(onto, { x: 0.5, y: 0 }));
  const lower = minus(bottom, project(onto, { x: 0.5, y: 1 }));
  const sag = (s: number, v: number): Point => {
    const share = bulge(angleAt(s));
    return { x: share * (upper.x + (lower.x - upper.x) * v), y: share * (upper.y + (lower.y - upper.y) * v) };
  };
  const find = foundBetween(corners, sag);
  if (!find) return null;
  const [halfAngle, turned] = [half * RADIANS, turn * RADIANS];
  const angleOf = (u: number): number => (2 * u - 1) * halfAngle + turned;
  const shareOf = (t: number): number => ((t - turned) / halfAngle + 1) / 2;
  return {
    from: Math.max(0, shareOf(-edge)),
    to: Math.min(1, shareOf(edge)),
    seen: (u, v) => {
      const t = angleOf(u);
      if (Math.abs(t) > edge + 1e-9) return null;
      const s = 0.5 + across(t) / (2 * widest);
      const p = project(onto, { x: s, y: v });
      const { x, y } = sag(s, v);
      return { x: p.x + x, y: p.y + y };
    },
    at: (x, y) => {
      const found = find(x, y);
      if (!found || found[0] < 0 || found[0] > 1) return null;
      return [shareOf(angleAt(found[0])), found[1]];
    },
  };
}

function minus(a: Point, b: Point): Point {
  return { x: a.x - b.x, y: a.y - b.y };
}
