import { imprintOf, openingsAt, type Point } from '@kadrosyn/core';
import { nextInside, ownerOf } from '../commands/hit-owner';
import type { OutlinePen } from '../modes/pen/outline-pen';
import type { EditorSession } from '../session/session';

/**
 * What a double click at a place of the sheet opens: one level further into a group, the flat sheet of an imprint, or the points of an outline of one's own.
 */
export function goFurther(session: EditorSession, pen: OutlinePen, at: Point): void {
  const { shaper, ...looked } = session.context();
  const { sheet, project } = looked;
  const [hit] = openingsAt(looked, at, shaper, { reach: 2 });
  if (!hit) return;
  const owner = ownerOf(sheet, hit.id, session.selectedItems());
  if (owner !== hit.id) return session.select(nextInside(sheet, hit.id, owner));
  const imprint = imprintOf(project, hit);
  if (imprint) session.showSheet(imprint.sheet.id);
  else if (hit.outline.type === 'path') pen.edit(hit);
}
