import { photosUsed, type Project } from '@kadrosyn/core';
import type { Services } from '../services.js';
import type { PhotoBytes } from '../tasks/task-worker.js';

/** Longest side of a project's picture, px. */
const THUMBNAIL_SIDE = 440;

/** A small PNG of the first sheet of a document. */
export async function drawThumbnail(services: Services, workspaceId: string, document: Project): Promise<Buffer> {
  const sheet = document.sheets[0]!;
  const photos = services.photos(workspaceId);
  const photoFiles: Record<string, PhotoBytes> = {};
  for (const id of photosUsed({ ...document, sheets: [sheet] })) {
    // A picture of this size needs no more than the screen file.
    const file = await photos.file(id, 'screen');
    const level = (await photos.find(id))?.screenLevel;
    if (file && level !== undefined) photoFiles[id] = { bytes: file.bytes, level };
  }
  const bytes = await services.tasks.render({
    project: document,
    sheetId: sheet.id,
    scale: Math.min(1, THUMBNAIL_SIDE / Math.max(sheet.width, sheet.height)),
    type: 'png',
    quality: 90,
    photoFiles,
    facesFolder: services.config.facesFolder,
    faceFiles: await services.faces(workspaceId).filesFor(document),
  });
  return Buffer.from(bytes);
}
