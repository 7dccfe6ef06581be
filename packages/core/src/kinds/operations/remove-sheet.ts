import { dequal } from 'dequal';
import type { Sheet } from '../../document/project.js';
import { openingsShowing } from '../../document/shown-sheets.js';
import { EditConflict, EditError } from './edit-error.js';
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
  apply: (project, { behind, sheet }) => {
    const { rest } = removedFrom(project.sheets, sheet.id, behind, sheetId);
    if (openingsShowing({ sheets: rest }, sheet.id).length > 0) throw new EditError(`Sheet ${sheet.id} is still shown`);
    return { ...project, sheets: rest };
  },
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
    if (openingsShowing(project, sheet.id).some((showing) => showing.sheet !== sheet))
      throw new EditConflict(`${sheet.name} is shown on another sheet`);
    if (project.sheets.length === 1) throw new EditConflict(`${sheet.name} is the last sheet`);
    return { ...operation, behind: aboveOf(project.sheets, index, sheetId) };
  },
});
