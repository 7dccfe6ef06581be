import type { Point } from '../geometry/matrix.js';
import type { Pixels } from '../photo/pixels.js';
import type { RoundForm } from './area-form.js';
import { innermostEdge } from './edge-profile.js';
import { fitEllipse } from './fit-ellipse.js';

export interface RefinedRound {
  readonly form: RoundForm;
  /** Of the edge that was found all round, how much lies within 1.5 px of the ellipse: 0 to 1. */
  readonly agreed: number;
}

const PROFILES = 360;
/** Px inwards and outwards of the rough outline: a rim is thick, and what is flooded ends within it. */
const [INWARDS, OUTWARDS] = [-10, 36];
/** Of the hardest edge of a profile. */
const SHARE = 0.5;
const ROUNDS = 6;
/** The ellipse is fitted again to the points that lie this near to it, in px, and to so many of the nearest at least: the rest is hidden or the edge of
 * something else. */
const [WITHIN, BEST] = [2, 0.6];
const NEAR = 1.5;

/** Moves a rough ellipse onto the edge of the photo. @returns null where there is no such edge */
export function refineRound(photo: Pixels, rough: RoundForm): RefinedRound | null {
  const scale = Math.min(1, Math.min(rough.rx, rough.ry) / 60);
  const found: Point[] = [];
  for (let i = 0; i < PROFILES; i++) {
    const { at, outwards } = onEllipse(rough, (2 * Math.PI * i) / PROFILES);
    const edge = innermostEdge(photo, { at, outwards, from: INWARDS * scale, to: OUTWARDS * scale }, SHARE);
    if (edge !== null) found.push({ x: at.x + outwards.x * edge, y: at.y + outwards.y * edge });
  }
  if (found.length < PROFILES / 3) return null;
  let form = fitEllipse(found);
  for (let round = 0; form && round < ROUNDS; round++) {
    const away = found.map((p) => distanceTo(form!, p));
    const limit = Math.max(WITHIN, away.toSorted((a, b) => a - b)[Math.floor(BEST * found.length)]!);
    form = fitEllipse(found.filter((_, i) => away[i]! <= limit));
  }
  if (!form) return null;
  return { form, agreed: found.filter((p) => distanceTo(form, p) <= NEAR).length / PROFILES };
}

function onEllipse({ centre, rx, ry, turn }: RoundForm, angle: number): { at: Point; outwards: Point } {
  const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
  const [x, y] = [Math.cos(angle) * rx, Math.sin(angle) * ry];
  const [nx, ny] = [Math.cos(angle) / rx, Math.sin(angle) / ry];
  const length = Math.hypot(nx, ny);
  return {
    at: { x: centre.x + c * x - s * y, y: centre.y + s * x + c * y },
    outwards: { x: (c * nx - s * ny) / length, y: (s * nx + c * ny) / length },
  };
}

/** About how far, in px, a point is from an ellipse: along the line to its middle. */
function distanceTo({ centre, rx, ry, turn }: RoundForm, p: Point): number {
  const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
  const [dx, dy] = [p.x - centre.x, p.y - centre.y];
  const share = Math.hypot((c * dx + s * dy) / rx, (c * dy - s * dx) / ry);
  return Math.hypot(dx, dy) * Math.abs(1 - 1 / Math.max(1e-6, share));
}
