import type { ExportRequest } from '@kadrosyn/contract';
import { exportName, findSheet, laySheets, type Project, type Sheet } from '@kadrosyn/core';
import { fileKindOf } from './file-kind.js';
import { pictureScale } from './write-project.js';

/** Largest picture that is drawn, px. */
const PIXEL_LIMIT = 200e6;
/** A WebP file has no room for more px a side. */
const LONGEST_WEBP = 16_383;

/** Why something is not handed over, and what to do instead. */
export class ExportRefused extends Error {
  constructor(
    readonly code: 'no-sheet' | 'too-large' | 'no-room',
    message: string,
  ) {
    super(message);
  }
}

/** What an export will be. */
export interface ExportPlan {
  /** Of the file, with its extension. */
  readonly name: string;
  /** px of its largest picture. */
  readonly pixels: number;
}

/**
 * Looks at what was asked for before anything is drawn.
 * @throws ExportRefused for a sheet that is not there, and for what can not be drawn or put onto paper
 */
export function planExport(project: Project, { sheetIds, file, name: pattern }: ExportRequest): ExportPlan {
  const sheets = sheetIds.map((id) => {
    const sheet = findSheet(project, id);
    if (!sheet) throw new ExportRefused('no-sheet', 'The sheet is not there any more.');
    return sheet;
  });
  const extension = fileKindOf({ sheetIds, file }).extension;
  const scaleOf = (sheet: Sheet): number => {
    if (file.type === 'kadro') return pictureScale(sheet);
    return file.type === 'pdf' ? file.dpi / sheet.dpi : file.scale;
  };
  const pixels = Math.max(...sheets.map((sheet) => sheet.width * sheet.height * scaleOf(sheet) ** 2));
  if (pixels > PIXEL_LIMIT) {
    const words = `The picture would have more than ${PIXEL_LIMIT / 1e6} million pixels.`;
    throw new ExportRefused('too-large', `${words} ${file.type === 'pdf' ? 'Choose fewer dpi.' : 'Choose fewer px.'}`);
  }
  if (file.type === 'webp' && sheets.some((sheet) => Math.max(sheet.width, sheet.height) * file.scale > LONGEST_WEBP)) {
    throw new ExportRefused('too-large', `WebP has room for ${LONGEST_WEBP} px a side. Choose fewer px, or JPEG or PNG.`);
  }
  if (file.type === 'pdf') refuseWhatHasNoRoom(sheets, file);
  const name = exportName(project, file.type === 'kadro' ? [] : sheets, { ...file, pattern });
  return { name: `${name}.${extension}`, pixels };
}

function refuseWhatHasNoRoom(sheets: readonly Sheet[], file: Extract<ExportRequest['file'], { type: 'pdf' }>): void {
  try {
    laySheets(sheets, file);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    const words =
      file.arrange === 'folded'
        ? 'These sheets have several sizes, so they can not be folded into one another. Choose sheets of one size.'
        : 'The paper has no room for this sheet with its bleed and marks. Choose a larger paper, or one sheet on each.';
    throw new ExportRefused('no-room', words);
  }
}
