import type { Point } from '../geometry/matrix.js';

/** Where two items overlap, and which of them passes over. */
export interface Crossing {
  readonly lower: CrossingPart;
  readonly upper: CrossingPart;
  /** The rule for the pair; regions are its exceptions. */
  readonly over: boolean;
  readonly regions: readonly { readonly at: Point; readonly over: boolean }[];
  readonly cuts: readonly (readonly Point[])[];
  /** Painted mask, in px of the lower item. */
  readonly paint?: readonly { readonly points: readonly Point[]; readonly width: number; readonly over: boolean }[];
}

export interface CrossingPart {
  readonly itemId: string;
  /** The whole item, the subject of its photo, or the id of one letter. */
  readonly part: string;
}

/** Names a crossing within its sheet: by what crosses what. */
export function crossingKey({ lower, upper }: Pick<Crossing, 'lower' | 'upper'>): string {
  return [lower, upper].map(({ itemId, part }) => `${itemId}#${part}`).join(' ');
}
