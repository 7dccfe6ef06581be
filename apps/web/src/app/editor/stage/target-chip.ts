import { boxBounds, transformBounds, type DropTarget, type Point, type Sheet } from '@kadrosyn/core';
import { TARGET_WORDS } from '../commands/target-words';
import { isOnChip, type StageChip } from './stage-chip';
import type { Viewport } from './viewport';

/** A target lies so far above the lower edge of what it is for, css px. */
const FOOT = 30;
/** What is lower than this has it in its middle. */
const LOW = 96;

/** A target and how it is shown. */
export interface ShownTarget {
  readonly target: DropTarget;
  readonly chip: StageChip;
}

/** Shows the targets of one drag. Once the pointer is on a target, it stays, whatever else lies below it. */
export class TargetChips {
  private shown: ShownTarget | null = null;

  constructor(private readonly viewport: Pick<Viewport, 'matrix' | 'size'>) {}

  /**
   * @param target - what is offered where the pointer is.
   * @param pointer - css px of the stage.
   */
  show(target: DropTarget | null, sheet: Sheet, pointer: Point): ShownTarget | null {
    if (this.shown && isOnChip(this.shown.chip.at, pointer)) {
      this.shown = { ...this.shown, chip: { ...this.shown.chip, armed: true } };
    } else {
      const at = target && this.placeOf(target, sheet);
      this.shown = at && { target, chip: { words: TARGET_WORDS[target.act], at, armed: isOnChip(at, pointer) } };
    }
    return this.shown;
  }

  /** Near the lower edge of what it is for, so that what is let go in the middle, or anywhere else, does not meet it by accident. */
  private placeOf({ opening }: DropTarget, sheet: Sheet): Point {
    const stage = this.viewport.size();
    const box = opening ? boxBounds(opening.box) : { x: 0, y: 0, width: sheet.width, height: sheet.height };
    const { x, y, width, height } = transformBounds(this.viewport.matrix(), box);
    const [left, right] = [Math.max(x, 0), Math.min(x + width, stage.width)];
    const bottom = Math.min(y + height, stage.height);
    return { x: (left + right) / 2, y: height < LOW ? y + height / 2 : bottom - FOOT };
  }
}
