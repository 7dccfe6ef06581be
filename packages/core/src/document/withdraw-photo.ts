import type { Edit, Operation } from './edit.js';
import { openingsOf } from './find-item.js';
import { isBackground } from './background.js';
import { changeItemOperation, removeItem } from './make-edit.js';
import type { Project } from './project.js';

/**
 * Takes a photo that could not be stored out of everything that shows it, on all sheets and as their ground, and out of the project: what can not be
 * kept must not look kept. Null when the project does not have it.
 */
export function withdrawPhoto(project: Project, photoId: string): Edit | null {
  const photo = project.photos[photoId];
  if (!photo) return null;
  const operations: Operation[] = [];
  for (const sheet of project.sheets) {
    for (const opening of openingsOf(sheet.items)) {
      if (opening.fill.type !== 'photo' || opening.fill.photoId !== photoId) continue;
      if (isBackground(opening)) {
        operations.push(...removeItem(sheet, opening.id, '').operations);
        continue;
      }
      operations.push(changeItemOperation(sheet, opening, { fill: { type: 'none' } }));
    }
  }
  operations.push({ type: 'remove-photo', photo });
  return { name: `Take out ${photo.name}, which could not be stored`, operations };
}
