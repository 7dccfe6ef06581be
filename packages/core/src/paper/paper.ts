import type { Bounds } from '../geometry/bounds.js';
import type { Point } from '../geometry/matrix.js';

/** Sizes of paper that is sold in sheets, mm, upright. */
export const PAPERS = {
  a5: { width: 148, height: 210 },
  a4: { width: 210, height: 297 },
  a3: { width: 297, height: 420 },
  letter: { width: 215.9, height: 279.4 },
} as const;

export type PaperName = keyof typeof PAPERS;

/** How sheets are put onto paper: each on its own, two side by side on sheets that are folded into one another, or as many as have room on one. */
export type Arrangement =
  | { readonly kind: 'pages' }
  | { readonly kind: 'folded' }
  | { readonly kind: 'many'; readonly paper: PaperName; /** mm between them at least. */ readonly gap: number };

/** A sheet as paper sees it, mm. */
export interface PaperSheet {
  readonly width: number;
  readonly height: number;
  readonly folds?: readonly {
    readonly axis: 'horizontal' | 'vertical';
    /** mm from the left or the top edge. */ readonly at: number;
  }[];
}

/** A sheet on a paper, mm from the upper left corner of the paper. */
export interface PaperPlace {
  /** Index among the sheets. */
  readonly sheet: number;
  /** The upper left corner of the sheet as it is cut. */
  readonly at: Point;
  /** What is seen of it: with its bleed, but where another adjoins. */
  readonly seen: Bounds;
}

/** A thin line where paper is cut or folded, mm. */
export interface PaperLine {
  readonly kind: 'cut' | 'fold';
  readonly from: Point;
  readonly to: Point;
}

/** One side of a paper, mm. */
export interface Paper {
  readonly width: number;
  readonly height: number;
  /** What is left when it has been cut; all of it where it is cut into several. */
  readonly trim: Bounds;
  /** What is printed, for the cut to fall into. */
  readonly bleed: Bounds;
  readonly places: readonly PaperPlace[];
  readonly lines: readonly PaperLine[];
}
