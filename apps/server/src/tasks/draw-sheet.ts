import { referencesOf, resolveSheet, scaling, transformPath, type Shaper } from '@kadrosyn/core';
import { writePages, type Page, type PagePart } from '@kadrosyn/formats';
import { DecodedPhotoSource, sheetParts, type SheetPart } from '@kadrosyn/render';
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
  let render = 0;
  const drawn = <T>(draw: () => T): T => {
    const begun = performance.now();
    const picture = draw();
    render += performance.now() - begun;
    report(0.8);
    return picture;
  };
  const resources = { environment: NODE_ENVIRONMENT, photos: task.project.photos, source, shaper: setter };
  const page: Page = {
    dpi: sheet.dpi * task.scale,
    size: { width: sheet.width * task.scale, height: sheet.height * task.scale },
    title: task.project.name,
    pixels: () => drawn(() => renderSheet(sheet, task.scale, resources)),
    parts: function* () {
      for (const part of sheetParts(sheet, resources)) {
        const made = drawn(() => pagePart(part, task.scale));
        if (made) yield made;
      }
    },
  };
  const file = await writePages(task.type, [page], { quality: task.quality });
  report(1);
  const times = { decode: decoded - from, render, encode: performance.now() - decoded - render };
  return { file, times };
}

/** A part of a sheet in px of the file; null where it turned out to be empty. */
function pagePart(part: SheetPart, scale: number): PagePart | null {
  if (part.kind === 'outline') return { ...part, path: transformPath(scaling(scale), part.path) };
  const drawn = part.draw(scale);
  return drawn && { kind: 'picture', ...drawn };
}
