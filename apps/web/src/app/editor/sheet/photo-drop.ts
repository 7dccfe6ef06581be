import { apply, boxCentre, newId, type Edit, type Matrix, type Photo, type Point } from '@kadrosyn/core';
import { fillEdit, layEdit } from '../commands/photo-edits';
import { photoTarget, TARGET_WORDS } from '../commands/photo-target';
import type { EditorSession } from '../session';
import { isOnChip, type StageChip } from './stage-chip';

/** What letting go of a photo would do, ready to be shown and done. */
export interface PhotoDropPlan {
  readonly edit: Edit;
  readonly word: string;
  readonly select: string;
  readonly chip: StageChip | null;
}

/** Plans drops of one photo; edits are kept while the target stays the same, so that a drag computes little. */
export class PhotoDrop {
  private readonly looseId = newId('item');
  private last: { readonly key: string; readonly edit: Edit } | null = null;

  constructor(
    private readonly session: EditorSession,
    private readonly photo: Photo,
  ) {}

  /** @param matrix - maps px of the sheet to css px of the stage. @param pointer - css px of the stage. */
  plan(at: Point, pointer: Point, matrix: Matrix): PhotoDropPlan {
    const { project, sheet, shaper } = this.session.context();
    const target = photoTarget(sheet, at, shaper);
    const { replaceable } = target;
    const chipAt = replaceable && apply(matrix, boxCentre(replaceable.box));
    const armed = chipAt !== null && isOnChip(chipAt, pointer);
    const chip = chipAt ? { words: TARGET_WORDS.replace, at: chipAt, armed } : null;
    const opening = armed ? replaceable : target.opening;
    if (opening) {
      const edit = this.kept(opening.id, () => fillEdit(project, sheet, opening, this.photo, shaper));
      return { edit, word: armed ? TARGET_WORDS.replace : TARGET_WORDS[target.act], select: opening.id, chip };
    }
    this.last = null;
    return { edit: layEdit(project, sheet, this.photo, at, this.looseId), word: TARGET_WORDS.lay, select: this.looseId, chip };
  }

  private kept(key: string, make: () => Edit): Edit {
    if (this.last?.key !== key) this.last = { key, edit: make() };
    return this.last.edit;
  }
}
