import type { LetteringOutline } from '../document/outline.js';
import { PathBuilder, transformPath, type Path } from '../geometry/path.js';
import { translation } from '../geometry/matrix.js';
import { lettersOf } from './letter-ids.js';
import type { ShapedLine, Shaper } from './shaper.js';

interface SetLine {
  readonly parts: readonly ShapedLine[];
  readonly width: number;
  readonly ascent: number;
  readonly descent: number;
}

/** Runs follow one another on one line; the highest of them decides where the baseline lies. */
function setLine(outline: LetteringOutline, shaper: Shaper): SetLine {
  const parts = outline.runs.map((run) => shaper.shapeLine(run));
  return {
    parts,
    width: parts.reduce((sum, part) => sum + part.advance, 0),
    ascent: Math.max(...parts.map((part) => part.ascent)),
    descent: Math.max(...parts.map((part) => part.descent)),
  };
}

/** The size in px of the box that a lettering needs: the advance of its line, and its ascent and descent. */
export function measureLettering(outline: LetteringOutline, shaper: Shaper): { width: number; height: number } {
  const line = setLine(outline, shaper);
  return { width: Math.max(line.width, 1), height: line.ascent + line.descent };
}

/** The outlines of all letters, aligned in a box of `width` px; the top of the box is the ascent of the line. */
export function letteringPath(outline: LetteringOutline, width: number, shaper: Shaper): Path {
  const line = setLine(outline, shaper);
  const spare = width - line.width;
  let x = outline.align === 'left' ? 0 : outline.align === 'right' ? spare : spare / 2;
  const path = new PathBuilder();
  for (const part of line.parts) {
    path.append(transformPath(translation(x, line.ascent), part.path));
    x += part.advance;
  }
  return path.build();
}

/** The outline of one letter, where it stands in the whole; an empty path for an id that no letter has. */
export function letterPath(outline: LetteringOutline, width: number, shaper: Shaper, letterId: string): Path {
  const line = setLine(outline, shaper);
  const spare = width - line.width;
  let x = outline.align === 'left' ? 0 : outline.align === 'right' ? spare : spare / 2;
  const path = new PathBuilder();
  for (const [index, part] of line.parts.entries()) {
    const run = outline.runs[index]!;
    const starts = lettersOf(run.text);
    const wanted = run.letterIds.indexOf(letterId);
    for (const letter of part.letters) {
      const at = starts.findLastIndex(({ start }) => start <= letter.start);
      if (wanted >= 0 && at === wanted) path.append(transformPath(translation(x, line.ascent), letter.path));
    }
    x += part.advance;
  }
  return path.build();
}

/** The ids of all letters, in the order of the text. */
export function letterIdsOf(outline: LetteringOutline): string[] {
  return outline.runs.flatMap((run) => run.letterIds);
}

/** The text of all runs. */
export function letteringText(outline: LetteringOutline): string {
  return outline.runs.map((run) => run.text).join('');
}
