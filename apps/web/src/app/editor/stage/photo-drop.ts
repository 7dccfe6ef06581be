import { acceptAt, newId, type Acceptance, type Edit, type Opening, type Photo, type Point } from '@kadrosyn/core';
import { fillEdit, groundEdit, layEdit, type Laying } from '../commands/photo-edits';
import { ACT_WORDS, TARGET_WORDS } from '../commands/target-words';
import type { EditorSession } from '../session/session';
import type { StageChip } from './stage-chip';
import { TargetChips } from './target-chip';
import type { Viewport } from './viewport';

/** What letting go of a photo would do, ready to be shown and done. */
export interface PhotoDropPlan {
  readonly edit: Edit;
  readonly word: string;
  readonly select: string | null;
  readonly chip: StageChip | null;
}

/** Plans drops of one photo; edits are kept while the target stays the same, so that a drag computes little. */
export class PhotoDrop {
  private readonly laying: Required<Laying>;
  private readonly targets: TargetChips;
  private last: { readonly key: string; readonly edit: Edit } | null = null;

  constructor(
    private readonly session: EditorSession,
    private readonly viewport: Viewport,
    private readonly photo: Photo,
    kind: Required<Laying>['kind'],
  ) {
    this.laying = { id: newId('item'), kind };
    this.targets = new TargetChips(viewport);
  }

  /** @param pointer - css px of the stage. */
  plan(pointer: Point): PhotoDropPlan {
    const context = this.session.context();
    const at = this.viewport.toSheet(pointer);
    const { act, opening, target } = acceptAt({ what: 'photo' }, context, at, context.shaper);
    const shown = this.targets.show(target, context.sheet, pointer);
    const chip = shown?.chip ?? null;
    if (shown?.chip.armed) {
      const { act: wanted, opening: taker } = shown.target;
      const word = TARGET_WORDS[wanted];
      if (!taker) return { edit: this.kept('ground', () => groundEdit(context, this.photo)), word, select: null, chip };
      return { ...this.filling(taker), word, chip };
    }
    const word = dropWord(act, opening);
    if (opening) return { ...this.filling(opening), word, chip };
    this.last = null;
    return { edit: layEdit(context, this.photo, at, this.laying), word, select: this.laying.id, chip };
  }

  private filling(opening: Opening): Pick<PhotoDropPlan, 'edit' | 'select'> {
    const edit = this.kept(opening.id, () => fillEdit(this.session.context(), opening, this.photo));
    return { edit, select: opening.id };
  }

  private kept(key: string, make: () => Edit): Edit {
    if (this.last?.key !== key) this.last = { key, edit: make() };
    return this.last.edit;
  }
}

/** "Fill Arch", "Lay on top". */
export function dropWord(act: Acceptance['act'], opening: Opening | null): string {
  const word = act === 'fill' || act === 'replace' ? ACT_WORDS[act] : ACT_WORDS.lay;
  return opening ? `${word} ${opening.name}` : word;
}
