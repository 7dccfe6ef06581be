import type { Project, Sheet } from '../../document/project.js';
import { EditConflict } from './edit-error.js';

/** @throws EditConflict when the sheet is gone. */
export function sheetOf(project: Project, sheetId: string): Sheet {
  const sheet = project.sheets.find(({ id }) => id === sheetId);
  if (!sheet) throw new EditConflict('The sheet is gone');
  return sheet;
}
