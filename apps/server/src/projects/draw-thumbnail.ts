import { pagesOf, type Project } from '@kadrosyn/core';
import { fileOf } from '@kadrosyn/export';
import type { Services } from '../services.js';
import { filesToDraw } from '../photos/files-to-draw.js';

/** Longest side of a project's picture, px. */
const THUMBNAIL_SIDE = 440;

/** A small PNG of the first sheet of a document. @param isAsked - somebody waits for it: it goes before those that are drawn ahead. */
export async function drawThumbnail(
  services: Services,
  workspaceId: string,
  document: Project,
  isAsked: boolean,
): Promise<Buffer> {
  // An imprint is no page.
  const sheet = pagesOf(document)[0] ?? document.sheets[0]!;
  // A picture of this size needs no more than the screen files.
  const files = await filesToDraw(services.db, workspaceId, { project: document, sheetIds: [sheet.id] }, 'screen');
  const written = await services.tasks.thumbnail(
    {
      project: document,
      sheetIds: [sheet.id],
      file: { type: 'png', scale: Math.min(1, THUMBNAIL_SIDE / Math.max(sheet.width, sheet.height)) },
      ...files,
      facesFolder: services.config.facesFolder,
      faceFiles: await services.faces(workspaceId).filesFor(document),
    },
    { isUrgent: isAsked },
  );
  return Buffer.from(fileOf(written));
}
