import {
  acceptAt,
  layLoose,
  movePhoto,
  putInsideEdit,
  swapPhotos,
  type Carried,
  type DropTarget,
  type Edit,
  type Point,
} from '@kadrosyn/core';
import type { EditorSession } from '../session/session';
import type { StageChip } from './stage-chip';
import type { TargetChips } from './target-chip';
import type { Viewport } from './viewport';

/** The target under what is being moved, and what letting go on it does. */
export interface CarriedTarget {
  readonly chip: StageChip;
  /** Null while the pointer is not on the target. */
  readonly edit: Edit | null;
  readonly select?: string;
}

/**
 * The target that appears where something of the sheet is moved across what could take it. Only letting go on the target does it; everywhere
 * else the item just moves.
 * @param targets - of this drag.
 * @param pointer - css px of the stage.
 */
export function carriedTarget(
  session: EditorSession,
  viewport: Viewport,
  targets: TargetChips,
  carried: Extract<Carried, { readonly item: unknown }>,
  pointer: Point,
): CarriedTarget | null {
  const { shaper, ...looked } = session.context();
  const { target } = acceptAt(carried, looked, viewport.toSheet(pointer), shaper);
  const shown = targets.show(target, looked.sheet, pointer);
  if (!shown) return null;
  const { chip } = shown;
  return { chip, ...(chip.armed ? editFor(session, carried, shown.target) : { edit: null }) };
}

function editFor(
  session: EditorSession,
  { item }: Extract<Carried, { readonly item: unknown }>,
  { act, opening }: DropTarget,
): Pick<CarriedTarget, 'edit' | 'select'> {
  const context = session.context();
  if (!opening) {
    const laid = layLoose(context, item);
    return laid ? { edit: laid.edit, select: laid.id } : { edit: null };
  }
  const make = act === 'swap' ? swapPhotos : act === 'move-here' ? movePhoto : putInsideEdit;
  return { edit: make(context, item, opening), select: opening.id };
}
