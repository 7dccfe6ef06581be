import type { Shaper } from '../lettering/shaper.js';
import { newLetterIds } from '../lettering/letter-ids.js';
import { measureLettering } from '../lettering/lettering-path.js';
import type { Point } from '../geometry/matrix.js';
import { resizeBox } from '../geometry/box.js';
import type { Fill } from './fill.js';
import type { ItemProperties } from './edit.js';
import type { Opening } from './item.js';
import { newId } from './new-id.js';
import type { LetteringOutline, LetteringRun, Outline } from './outline.js';

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
 * Properties that set another lettering outline and the box that it needs. The box keeps its left edge, middle or
 * right edge, as the text is aligned, and its middle height.
 */
export function changeLettering(opening: Opening, outline: LetteringOutline, shaper: Shaper): ItemProperties {
  const { width, height } = measureLettering(outline, shaper);
  const x = outline.align === 'left' ? 0 : outline.align === 'right' ? 1 : 0.5;
  return { outline, box: resizeBox(opening.box, width, height, { x, y: 0.5 }) };
}
