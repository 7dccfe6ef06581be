import { Object as ObjectPart } from 'typebox';
import type { Sides } from '../../document/finish.js';
import { LengthPart } from '../schema-parts.js';

const SIDES = { top: LengthPart, right: LengthPart, bottom: LengthPart, left: LengthPart };

/** Properties of something that has a length on each side. */
export const sideProperties = SIDES;

export const SidesPart = ObjectPart(SIDES, { additionalProperties: false });

export function widest({ top, right, bottom, left }: Sides<number>): number {
  return Math.max(top, right, bottom, left);
}

export function scaledSides<T extends Sides<number>>(of: T, factor: number): T {
  const { top, right, bottom, left } = of;
  return { ...of, top: top * factor, right: right * factor, bottom: bottom * factor, left: left * factor };
}
