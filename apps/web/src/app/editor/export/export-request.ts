import type { ExportFile, ExportRequest } from '@kadrosyn/contract';
import { exportName, findSheet, fromPx, pagesOf, type Project, type Sheet } from '@kadrosyn/core';
import type { ExportSettings, PaperSettings, PictureSettings, PictureSize, Purpose } from './export-settings';

/** As much as a sheet is enlarged. */
export const MOST_SCALE = 20;

/** px of the picture per px of the sheet. */
export function scaleOf(size: PictureSize, sheet: Pick<Sheet, 'width' | 'height'>): number {
  if (size.by === 'scale') return size.scale;
  return Math.min(MOST_SCALE, size.px / (size.by === 'width' ? sheet.width : sheet.height));
}

/** What is asked of the server. @param sheet - the one that is shown */
export function requestOf(settings: ExportSettings, project: Project, sheet: Sheet): ExportRequest {
  const { purpose } = settings;
  const pages = pagesOf(project);
  const name = settings.name.trim() === '' ? {} : { name: settings.name };
  if (purpose === 'project')
    return { sheetIds: (pages.length > 0 ? pages : [sheet]).map(({ id }) => id), file: { type: 'kadro' }, ...name };
  const isAll = pages.includes(sheet) && isOfAll(settings[purpose]);
  const sheetIds = (isAll ? pages : [sheet]).map(({ id }) => id);
  return { sheetIds, file: fileFor(purpose, settings, sheet), ...name };
}

function fileFor(purpose: Exclude<Purpose, 'project'>, settings: ExportSettings, sheet: Sheet): ExportFile {
  switch (purpose) {
    case 'paper':
      return paperFile(settings.paper, sheet);
    case 'layers':
      return { type: 'ora', scale: scaleOf(settings.layers.size, sheet) };
    default:
      return pictureFile(settings[purpose], sheet);
  }
}

/** What a file of a request is called, without its extension. */
export function nameOf({ sheetIds, file, name }: ExportRequest, project: Project): string {
  const sheets = file.type === 'kadro' ? [] : sheetIds.flatMap((id) => findSheet(project, id) ?? []);
  return exportName(project, sheets, { ...file, pattern: name });
}

function pictureFile({ type, size, quality, mostKb, fewColours, onWhite }: PictureSettings, sheet: Sheet): ExportFile {
  const scale = scaleOf(size, sheet);
  if (type === 'png') return { type, scale, fewColours, onWhite };
  return { type, scale, quality, ...(mostKb === null ? {} : { mostBytes: mostKb * 1000 }) };
}

/** Whether every sheet is handed over. */
export function isOfAll({ all }: Pick<PictureSettings | PaperSettings, 'all'>): boolean {
  return all ?? true;
}

/** Whether it is marked where to cut and to fold. */
export function hasMarks(settings: Pick<PaperSettings, 'marks' | 'bleed'>, sheet: Sheet): boolean {
  return settings.marks ?? (bleedOf(settings, sheet) > 0 || (sheet.folds ?? []).length > 0);
}

/** mm that are printed beyond the edges. */
export function bleedOf({ bleed }: Pick<PaperSettings, 'bleed'>, sheet: Sheet): number {
  return bleed ?? Math.round(10 * fromPx(sheet.bleed, 'mm', sheet.dpi)) / 10;
}

function paperFile(settings: PaperSettings, sheet: Sheet): ExportFile {
  const { arrange, dpi, quality, pureGrey, paper, gap } = settings;
  const edges = { bleed: bleedOf(settings, sheet), marks: hasMarks(settings, sheet) };
  return { type: 'pdf', arrange, dpi, quality, pureGrey, paper, gap, ...edges };
}

/** What the file is, for the button: "PNG", "layers". */
export function fileWord({ purpose, ...settings }: ExportSettings): string {
  if (purpose === 'project' || purpose === 'layers') return purpose;
  return purpose === 'paper' ? 'PDF' : FILE_WORDS[settings[purpose].type];
}

export const FILE_WORDS = { png: 'PNG', jpeg: 'JPEG', webp: 'WebP' } as const;
