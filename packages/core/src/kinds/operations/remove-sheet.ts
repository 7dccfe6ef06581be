import { dequal } from 'dequal';
import type { Sheet } from '../../document/project.js';
import { EditConflict } from './edit-error.js';
import { defineOperation } from './operation-kind.js';
import { aboveOf, removedFrom } from './ordered-list.js';
import { namesOn, pageOf, pageSlot, sheetId } from './pages.js';

export interface RemoveSheet {
  readonly type: 'remove-sheet';
  readonly behind: string | null;
  /** As it is when it is taken out, so that it can come back. */
  readonly sheet: Sheet;
}

export const removeSheet = defineOperation<'remove-sheet', RemoveSheet>({
  type: 'remove-sheet',
  apply: (project, { behind, sheet }) => ({ ...project, sheets: removedFrom(project.sheets, sheet.id, behind, sheetId).rest }),
  invert: (operation) => ({ ...operation, type: 'insert-sheet' }),
  touches: ({ behind, sheet }) => ({ needs: [], makes: [], takes: namesOn(sheet), from: pageSlot(sheet.id, behind) }),
  moved: (operation, { from }) => ({ ...operation, behind: from!.above }),
  // Two people who each take a sheet away could leave none.
  isSame: () => true,
  reconcile: (operation, over) => {
    if (!dequal(operation.sheet, over.sheet)) throw new EditConflict('Both took a sheet away');
    return null;
  },
  refit: (project, operation) => {
    const { sheet, index } = pageOf(project, operation.sheet.id);
    if (!dequal(sheet, operation.sheet)) throw new EditConflict(`${sheet.name} was changed`);
    if (project.sheets.length === 1) throw new EditConflict(`${sheet.name} is the last sheet`);
    return { ...operation, behind: aboveOf(project.sheets, index, sheetId) };
  },
});
