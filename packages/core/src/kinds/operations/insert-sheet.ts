import { dequal } from 'dequal';
import type { Sheet } from '../../document/project.js';
import { EditConflict, EditError } from './edit-error.js';
import { defineOperation } from './operation-kind.js';
import { insertedAbove, presentAbove } from './ordered-list.js';
import { namesNeededOn, namesOn, pageSlot, sheetId } from './pages.js';

export interface InsertSheet {
  readonly type: 'insert-sheet';
  /** The page behind which it comes; null for the first. */
  readonly behind: string | null;
  readonly sheet: Sheet;
}

export const insertSheet = defineOperation<'insert-sheet', InsertSheet>({
  type: 'insert-sheet',
  apply: (project, { behind, sheet }) => {
    if (project.sheets.some(({ id }) => id === sheet.id)) throw new EditError(`Sheet ${sheet.id} is there already`);
    return { ...project, sheets: insertedAbove(project.sheets, behind, sheet, sheetId) };
  },
  invert: (operation) => ({ ...operation, type: 'remove-sheet' }),
  touches: ({ behind, sheet }) => ({
    needs: namesNeededOn(sheet),
    makes: namesOn(sheet),
    takes: [],
    to: pageSlot(sheet.id, behind),
  }),
  moved: (operation, { to }) => ({ ...operation, behind: to!.above }),
  isSame: (operation, over) => operation.sheet.id === over.sheet.id,
  reconcile: (operation, over) => {
    if (!dequal(operation.sheet, over.sheet)) throw new EditConflict(`${operation.sheet.name} is there already`);
    return null;
  },
  refit: (project, operation) => {
    if (project.sheets.some(({ id }) => id === operation.sheet.id))
      throw new EditConflict(`${operation.sheet.name} is there already`);
    return { ...operation, behind: presentAbove(project.sheets, operation.behind, sheetId) };
  },
});
