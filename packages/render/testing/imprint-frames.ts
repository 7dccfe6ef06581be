import { applyEdit, isImprint, resolvedIn, transformItems, translation, type Project, type ResolvedSheet } from '@kadrosyn/core';
import type { PhotoSource, RenderResources } from '@kadrosyn/render';

/** The first sheet of a project while what is printed on a product is dragged there: at another place in each frame. */
export function artworkMoved(project: Project, step: number): ResolvedSheet {
  const [x, y] = [40 * Math.sin(step * 0.7) + step * 0.6, 30 * Math.cos(step * 0.9)];
  const operations = project.sheets.filter(isImprint).flatMap((sheet) => transformItems(sheet, sheet.items, translation(x, y)));
  const after = applyEdit(project, { name: '', operations });
  return resolvedIn(after, after.sheets[0]!);
}

/** As in the editor: sheets that others show are drawn elsewhere, and have not come yet. */
export function awaiting(resources: RenderResources): RenderResources {
  const { source } = resources;
  const waiting: PhotoSource = {
    level: (photoId, scale) => source.level(photoId, scale),
    subject: (photoId, matteSha256, scale) => source.subject?.(photoId, matteSha256, scale),
    shown: () => undefined,
  };
  return { ...resources, source: waiting };
}
