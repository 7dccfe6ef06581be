import { blurPlane, blurReach } from './blur.js';
import { newPlane, type Plane } from './plane.js';

/** From this coverage on a pixel counts as subject, of 255. */
const SUBJECT = 128;
/** What ends within this share of the subject's height above its lowest point stands on the ground. */
const STANDS = 0.07;

/** How far a contact shadow reaches beyond the subject, in the unit of its softness. */
export function contactReach(blur: number): number {
  return 1.5 * blur + blurReach(blur / 2) + 2;
}

/**
 * The soft, flat dark under whatever of a subject stands on the ground: an ellipse below each of its feet, blurred. What hangs higher has
 * none. The plane has `room` px more on each side than the subject's.
 * @param subject - coverage; its columns stand upright.
 * @param blur - softness, px of the plane.
 */
export function contactShadow(subject: Plane, blur: number, room: number): Plane {
  const plane = newPlane(subject.width + 2 * room, subject.height + 2 * room);
  const { lowest, top, base } = lowestOf(subject);
  if (base < 0) return plane;
  const least = base - Math.max(2, STANDS * (base - top));
  for (let x = 0; x < subject.width; x++) {
    if (lowest[x]! < least) continue;
    const from = x;
    let sum = 0;
    while (x < subject.width && lowest[x]! >= least) sum += lowest[x++]!;
    const half = (x - from) / 2 + blur / 2;
    const high = Math.min(Math.max(0.5 * blur, 0.12 * half), 1.2 * blur);
    ellipse(plane, (from + x) / 2 + room, sum / (x - from) + 1 - high * 0.2 + room, half, high);
  }
  return blurPlane(plane, blur / 2);
}

/** The lowest covered row of each column, -1 where there is none, and the highest and lowest of all. */
function lowestOf({ width, height, data }: Plane): { lowest: Int32Array; top: number; base: number } {
  const lowest = new Int32Array(width).fill(-1);
  let [top, base] = [height, -1];
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      if (data[i]! < SUBJECT) continue;
      lowest[x] = y;
      if (y < top) top = y;
      base = y;
    }
  }
  return { lowest, top, base };
}

function ellipse({ width, height, data }: Plane, cx: number, cy: number, rx: number, ry: number): void {
  for (let y = Math.max(0, Math.floor(cy - ry)); y < Math.min(height, Math.ceil(cy + ry)); y++) {
    const v = (y + 0.5 - cy) / ry;
    if (Math.abs(v) >= 1) continue;
    const half = rx * Math.sqrt(1 - v * v);
    const [from, to] = [Math.max(0, Math.round(cx - half)), Math.min(width, Math.round(cx + half))];
    if (from < to) data.fill(255, y * width + from, y * width + to);
  }
}
