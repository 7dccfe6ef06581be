import type { Tone } from '@kadrosyn/core';

export type Curve = NonNullable<Tone['curve']>;

/** A curve that changes nothing. */
export const STRAIGHT: Curve = [
  { x: 0, y: 0 },
  { x: 1, y: 1 },
];
/** Points never come nearer to each other than this. */
const APART = 0.02;
/** More points than this are no curve any more. */
const MOST = 12;

/** The curve with one point more, and which one it is; null where it has enough or one lies there. */
export function withPoint(curve: Curve, x: number, y: number): { readonly curve: Curve; readonly index: number } | null {
  if (curve.length >= MOST || curve.some((point) => Math.abs(point.x - x) < APART)) return null;
  const next = [...curve, { x: share(x), y: share(y) }].sort((a, b) => a.x - b.x);
  return { curve: next, index: next.findIndex((point) => point.x === share(x)) };
}

/** The curve with a point elsewhere, never past its neighbours. */
export function movedPoint(curve: Curve, index: number, x: number, y: number): Curve {
  const least = index === 0 ? 0 : curve[index - 1]!.x + APART;
  const most = index === curve.length - 1 ? 1 : curve[index + 1]!.x - APART;
  return curve.map((point, i) => (i === index ? { x: share(Math.min(most, Math.max(least, x))), y: share(y) } : point));
}

/** The curve without a point; the two at its ends stay. */
export function withoutPoint(curve: Curve, index: number): Curve {
  return index === 0 || index === curve.length - 1 ? curve : curve.filter((_, i) => i !== index);
}

function share(value: number): number {
  return Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000;
}
