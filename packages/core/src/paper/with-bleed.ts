import { applyEdit } from '../document/edit.js';
import type { Project } from '../document/project.js';
import { trimSheet } from '../document/trim-sheet.js';

/**
 * A project in which a sheet goes beyond its edges: what lies out there is seen, and its ground and background cover it too. Everything lies further from its corner by
 * the bleed. @param bleed - px of the sheet
 */
export function withBleed(project: Project, sheetId: string, bleed: number): Project {
  const sheet = project.sheets.find(({ id }) => id === sheetId);
  if (!sheet || bleed === 0) return project;
  return applyEdit(project, trimSheet(sheet, { left: -bleed, top: -bleed, right: -bleed, bottom: -bleed }));
}
