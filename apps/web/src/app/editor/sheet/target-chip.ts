import { boxBounds, transformBounds, type DropTarget, type Matrix, type Point, type Sheet } from '@kadrosyn/core';
import { TARGET_WORDS } from '../commands/target-words';
import { isOnChip, type StageChip } from './stage-chip';

/** A target lies so far above the lower edge of what it is for, css px. */
const FOOT = 30;
/** What is lower than this has it in its middle. */
const LOW = 96;

/**
 * The target as it is shown: near the lower edge of what it is for, so that what is let go in the middle, or anywhere else, does not meet it
 * by accident.
 * @param stage - size of the stage in css px; the target stays within it.
 */
export function targetChip(
  target: DropTarget,
  sheet: Sheet,
  pointer: Point,
  matrix: Matrix,
  stage: { readonly width: number; readonly height: number },
): StageChip {
  const box = target.opening ? boxBounds(target.opening.box) : { x: 0, y: 0, width: sheet.width, height: sheet.height };
  const { x, y, width, height } = transformBounds(matrix, box);
  const [left, right] = [Math.max(x, 0), Math.min(x + width, stage.width)];
  const bottom = Math.min(y + height, stage.height);
  const at = { x: (left + right) / 2, y: height < LOW ? y + height / 2 : bottom - FOOT };
  return { words: TARGET_WORDS[target.act], at, armed: isOnChip(at, pointer) };
}
