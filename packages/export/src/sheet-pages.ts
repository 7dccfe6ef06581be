import type { ExportFile } from '@kadrosyn/contract';
import { multiply, resolveSheet, scaling, toPx, transformPath, translation, withBleed, type ResolvedSheet } from '@kadrosyn/core';
import type { Page, PageLayer, PagePart } from '@kadrosyn/formats';
import { sheetLayers, sheetParts, type RenderResources, type SheetLayer, type SheetPart } from '@kadrosyn/render';
import { NODE_ENVIRONMENT, renderSheet } from '@kadrosyn/render/node';
import { photosOfSheet } from './photos-of-sheet.js';
import { shaperOf } from './shaper-of.js';
import type { WriteTask } from './write-task.js';

/** A file of pages that are drawn. */
export type PagesFile = Exclude<ExportFile, { type: 'kadro' }>;

/** What decoding and drawing took, ms. */
export interface Times {
  decode: number;
  render: number;
}

/** The sheets as pages: nothing is drawn yet. @param times - what is drawn and decoded is added to, ms */
export function sheetPages(
  task: WriteTask,
  file: PagesFile,
  times: Times = { decode: 0, render: 0 },
  onProgress?: (share: number) => void,
): Page[] {
  const count = task.sheetIds.length;
  return task.sheetIds.map((sheetId, index) =>
    sheetPage(task, { sheetId, file }, times, (share) => onProgress?.((index + share) / count)),
  );
}

/** All that a sheet is drawn with, its photos decoded. @param onProgress - gets the share of them that is, 0 to 1 */
export async function sheetResources(
  task: Omit<WriteTask, 'sheetIds' | 'file'>,
  sheetId: string,
  onProgress: (share: number) => void,
): Promise<RenderResources> {
  const shaper = await shaperOf(task);
  const source = await photosOfSheet(task, sheetId, onProgress);
  return { environment: NODE_ENVIRONMENT, photos: task.project.photos, source, shaper };
}

/** One sheet, drawn when a format asks for it. */
function sheetPage(
  task: WriteTask,
  { sheetId, file }: { readonly sheetId: string; readonly file: PagesFile },
  times: Times,
  report: (share: number) => void,
): Page {
  const sheet = resolveSheet(task.project, sheetId);
  if (!sheet) throw new Error(`Sheet ${sheetId} is not in the project`);
  const scale = file.type === 'pdf' ? file.dpi / sheet.dpi : file.scale;
  const bleed = file.type === 'pdf' ? toPx(file.bleed ?? 0, 'mm', sheet.dpi) : 0;
  const resources = async (): Promise<RenderResources> => {
    const begun = performance.now();
    const given = await sheetResources(task, sheetId, (share) => report(0.6 * share));
    times.decode += performance.now() - begun;
    return given;
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
    layers: async () => {
      const given = await resources();
      const layers = sheetLayers(sheet, given).map((layer) => pageLayer(layer, scale, drawn));
      return { layers, pixels: () => drawn(() => renderSheet(sheet, scale, given)) };
    },
  };
}

/** A part of a sheet in px of the file; null where it turned out to be empty. @param bleed - px of the sheet by which its corner lies beyond the cut */
function pagePart(part: SheetPart, scale: number, bleed: number): PagePart | null {
  const out = -bleed * scale;
  if (part.kind === 'outline')
    return { ...part, path: transformPath(multiply(translation(out, out), scaling(scale)), part.path) };
  const drawn = part.draw(scale);
  return drawn && { kind: 'picture', pixels: drawn.pixels, at: { x: drawn.at.x + out, y: drawn.at.y + out } };
}

/** A layer of a sheet in px of the file. @param drawn - counts the time of what it is given to draw */
function pageLayer(layer: SheetLayer, scale: number, drawn: <T>(draw: () => T) => T): PageLayer {
  if (layer.kind === 'stack') return { ...layer, layers: layer.layers.map((inner) => pageLayer(inner, scale, drawn)) };
  return { ...layer, draw: () => drawn(() => layer.draw(scale)) };
}
