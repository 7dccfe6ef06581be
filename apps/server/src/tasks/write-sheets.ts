import {
  fileNames,
  resolveSheet,
  scaling,
  toPx,
  transformPath,
  translation,
  multiply,
  withBleed,
  type Shaper,
  type ResolvedSheet,
} from '@kadrosyn/core';
import { OUT_FORMATS, TooManyBytes, writePages, type Page, type PagePart } from '@kadrosyn/formats';
import { sheetParts, type RenderResources, type SheetPart } from '@kadrosyn/render';
import { loadShaperFrom, NODE_ENVIRONMENT, renderSheet } from '@kadrosyn/render/node';
import { zipOf } from './zip-of.js';
import { PhotosOfSheet } from './photos-of-sheet.js';
import type { WrittenFile, WriteTask } from './tasks.js';

let shaper: Promise<Shaper> | undefined;

/** HarfBuzz with the faces of the application, loaded once for each process. */
export function loadedShaper(facesFolder: string): Promise<Shaper> {
  return (shaper ??= loadShaperFrom(facesFolder));
}

/**
 * Draws sheets and writes them as a file: several that are pictures as an archive of them.
 * @param onProgress - gets the share that is done, 0 to 1.
 * @throws Error when a sheet is not in the project, RangeError for what can not be put onto paper.
 */
export async function writeSheets(task: WriteTask, onProgress?: (share: number) => void): Promise<WrittenFile> {
  const from = performance.now();
  const times = { decode: 0, render: 0 };
  const count = task.sheetIds.length;
  const pages = await sheetPages(task, times, onProgress);
  const { type, scale: _scale, dpi: _dpi, ...options } = { scale: 1, dpi: 72, ...task.file };
  const ended = (file: Uint8Array): WrittenFile => {
    onProgress?.(1);
    return { file, times: { ...times, encode: performance.now() - from - times.decode - times.render } };
  };
  try {
    if (OUT_FORMATS[type].holdsSeveral || count === 1) return ended(await writePages(type, pages, options));
    const names = fileNames(
      task.project.name,
      task.sheetIds.map((id) => task.project.sheets.find((sheet) => sheet.id === id)!.name),
    );
    const files: [string, Uint8Array][] = [];
    for (const [index, page] of pages.entries())
      files.push([`${names[index]!}.${OUT_FORMATS[type].extension}`, await writePages(type, [page], options)]);
    return ended(zipOf(files));
  } catch (error) {
    if (error instanceof TooManyBytes) return { tooManyBytes: error.bytes };
    throw error;
  }
}

/** The sheets as pages: nothing is drawn yet. @param times - what is drawn and decoded is added to, ms */
export function sheetPages(
  task: WriteTask,
  times = { decode: 0, render: 0 },
  onProgress?: (share: number) => void,
): Promise<Page[]> {
  const count = task.sheetIds.length;
  const pages = task.sheetIds.map((id, index) => sheetPage(task, id, times, (share) => onProgress?.((index + share) / count)));
  return Promise.all(pages);
}

/** One sheet, drawn when a format asks for it. */
async function sheetPage(
  task: WriteTask,
  sheetId: string,
  times: { decode: number; render: number },
  report: (share: number) => void,
): Promise<Page> {
  const { file } = task;
  const sheet = resolveSheet(task.project, sheetId);
  if (!sheet) throw new Error(`Sheet ${sheetId} is not in the project`);
  const setter = await shaperOf(task);
  const scale = file.type === 'pdf' ? file.dpi / sheet.dpi : file.scale;
  const bleed = file.type === 'pdf' ? toPx(file.bleed ?? 0, 'mm', sheet.dpi) : 0;
  const photos = new PhotosOfSheet(task, sheetId);
  const resources = async (): Promise<RenderResources> => {
    const begun = performance.now();
    const source = await photos.source((share) => report(0.6 * share));
    times.decode += performance.now() - begun;
    return { environment: NODE_ENVIRONMENT, photos: task.project.photos, source, shaper: setter };
  };
  const drawn = <T>(draw: () => T): T => {
    const begun = performance.now();
    const picture = draw();
    times.render += performance.now() - begun;
    report(0.8);
    return picture;
  };
  return {
    dpi: sheet.dpi * scale,
    size: { width: sheet.width * scale, height: sheet.height * scale },
    title: task.project.name,
    folds: (sheet.folds ?? []).map((fold) => ({ ...fold, at: fold.at * scale })),
    pixels: async () => {
      const given = await resources();
      return drawn(() => renderSheet(sheet, scale, given));
    },
    parts: async function* () {
      const given = await resources();
      const wide: ResolvedSheet = bleed > 0 ? resolveSheet(withBleed(task.project, sheetId, bleed), sheetId)! : sheet;
      for (const part of sheetParts(wide, given)) {
        const made = drawn(() => pagePart(part, scale, bleed));
        if (made) yield made;
      }
    },
  };
}

/** With the fonts of the workspace's own that the project needs. */
async function shaperOf({ facesFolder, faceFiles }: WriteTask): Promise<Shaper> {
  const own = Object.entries(faceFiles).map(([id, file]) => ({ id, files: [file] }));
  const shipped = await loadedShaper(facesFolder);
  return own.length > 0 ? shipped.with(own) : shipped;
}

/** A part of a sheet in px of the file; null where it turned out to be empty. @param bleed - px of the sheet by which its corner lies beyond the cut */
function pagePart(part: SheetPart, scale: number, bleed: number): PagePart | null {
  const out = -bleed * scale;
  if (part.kind === 'outline')
    return { ...part, path: transformPath(multiply(translation(out, out), scaling(scale)), part.path) };
  const drawn = part.draw(scale);
  return drawn && { kind: 'picture', pixels: drawn.pixels, at: { x: drawn.at.x + out, y: drawn.at.y + out } };
}
