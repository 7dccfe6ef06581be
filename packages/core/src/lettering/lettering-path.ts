import type { LetteringOutline } from '../kinds/outlines/lettering.js';
import { scaling } from '../geometry/matrix.js';
import { transformPath, type Path } from '../geometry/path.js';
import { readPathData } from '../geometry/path-data.js';
import { layOut, layoutPath } from './layout.js';
import { lettersOf } from './letter-ids.js';
import type { Shaper } from './shaper.js';

/** The size in px of the box that a lettering needs: its lines from the first ascent to the last descent, or what letters along a circle fill. */
export function measureLettering(outline: LetteringOutline, shaper: Shaper): { width: number; height: number } {
  const { width, height } = layOut(outline, shaper);
  return { width, height };
}

/**
 * The outlines of all letters, aligned in a box of this size. Where a face is missing, the outline that was kept while it was there, as long
 * as the text is the same.
 */
export function letteringPath(outline: LetteringOutline, width: number, height: number, shaper: Shaper): Path {
  if (outline.kept && isFaceMissing(outline, shaper)) {
    return transformPath(scaling(width, height), readPathData(outline.kept).path);
  }
  return layoutPath(layOut(outline, shaper, width));
}

/** The outline of one letter, where it stands in the whole; an empty path for an id that no letter has. */
export function letterPath(outline: LetteringOutline, width: number, shaper: Shaper, letterId: string): Path {
  const wanted = letterIdsOf(outline).indexOf(letterId);
  const starts = lettersOfLettering(outline);
  return layoutPath(
    layOut(outline, shaper, width),
    (letter) => wanted >= 0 && starts.findLastIndex(({ start }) => start <= letter.start) === wanted,
  );
}

/** The letters of the whole text in the order of their ids. Runs are counted each for itself, as their ids are. */
function lettersOfLettering(outline: LetteringOutline): { readonly letter: string; readonly start: number }[] {
  let before = 0;
  return outline.runs.flatMap(({ text }) => {
    const letters = lettersOf(text).map(({ letter, start }) => ({ letter, start: before + start }));
    before += text.length;
    return letters;
  });
}

/** The ids of all letters, in the order of the text. */
export function letterIdsOf(outline: LetteringOutline): string[] {
  return outline.runs.flatMap((run) => run.letterIds);
}

/** The text of all runs. */
export function letteringText(outline: LetteringOutline): string {
  return outline.runs.map((run) => run.text).join('');
}

/** Whether a run asks for a face that is not there. */
export function isFaceMissing(outline: LetteringOutline, shaper: Shaper): boolean {
  return outline.runs.some(({ face }) => !shaper.hasFace(face));
}

/** Letters of the text that no loaded face has. */
export function missingLetters(outline: LetteringOutline, shaper: Shaper): string[] {
  return [
    ...new Set(
      layOut(outline, shaper)
        .lines.flatMap(({ shaped }) => shaped.missing)
        .flatMap((text) => lettersOf(text).map(({ letter }) => letter)),
    ),
  ];
}
