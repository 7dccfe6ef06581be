import type { Drawing } from '../canvas/drawing.js';

/** Longest side of a sheet at working size, px; drafts are coarser. */
const WORKING_SIDE = 1500;
const DRAFT_SIDE = 96;

/** Px at working size per px of the sheet. Labels are made at this size; masks are rebuilt at the size of the output. */
export function workingScale({ sheet, resources }: Pick<Drawing, 'sheet' | 'resources'>): number {
  return Math.min(1, (resources.draft ? DRAFT_SIDE : WORKING_SIDE) / Math.max(sheet.width, sheet.height));
}
