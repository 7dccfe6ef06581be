import type { Shaper } from '../lettering/shaper.js';
import { newLetterIds } from '../lettering/letter-ids.js';
import { findFace } from '../lettering/faces.js';
import { layOut } from '../lettering/layout.js';
import { isFaceMissing, letteringPath, measureLettering } from '../lettering/lettering-path.js';
import { apply, scaling, type Point } from '../geometry/matrix.js';
import { boxMatrix, resizeBox } from '../geometry/box.js';
import { toPathData, transformPath } from '../geometry/path.js';
import type { Fill } from './fill.js';
import type { ItemProperties } from './edit.js';
import type { Box, Opening } from './item.js';
import { newId } from './new-id.js';
import type { LetteringOutline, LetteringRun } from '../kinds/outlines/lettering.js';
import type { Outline } from '../kinds/outlines/outlines.js';

/** An empty shaped opening whose middle lies at `at`; lengths in px of the sheet. */
export function newShapedOpening(name: string, outline: Outline, at: Point, width: number, height: number): Opening {
  return {
    type: 'opening',
    id: newId('item'),
    name,
    kind: 'shaped',
    outline,
    box: { x: at.x - width / 2, y: at.y - height / 2, width, height, turn: 0 },
    fill: { type: 'none' },
    finish: {},
  };
}

/** A line of lettering in ink, its middle at `at`; `size` in px of the sheet per em. */
export function newLettering(
  run: Pick<LetteringRun, 'text' | 'face' | 'axes' | 'size'>,
  at: Point,
  fill: Fill,
  shaper: Shaper,
): Opening {
  const outline: LetteringOutline = {
    type: 'lettering',
    runs: [{ ...run, tracking: 0, letterIds: newLetterIds(run.text) }],
    align: 'centre',
    leading: 1.2,
  };
  const { width, height } = measureLettering(outline, shaper);
  return { ...newShapedOpening(run.text, outline, at, width, height), fill };
}

/**
 * Properties that set another lettering outline and the box that it needs. Text along a circle keeps its circle; other text keeps the left
 * edge, middle or right edge of its box, as it is aligned, and its first line. With a face of one's own, the outline is kept for the day when
 * the face is missing.
 */
export function changeLettering(opening: Opening, outline: LetteringOutline, shaper: Shaper): ItemProperties {
  const { width, height, centre, lines } = layOut(outline, shaper);
  const before = opening.outline.type === 'lettering' ? layOut(opening.outline, shaper, opening.box.width) : undefined;
  const kept = keptOutline(outline, width, height, shaper);
  if (centre && before?.centre) return { outline: kept, box: boxWithPoint(opening.box, before.centre, width, height, centre) };
  const x = outline.align === 'left' ? 0 : outline.align === 'right' ? 1 : 0.5;
  if (centre || !before || before.centre || before.lines.length === lines.length) {
    return { outline: kept, box: resizeBox(opening.box, width, height, { x, y: 0.5 }) };
  }
  return {
    outline: kept,
    box: boxWithPoint(opening.box, { x: x * opening.box.width, y: 0 }, width, height, { x: x * width, y: 0 }),
  };
}

/** A box of another size whose point `now` lies on the sheet where `was` lay in the old one; points in px of each box. */
function boxWithPoint(box: Box, was: Point, width: number, height: number, now: Point): Box {
  const resized = { ...box, width, height };
  const [old, moved] = [apply(boxMatrix(box), was), apply(boxMatrix(resized), now)];
  return { ...resized, x: box.x + old.x - moved.x, y: box.y + old.y - moved.y };
}

/** More path data than this is not kept: the document would grow with every letter. */
const MOST_KEPT = 150_000;

function keptOutline(outline: LetteringOutline, width: number, height: number, shaper: Shaper): LetteringOutline {
  const { kept: _before, ...rest } = outline;
  const isOwn = outline.runs.some(({ face }) => !findFace(face));
  if (!isOwn || isFaceMissing(outline, shaper)) return rest;
  const path = transformPath(scaling(1 / width, 1 / height), letteringPath(rest, width, height, shaper));
  const kept = toPathData(path, 5);
  return kept.length <= MOST_KEPT ? { ...rest, kept } : rest;
}
