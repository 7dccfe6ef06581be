import type { Bounds } from '../geometry/bounds.js';
import { PAPERS, type Arrangement, type Paper, type PaperLine, type PaperPlace, type PaperSheet } from './paper.js';
import { marksAround, roomForMarks } from './paper-lines.js';

export interface PaperOptions {
  /** mm beyond the edge that are printed. */
  readonly bleed: number;
  /** Whether it is marked where to cut and to fold. */
  readonly marks: boolean;
}

/** No printer reaches further, mm from the edge of a paper. */
const EDGE = 5;
/** Sides count as equal within this many mm. */
const EQUAL = 0.05;

/**
 * Puts sheets onto paper.
 * @throws RangeError for no sheet; for sheets of several sizes that are to be folded into one another; for a sheet larger than the paper that is to hold many.
 */
export function layPapers(sheets: readonly PaperSheet[], arrangement: Arrangement, options: PaperOptions): Paper[] {
  if (sheets.length === 0) throw new RangeError('There is at least one sheet');
  switch (arrangement.kind) {
    case 'pages':
      return sheets.map((_, index) => row(sheets, [index], options));
    case 'folded':
      return foldedOrder(sheets).map((pair) => row(sheets, pair, options));
    case 'many':
      return many(sheets, arrangement, options);
  }
}

/**
 * The order of pages on sheets that are folded once and put into one another, outer side before inner: of four pages 4 and 1, 2 and 3. Pages
 * that are missing to a multiple of four are empty and stand at the end; null for those.
 */
export function foldedPairs(count: number): (readonly [number | null, number | null])[] {
  const all = 4 * Math.ceil(count / 4);
  const page = (index: number): number | null => (index < count ? index : null);
  return Array.from({ length: all / 2 }, (_, side) => {
    const [low, high] = [page(side), page(all - 1 - side)];
    return side % 2 === 0 ? ([high, low] as const) : ([low, high] as const);
  });
}

function foldedOrder(sheets: readonly PaperSheet[]): (readonly (number | null)[])[] {
  const [first] = sheets;
  const isOdd = ({ width, height }: PaperSheet): boolean =>
    Math.abs(width - first!.width) > EQUAL || Math.abs(height - first!.height) > EQUAL;
  if (sheets.some(isOdd)) throw new RangeError('Sheets of several sizes can not be folded into one another');
  return foldedPairs(sheets.length);
}

/** Sheets side by side, with what is printed beyond their outer edges. All are of the size of the first that there is. */
function row(sheets: readonly PaperSheet[], indices: readonly (number | null)[], { bleed, marks }: PaperOptions): Paper {
  const size = sheets[indices.find((index) => index !== null) ?? 0]!;
  const around = marks ? roomForMarks(bleed) : bleed;
  const trim = { x: around, y: around, width: size.width * indices.length, height: size.height };
  const places: PaperPlace[] = [];
  indices.forEach((index, column) => {
    if (index === null) return;
    const x = around + column * size.width;
    const [left, right] = [column === 0 ? bleed : 0, column === indices.length - 1 ? bleed : 0];
    const seen = { x: x - left, y: around - bleed, width: size.width + left + right, height: size.height + 2 * bleed };
    places.push({ sheet: index, at: { x, y: around }, seen });
  });
  return {
    width: trim.width + 2 * around,
    height: trim.height + 2 * around,
    trim,
    bleed: grown(trim, bleed),
    places,
    lines: marks ? [...cuts(trim, bleed), ...foldsOf(sheets, indices, trim, bleed)] : [],
  };
}

function cuts(trim: Bounds, bleed: number): PaperLine[] {
  const lines = { vertical: [trim.x, trim.x + trim.width], horizontal: [trim.y, trim.y + trim.height] };
  return marksAround(trim, lines, 'cut', bleed);
}

/** Where the sheets themselves are folded, and between neighbours. */
function foldsOf(sheets: readonly PaperSheet[], indices: readonly (number | null)[], trim: Bounds, bleed: number): PaperLine[] {
  const width = trim.width / indices.length;
  const vertical = indices.slice(1).map((_, i) => trim.x + (i + 1) * width);
  const horizontal: number[] = [];
  indices.forEach((index, column) => {
    for (const { axis, at } of (index !== null && sheets[index]!.folds) || []) {
      if (axis === 'vertical') vertical.push(trim.x + column * width + at);
      else if (!horizontal.includes(trim.y + at)) horizontal.push(trim.y + at);
    }
  });
  return marksAround(trim, { vertical, horizontal }, 'fold', bleed);
}

/** How many have room along a side. */
function fits(side: number, length: number, gap: number): number {
  return Math.max(0, Math.floor((side + gap + EQUAL) / (length + gap)));
}

/** As many as have room, in rows, on upright or on lying paper; in order, and again from the first until the last paper is full. */
function many(
  sheets: readonly PaperSheet[],
  { paper, gap }: Extract<Arrangement, { kind: 'many' }>,
  { bleed, marks }: PaperOptions,
): Paper[] {
  const cell = {
    width: Math.max(...sheets.map(({ width }) => width)),
    height: Math.max(...sheets.map(({ height }) => height)),
  };
  const between = Math.max(gap, 2 * bleed);
  const edge = marks ? Math.max(EDGE, roomForMarks(bleed)) : EDGE + bleed;
  const { width, height } = PAPERS[paper];
  const ways = [
    { width, height },
    { width: height, height: width },
  ].map((side) => {
    const columns = fits(side.width - 2 * edge, cell.width, between);
    return { ...side, columns, rows: fits(side.height - 2 * edge, cell.height, between) };
  });
  const room = ({ columns, rows }: { readonly columns: number; readonly rows: number }): number => columns * rows;
  const way = room(ways[1]!) > room(ways[0]!) ? ways[1]! : ways[0]!;
  if (room(way) === 0) throw new RangeError('The paper is smaller than the sheet');
  const grid = {
    width: way.columns * (cell.width + between) - between,
    height: way.rows * (cell.height + between) - between,
  };
  const field = { x: (way.width - grid.width) / 2, y: (way.height - grid.height) / 2, ...grid };
  const left = (column: number): number => field.x + column * (cell.width + between);
  const top = (line: number): number => field.y + line * (cell.height + between);
  const lines = marks ? marksOfGrid(way, field, { left, top }, cell, bleed) : [];
  const whole = { x: 0, y: 0, width: way.width, height: way.height };
  return Array.from({ length: Math.ceil(sheets.length / room(way)) }, (_, index) => ({
    ...whole,
    trim: whole,
    bleed: whole,
    lines,
    places: Array.from({ length: room(way) }, (__, i) => {
      const sheet = (index * room(way) + i) % sheets.length;
      const size = sheets[sheet]!;
      const at = {
        x: left(i % way.columns) + (cell.width - size.width) / 2,
        y: top(Math.floor(i / way.columns)) + (cell.height - size.height) / 2,
      };
      return { sheet, at, seen: grown({ ...at, width: size.width, height: size.height }, bleed) };
    }),
  }));
}

function marksOfGrid(
  { columns, rows }: { readonly columns: number; readonly rows: number },
  field: Bounds,
  { left, top }: { readonly left: (column: number) => number; readonly top: (line: number) => number },
  cell: { readonly width: number; readonly height: number },
  bleed: number,
): PaperLine[] {
  const sides = (count: number, begin: (index: number) => number, length: number): number[] => [
    ...new Set(Array.from({ length: count }, (_, i) => [begin(i), begin(i) + length]).flat()),
  ];
  const lines = { vertical: sides(columns, left, cell.width), horizontal: sides(rows, top, cell.height) };
  return marksAround(field, lines, 'cut', bleed);
}

function grown({ x, y, width, height }: Bounds, by: number): Bounds {
  return { x: x - by, y: y - by, width: width + 2 * by, height: height + 2 * by };
}
