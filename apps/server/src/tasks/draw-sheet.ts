import { referencesOf, resolveSheet, type Shaper } from '@kadrosyn/core';
import { DecodedPhotoSource } from '@kadrosyn/render';
import { writePages } from '@kadrosyn/formats';
import { decodePhoto, loadShaperFrom, NODE_ENVIRONMENT, renderSheet } from '@kadrosyn/render/node';
import type { RenderedFile, RenderTask } from './tasks.js';

let shaper: Promise<Shaper> | undefined;

/** HarfBuzz with the faces of the application, loaded once for each process. */
export function loadedShaper(facesFolder: string): Promise<Shaper> {
  return (shaper ??= loadShaperFrom(facesFolder));
}

/**
 * Draws one sheet and gives the picture file.
 * @param onProgress - gets the share that is done, 0 to 1.
 * @throws Error when the sheet is not in the project.
 */
export async function drawSheet(task: RenderTask, onProgress?: (share: number) => void): Promise<RenderedFile> {
  const from = performance.now();
  const sheet = resolveSheet(task.project, task.sheetId);
  if (!sheet) throw new Error(`Sheet ${task.sheetId} is not in the project`);
  const report = (share: number): void => onProgress?.(share);
  const own = Object.entries(task.faceFiles).map(([id, file]) => ({ id, files: [file] }));
  const shipped = await loadedShaper(task.facesFolder);
  const setter = own.length > 0 ? shipped.with(own) : shipped;
  const source = new DecodedPhotoSource(NODE_ENVIRONMENT);
  const files = Object.entries(task.photoFiles);
  for (const [index, [id, { bytes, level }]] of files.entries()) {
    const photo = task.project.photos[id];
    if (photo) source.add(id, await decodePhoto(bytes), level, photo);
    report((0.5 * (index + 1)) / files.length);
  }
  for (const { photoId, matteSha256 } of referencesOf(task.project, [sheet.id]).mattes) {
    const [photo, file] = [task.project.photos[photoId], task.matteFiles[`${photoId}/${matteSha256}`]];
    if (photo && file && photoId in task.photoFiles) {
      source.addCutout(photoId, matteSha256, await decodePhoto(file.bytes), file.level, photo);
    }
  }
  report(0.6);
  const decoded = performance.now();
  const pixels = renderSheet(sheet, task.scale, { photos: task.project.photos, source, shaper: setter });
  report(0.8);
  const drawn = performance.now();
  const page = { dpi: Math.round(sheet.dpi * task.scale), pixels: () => pixels };
  const file = await writePages(task.type, [page], { quality: task.quality });
  report(1);
  const times = { decode: decoded - from, render: drawn - decoded, encode: performance.now() - drawn };
  return { file, times };
}
