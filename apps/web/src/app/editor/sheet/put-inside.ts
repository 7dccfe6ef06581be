import { apply, boxCentre, openingsAt, type Edit, type Matrix, type Opening, type Point } from '@kadrosyn/core';
import { putInsideEdit } from '../commands/photo-edits';
import type { EditorSession } from '../session';
import { isOnChip, type StageChip } from './stage-chip';

/**
 * The target that appears on a shaped opening while a loose photo is moved across it. Only letting go on the target
 * puts the photo inside; everywhere else the photo just lies on top.
 */
export function putInsideTarget(
  session: EditorSession,
  loose: Opening,
  at: Point,
  pointer: Point,
  matrix: Matrix,
): { readonly chip: StageChip; readonly edit: Edit | null; readonly openingId: string } | null {
  if (loose.kind !== 'loose' || loose.fill.type !== 'photo') return null;
  const { project, sheet, shaper } = session.context();
  const below = openingsAt(sheet.items, at, shaper, { reach: 0 });
  const opening = below.find((other) => other.id !== loose.id && other.kind === 'shaped' && other.outline.type !== 'lettering');
  if (!opening) return null;
  const chipAt = apply(matrix, boxCentre(opening.box));
  const armed = isOnChip(chipAt, pointer);
  const edit = armed ? putInsideEdit(project, sheet, loose, opening, shaper) : null;
  return { chip: { words: 'Put inside', at: chipAt, armed }, edit, openingId: opening.id };
}
