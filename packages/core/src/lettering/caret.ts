import { apply, invert, type Matrix, type Point } from '../geometry/matrix.js';
import { letterPlaces, type LaidLine, type Layout, type LetterPlace } from './layout.js';

/** A caret: a line from foot to head, px of the box. */
export interface Caret {
  readonly foot: Point;
  readonly head: Point;
  readonly line: number;
}

/** Where a caret stands at a place of the text. @param offset - UTF-16 units of the whole text. */
export function caretAt(layout: Layout, offset: number): Caret {
  const places = letterPlaces(layout);
  const lineIndex = layout.lines.findLastIndex(({ start }) => start <= offset);
  const line = layout.lines[Math.max(0, lineIndex)]!;
  const here = places.find((place) => place.start === offset && place.line === lineIndex);
  if (here) return standing(line, lineIndex, here.from, here.toBox);
  const before = places.findLast((place) => place.end <= offset && place.line === lineIndex);
  if (before) return standing(line, lineIndex, before.to, before.toBox);
  return standing(line, Math.max(0, lineIndex), 0, line.toBoxAt(0));
}

function standing({ shaped }: LaidLine, line: number, x: number, toBox: Matrix): Caret {
  return { line, foot: apply(toBox, { x, y: shaped.descent }), head: apply(toBox, { x, y: -shaped.ascent }) };
}

/** The place of the text that is nearest to a point of the box. */
export function offsetAt(layout: Layout, p: Point): number {
  let best = { offset: 0, distance: Infinity };
  const offer = (offset: number, distance: number): void => {
    if (distance < best.distance) best = { offset, distance };
  };
  for (const place of letterPlaces(layout)) {
    const { shaped } = layout.lines[place.line]!;
    const local = apply(invert(place.toBox), p);
    // Beside a line counts for more than along it, so that the line under the pointer is meant.
    const beside = 4 * Math.max(0, -shaped.ascent - local.y, local.y - shaped.descent);
    offer(place.start, Math.hypot(local.x - place.from, beside));
    offer(place.end, Math.hypot(local.x - place.to, beside));
  }
  for (const { start, text, shaped, toBoxAt } of layout.lines) {
    if (text !== '') continue;
    const local = apply(invert(toBoxAt(0)), p);
    const beside = 4 * Math.max(0, -shaped.ascent - local.y, local.y - shaped.descent);
    offer(start, Math.hypot(local.x, beside));
  }
  return best.offset;
}

/** The areas of the letters between two places of the text: corners of each, px of the box. */
export function selectionQuads(layout: Layout, from: number, to: number): (readonly [Point, Point, Point, Point])[] {
  return letterPlaces(layout)
    .filter(({ start, end }) => start < to && end > from)
    .map(({ toBox, line, from: a, to: b }: LetterPlace) => {
      const { ascent, descent } = layout.lines[line]!.shaped;
      const at = (x: number, y: number): Point => apply(toBox, { x, y });
      return [at(a, -ascent), at(b, -ascent), at(b, descent), at(a, descent)] as const;
    });
}

/** The place one line above (-1) or below (1); the beginning or the end of the text where there is no such line. */
export function offsetInNextLine(layout: Layout, offset: number, direction: -1 | 1): number {
  const { line, foot, head } = caretAt(layout, offset);
  const next = layout.lines[line + direction];
  const last = layout.lines.at(-1)!;
  if (!next) return direction < 0 ? 0 : last.start + last.text.length;
  const middle = { x: (foot.x + head.x) / 2, y: (foot.y + head.y) / 2 };
  const places = letterPlaces(layout).filter((place) => place.line === line + direction);
  let best = { offset: next.start, distance: Infinity };
  for (const { start, end, from, to, toBox } of places) {
    for (const [at, x] of [
      [start, from],
      [end, to],
    ] as const) {
      const distance = Math.abs(apply(toBox, { x, y: 0 }).x - middle.x);
      if (distance < best.distance) best = { offset: at, distance };
    }
  }
  return best.offset;
}

/** The beginning and the end of the line that a place of the text is in. */
export function lineOf(layout: Layout, offset: number): { readonly start: number; readonly end: number } {
  const line = layout.lines.findLast(({ start }) => start <= offset) ?? layout.lines[0]!;
  return { start: line.start, end: line.start + line.text.length };
}
