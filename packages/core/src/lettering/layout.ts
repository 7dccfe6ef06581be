import type { LetteringOutline } from '../kinds/outlines/lettering.js';
import { multiply, rotation, scaling, translation, type Matrix, type Point } from '../geometry/matrix.js';
import { flatten, PathBuilder, transformPath, type Path } from '../geometry/path.js';
import { polygonBounds } from '../geometry/polygon.js';
import { lettersOf } from './letter-ids.js';
import type { ShapedLetter, ShapedLine, Shaper, TextRun } from './shaper.js';

/** A letter where it stands in the box. */
export interface LaidLetter extends ShapedLetter {
  /** Maps the frame of its line, baseline at y = 0, to the box. */
  readonly toBox: Matrix;
}

export interface LaidLine {
  /** Where it begins in the text of the whole, in UTF-16 units. */
  readonly start: number;
  readonly text: string;
  readonly shaped: ShapedLine;
  /** From left to right; `start` and `end` count in the whole text. */
  readonly letters: readonly LaidLetter[];
  /** Maps x of the line, for a place that has no letter. @param x - px from the left end of the line. */
  readonly toBoxAt: (x: number) => Matrix;
}

/** All lines of a lettering in its box. */
export interface Layout {
  readonly lines: readonly LaidLine[];
  /** The box that it needs, px. */
  readonly width: number;
  readonly height: number;
  /** What stays when the text changes: the middle of the circle for text along one, else undefined. */
  readonly centre?: Point;
}

/** Sets a lettering. @param width - of the box, in which lines are aligned; what the text needs when absent. */
export function layOut(outline: LetteringOutline, shaper: Shaper, width?: number): Layout {
  const kept = layouts.get(outline);
  if (kept && kept.width === width && kept.version === shaper.version && kept.shaper === shaper) return kept.layout;
  const layout = outline.along ? alongCircle(outline, shaper) : inLines(outline, shaper, width);
  layouts.set(outline, { width, version: shaper.version, shaper, layout });
  return layout;
}

const layouts = new WeakMap<LetteringOutline, { width: number | undefined; version: number; shaper: Shaper; layout: Layout }>();

/** The text of all runs cut at line breaks: each line's runs and where it begins. */
function textLines(outline: LetteringOutline): { start: number; runs: TextRun[] }[] {
  const lines: { start: number; runs: TextRun[] }[] = [{ start: 0, runs: [] }];
  let at = 0;
  for (const run of outline.runs) {
    for (const [index, text] of run.text.split('\n').entries()) {
      if (index > 0) lines.push({ start: ++at, runs: [] });
      const { runs } = lines.at(-1)!;
      // An empty line is as high as the run that it stands in.
      if (text !== '' || runs.length === 0) runs.push({ ...run, text });
      at += text.length;
    }
  }
  return lines.map(({ start, runs }) => ({ start, runs: runs.length > 1 ? runs.filter(({ text }) => text !== '') : runs }));
}

function shapedLines(outline: LetteringOutline, shaper: Shaper) {
  return textLines(outline).map(({ start, runs }) => ({
    start,
    text: runs.map(({ text }) => text).join(''),
    size: Math.max(...runs.map(({ size }) => size)),
    shaped: shaper.shapeLine(runs),
  }));
}

function inLines(outline: LetteringOutline, shaper: Shaper, width?: number): Layout {
  const lines = shapedLines(outline, shaper);
  const stretch = outline.stretch ?? { x: 1, y: 1 };
  const needed = Math.max(...lines.map(({ shaped }) => shaped.advance), 1);
  const room = width === undefined ? needed : width / stretch.x;
  let baseline = 0;
  const laid = lines.map(({ start, text, size, shaped }, index): LaidLine => {
    baseline += index === 0 ? shaped.ascent : outline.leading * size;
    const spare = room - shaped.advance;
    const left = outline.align === 'left' ? 0 : outline.align === 'right' ? spare : spare / 2;
    const toBox = multiply(scaling(stretch.x, stretch.y), translation(left, baseline));
    return {
      start,
      text,
      shaped,
      letters: shaped.letters.map((letter) => ({ ...letter, start: start + letter.start, end: start + letter.end, toBox })),
      toBoxAt: () => toBox,
    };
  });
  return { lines: laid, width: needed * stretch.x, height: (baseline + lines.at(-1)!.shaped.descent) * stretch.y };
}

/**
 * Along a circle: each letter stands upright on its own place of it. Outside, letters stand on the circle; inside, they hang in it. Read the
 * other way round, their feet point outwards.
 */
function alongCircle(outline: LetteringOutline, shaper: Shaper): Layout {
  const { radius, start, inside, reverse } = outline.along!;
  const lines = shapedLines(outline, shaper);
  let down = 0;
  const placed = lines.map((line, index) => {
    const { shaped, size } = line;
    if (index > 0) down += outline.leading * size;
    // Feet stand on the circle where letters point away from the side that they are on.
    const first = reverse ? (inside ? radius : radius + shaped.ascent) : inside ? radius - shaped.ascent : radius;
    const r = Math.max(reverse ? first + down : first - down, 1);
    const from = outline.align === 'left' ? 0 : outline.align === 'right' ? -shaped.advance : -shaped.advance / 2;
    const toCircle = (x: number): Matrix => {
      const turn = (((from + x) / r) * 180) / Math.PI;
      return reverse
        ? multiply(rotation(start - turn + 180), translation(-x, r))
        : multiply(rotation(start + turn), translation(-x, -r));
    };
    return { ...line, toCircle };
  });
  const whole = new PathBuilder();
  for (const { shaped, toCircle } of placed)
    for (const letter of shaped.letters) whole.append(transformPath(toCircle(letter.x + letter.advance / 2), letter.path));
  const bounds = polygonBounds(flatten(whole.build()));
  const toBox = translation(-bounds.x, -bounds.y);
  return {
    lines: placed.map(({ start: at, text, shaped, toCircle }) => ({
      start: at,
      text,
      shaped,
      letters: shaped.letters.map((letter) => ({
        ...letter,
        start: at + letter.start,
        end: at + letter.end,
        toBox: multiply(toBox, toCircle(letter.x + letter.advance / 2)),
      })),
      toBoxAt: (x) => multiply(toBox, toCircle(x)),
    })),
    width: Math.max(bounds.width, 1),
    height: Math.max(bounds.height, 1),
    centre: { x: -bounds.x, y: -bounds.y },
  };
}

/** A letter as people count them, and the upright quad that it takes up. */
export interface LetterPlace {
  readonly start: number;
  readonly end: number;
  readonly line: number;
  /** px of the line from its left end, at the side where reading begins and where it ends. */
  readonly from: number;
  readonly to: number;
  /** Of the letter that it is drawn by. */
  readonly toBox: Matrix;
}

/** Every letter of the text in the order of the text, line breaks left out. Letters that are drawn as one share its width evenly. */
export function letterPlaces(layout: Layout): LetterPlace[] {
  const places: LetterPlace[] = [];
  for (const [line, { start, text, letters }] of layout.lines.entries()) {
    const byStart = [...letters].sort((a, b) => a.start - b.start);
    for (const letter of byStart) {
      const inside = lettersOf(text.slice(letter.start - start, letter.end - start));
      const share = letter.advance / Math.max(1, inside.length);
      for (const [index, { letter: sign, start: at }] of inside.entries()) {
        const [from, to] = [index * share, (index + 1) * share];
        places.push({
          start: letter.start + at,
          end: letter.start + at + sign.length,
          line,
          from: letter.rightToLeft ? letter.x + letter.advance - from : letter.x + from,
          to: letter.rightToLeft ? letter.x + letter.advance - to : letter.x + to,
          toBox: letter.toBox,
        });
      }
    }
  }
  return places;
}

/** The outline of all letters, or of those that `isWanted` chooses by where they begin in the text. */
export function layoutPath(layout: Layout, isWanted: (letter: LaidLetter) => boolean = () => true): Path {
  const path = new PathBuilder();
  for (const { letters } of layout.lines)
    for (const letter of letters) {
      if (!isWanted(letter)) continue;
      path.append(transformPath(letter.toBox, letter.path));
    }
  return path.build();
}
