import { fromPx } from '../document/units.js';
import { layPapers } from './lay-papers.js';
import type { Paper, PaperName } from './paper.js';

/** A sheet in its px, of which it has `dpi` per inch. */
export interface SizedSheet {
  readonly width: number;
  readonly height: number;
  readonly dpi: number;
  /** px from the left or the top edge. */
  readonly folds?: readonly { readonly axis: 'horizontal' | 'vertical'; readonly at: number }[] | undefined;
}

/** How sheets come onto paper; each on its own, as it is cut, where nothing is said. */
export interface PaperChoice {
  readonly arrange?: 'pages' | 'folded' | 'many' | undefined;
  /** What many are put on: A4 where nothing is said. */
  readonly paper?: PaperName | undefined;
  /** mm between many at least. */
  readonly gap?: number | undefined;
  /** mm that are printed beyond the edges. */
  readonly bleed?: number | undefined;
  readonly marks?: boolean | undefined;
}

/** Puts sheets onto paper in their true size. @throws RangeError as `layPapers` does */
export function laySheets(sheets: readonly SizedSheet[], choice: PaperChoice): Paper[] {
  const { arrange = 'pages', paper = 'a4', gap = 0, bleed = 0, marks = false } = choice;
  const inMm = sheets.map(({ width, height, dpi, folds = [] }) => {
    const mm = (px: number): number => fromPx(px, 'mm', dpi);
    return { width: mm(width), height: mm(height), folds: folds.map(({ axis, at }) => ({ axis, at: mm(at) })) };
  });
  return layPapers(inMm, arrange === 'many' ? { kind: arrange, paper, gap } : { kind: arrange }, { bleed, marks });
}
