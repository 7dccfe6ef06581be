import type { Point } from '@kadrosyn/core';

/** A target on the stage that something can be let go on: "Replace", "Put inside". */
export interface StageChip {
  readonly words: string;
  /** css px of the stage. */
  readonly at: Point;
  /** The pointer is on it. */
  readonly armed: boolean;
}

const HALF_WIDTH = 52;
const HALF_HEIGHT = 18;

export function isOnChip(at: Point, pointer: Point): boolean {
  return Math.abs(pointer.x - at.x) <= HALF_WIDTH && Math.abs(pointer.y - at.y) <= HALF_HEIGHT;
}
