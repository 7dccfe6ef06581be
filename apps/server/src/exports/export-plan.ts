import type { ExportRequest } from '@kadrosyn/contract';
import { fileName, fileNames, findSheet, fromPx, isImprint, layPapers, type Project, type Sheet } from '@kadrosyn/core';
import { OUT_FORMATS } from '@kadrosyn/formats';
import { CodedError, notFound } from '../coded-error.js';

/** Largest picture that is drawn, px. */
const PIXEL_LIMIT = 200e6;
/** A WebP file has no room for more px a side. */
const LONGEST_WEBP = 16_383;

/** What an export will be. */
export interface ExportPlan {
  /** Of the file, with its extension. */
  readonly name: string;
  /** px of its largest picture. */
  readonly pixels: number;
}

/**
 * Looks at what was asked for before anything is drawn.
 * @throws CodedError 404 for a sheet that is not there, 422 for what can not be drawn or put onto paper, with what to do instead
 */
export function planExport(project: Project, { sheetIds, file }: ExportRequest): ExportPlan {
  const sheets = sheetIds.map((id) => {
    const sheet = findSheet(project, id);
    if (!sheet) throw notFound('The sheet');
    return sheet;
  });
  const scaleOf = ({ dpi }: Sheet): number => (file.type === 'pdf' ? file.dpi / dpi : file.scale);
  const pixels = Math.max(...sheets.map((sheet) => sheet.width * sheet.height * scaleOf(sheet) ** 2));
  if (pixels > PIXEL_LIMIT) {
    const words = `The picture would have more than ${PIXEL_LIMIT / 1e6} million pixels.`;
    throw new CodedError(422, 'too-large', `${words} ${file.type === 'pdf' ? 'Choose fewer dpi.' : 'Choose fewer px.'}`);
  }
  if (file.type === 'webp' && sheets.some((sheet) => Math.max(sheet.width, sheet.height) * file.scale > LONGEST_WEBP)) {
    throw new CodedError(422, 'too-large', `WebP has room for ${LONGEST_WEBP} px a side. Choose fewer px, or JPEG or PNG.`);
  }
  if (file.type === 'pdf') refuseWhatHasNoRoom(sheets, file);
  return { name: `${nameOf(project, sheets)}.${extensionOf(sheets.length, file)}`, pixels };
}

function refuseWhatHasNoRoom(sheets: readonly Sheet[], file: Extract<ExportRequest['file'], { type: 'pdf' }>): void {
  const { arrange = 'pages', paper = 'a4', gap = 0, bleed = 0, marks = false } = file;
  const inMm = ({ width, height, dpi }: Sheet): { width: number; height: number } => ({
    width: fromPx(width, 'mm', dpi),
    height: fromPx(height, 'mm', dpi),
  });
  try {
    layPapers(sheets.map(inMm), arrange === 'many' ? { kind: 'many', paper, gap } : { kind: arrange }, { bleed, marks });
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    const words =
      arrange === 'folded'
        ? 'These sheets have several sizes, so they can not be folded into one another. Choose sheets of one size.'
        : 'The paper has no room for this sheet with its bleed and marks. Choose a larger paper, or one sheet on each.';
    throw new CodedError(422, 'no-room', words);
  }
}

function nameOf(project: Project, sheets: readonly Sheet[]): string {
  const [sheet, ...more] = sheets;
  if (more.length > 0) return fileName(project.name, null);
  const pages = project.sheets.filter((one) => !isImprint(one) || one.id === sheet!.id);
  const names = fileNames(
    project.name,
    pages.map(({ name }) => name),
  );
  return names[pages.indexOf(sheet!)]!;
}

function extensionOf(count: number, { type }: ExportRequest['file']): string {
  return count > 1 && !OUT_FORMATS[type].holdsSeveral ? 'zip' : OUT_FORMATS[type].extension;
}
