import { applyEdit, type Edit, type Operation } from './edit.js';
import { openingsOf } from './find-item.js';
import { isBackground } from './background.js';
import { changeItemOperation, removeItem } from './make-edit.js';
import type { Cutout, Photo, PhotoArea, Project } from './project.js';
import type { NeededMatte } from './references.js';

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

/**
 * The same for a revision of a cutout: what used it shows the whole photo; and for what stands in front of an area: nothing does. Null when the project
 * does not have it.
 */
export function withdrawMatte(project: Project, { photoId, matteSha256 }: NeededMatte): Edit | null {
  const photo = project.photos[photoId];
  if (!photo) return null;
  const inFront = withdrawFront(photo, matteSha256);
  if (inFront) return inFront;
  const has = ({ revisions }: Cutout): boolean => revisions.some((revision) => revision.matteSha256 === matteSha256);
  if (!photo.cutouts?.some(has)) return null;
  const operations: Operation[] = project.sheets.flatMap((sheet) =>
    [...openingsOf(sheet.items)].flatMap((opening) => {
      if (opening.fill.type !== 'photo' || opening.fill.photoId !== photoId) return [];
      const { cutout, show: _shown, ...rest } = opening.fill;
      return cutout?.revision === matteSha256 ? [changeItemOperation(sheet, opening, { fill: rest })] : [];
    }),
  );
  const left = photo.cutouts
    .map((cutout) => ({ ...cutout, revisions: cutout.revisions.filter((each) => each.matteSha256 !== matteSha256) }))
    .filter(({ revisions }) => revisions.length > 0);
  operations.push({ type: 'change-photo', photoId, before: { cutouts: photo.cutouts }, after: { cutouts: left } });
  return { name: `Take out a cutout of ${photo.name}, which could not be stored`, operations };
}

function withdrawFront(photo: Photo, sha256: string): Edit | null {
  const { areas = [] } = photo;
  const has = ({ front }: PhotoArea): boolean => front?.matteSha256 === sha256 || front?.plateSha256 === sha256;
  if (!areas.some(has)) return null;
  const left = areas.map((area) => {
    const { front: _front, ...rest } = area;
    return has(area) ? rest : area;
  });
  return {
    name: `Take out what stands in front of an area of ${photo.name}, which could not be stored`,
    operations: [{ type: 'change-photo', photoId: photo.id, before: { areas }, after: { areas: left } }],
  };
}

/** One edit that takes all of these out; null where the project has none of them. */
export function withdrawFiles(
  project: Project,
  { photoIds, mattes }: { readonly photoIds: readonly string[]; readonly mattes: readonly NeededMatte[] },
): Edit | null {
  const steps = [
    ...photoIds.map((id) => (now: Project) => withdrawPhoto(now, id)),
    ...mattes.map((matte) => (now: Project) => withdrawMatte(now, matte)),
  ];
  const edits: Edit[] = [];
  let now = project;
  for (const step of steps) {
    const edit = step(now);
    if (!edit) continue;
    now = applyEdit(now, edit);
    edits.push(edit);
  }
  const [first] = edits;
  return first ? { name: first.name, operations: edits.flatMap(({ operations }) => operations) } : null;
}
