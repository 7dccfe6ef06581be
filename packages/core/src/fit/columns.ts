import type { Sheet } from '../document/project.js';
import type { Bounds } from '../geometry/bounds.js';
import { withinMargins } from './align.js';

/**
 * The columns of a sheet, from the left, px: what its margins, its upright folds (with the margin on both sides) and its upright guides leave
 * between them. A sheet with none of these is one column.
 */
export function columnsOf(sheet: Sheet): Bounds[] {
  const { y, height } = withinMargins(sheet);
  const { width, margin } = sheet;
  const folds = (sheet.folds ?? []).filter(({ axis }) => axis === 'vertical').map(({ at }) => at);
  const guides = sheet.guides.filter(({ axis }) => axis === 'vertical').map(({ at }) => at);
  const edges = [0, ...folds.filter((at) => at > 0 && at < width).sort((a, b) => a - b), width];
  return edges.slice(1).flatMap((end, index) => {
    const [from, to] = [edges[index]! + margin, end - margin];
    const lines = [from, ...guides.filter((at) => at > from && at < to).sort((a, b) => a - b), to];
    return lines
      .slice(1)
      .map((right, i) => ({ x: lines[i]!, y, width: right - lines[i]!, height }))
      .filter((column) => column.width > 0);
  });
}

/** The column in which a place lies, or the nearest one. */
export function columnAt(sheet: Sheet, x: number): Bounds {
  const away = ({ x: left, width }: Bounds): number => Math.max(left - x, x - left - width, 0);
  return columnsOf(sheet).sort((a, b) => away(a) - away(b))[0] ?? withinMargins(sheet);
}
