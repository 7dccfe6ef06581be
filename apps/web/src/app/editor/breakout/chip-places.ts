import type { Point } from '@kadrosyn/core';

/** A chip that wants to stand somewhere, css px. */
export interface WantedChip {
  readonly at: Point;
  readonly width: number;
  readonly height: number;
}

/** Room between chips, css px. */
const GAP = 3;
/** Directions in which a place is looked for, in steps of half a chip. */
const RINGS = 7;
const DIRECTIONS = 12;

/**
 * Places for chips so that none covers another and all lie on the stage: each where it wants to be, else as near as there is room. The first
 * have the first choice.
 * @returns the middle of each chip.
 */
export function chipPlaces(chips: readonly WantedChip[], stage: { readonly width: number; readonly height: number }): Point[] {
  const placed: (WantedChip & { readonly at: Point })[] = [];
  for (const chip of chips) {
    const within = (p: Point): Point => ({
      x: Math.min(Math.max(p.x, chip.width / 2), Math.max(chip.width / 2, stage.width - chip.width / 2)),
      y: Math.min(Math.max(p.y, chip.height / 2), Math.max(chip.height / 2, stage.height - chip.height / 2)),
    });
    const isFree = (p: Point): boolean =>
      placed.every(
        (other) =>
          Math.abs(other.at.x - p.x) >= (other.width + chip.width) / 2 + GAP ||
          Math.abs(other.at.y - p.y) >= (other.height + chip.height) / 2 + GAP,
      );
    placed.push({ ...chip, at: candidates(chip).map(within).find(isFree) ?? within(chip.at) });
  }
  return placed.map(({ at }) => at);
}

function candidates({ at, height }: WantedChip): Point[] {
  const found = [at];
  for (let ring = 1; ring <= RINGS; ring++) {
    for (let n = 0; n < DIRECTIONS; n++) {
      const angle = (2 * Math.PI * n) / DIRECTIONS - Math.PI / 2;
      const away = (ring * height) / 2 + GAP;
      found.push({ x: at.x + 1.6 * away * Math.cos(angle), y: at.y + away * Math.sin(angle) });
    }
  }
  return found;
}
