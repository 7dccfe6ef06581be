/** How the marks of a selected item stand, css px: outside of it, and fewer, where it is small on the screen. */
export interface MarkRoom {
  /** How far pegs stand off the corners, along each side. */
  readonly pegs: number;
  /** How far tabs stand off their sides. */
  readonly tabs: number;
  readonly hasTabs: boolean;
  /** Bars that change the form lie in it: there must be room beside them. */
  readonly hasBars: boolean;
  /** Marks of its photo are left out that are nearer to it than this. */
  readonly photoMarks: number;
  /** How far the turn handle stands off the right side. */
  readonly turn: number;
}

/** From this size on marks may stand on the edges and reach into the item: as much of it is left to take hold of. */
const ROOMY = 64;
/** An item that is smaller than this both ways has pegs only. */
const TINY = 26;

/** @param width - of the item on the screen, css px, as is `height`. */
export function markRoom(width: number, height: number): MarkRoom {
  const hasTabs = Math.max(width, height) >= TINY;
  return Math.min(width, height) < ROOMY
    ? { pegs: 13, tabs: 11, hasTabs, hasBars: false, photoMarks: 16, turn: 38 }
    : { pegs: 10, tabs: 0, hasTabs, hasBars: true, photoMarks: -Infinity, turn: 26 };
}
