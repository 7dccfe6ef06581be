import { EditConflict } from './edit-error.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { aboveOf, insertedAbove, presentAbove, removedFrom } from './ordered-list.js';
import { pageOf, pageSlot, sheetId } from './pages.js';

export interface MoveSheet {
  readonly type: 'move-sheet';
  readonly sheetId: string;
  readonly from: string | null;
  /** As the pages are without it. */
  readonly to: string | null;
}

export const moveSheet = defineOperation<'move-sheet', MoveSheet>({
  type: 'move-sheet',
  apply: (project, operation) => {
    const { rest, value } = removedFrom(project.sheets, operation.sheetId, operation.from, sheetId);
    return { ...project, sheets: insertedAbove(rest, operation.to, value, sheetId) };
  },
  invert: (operation) => ({ ...operation, from: operation.to, to: operation.from }),
  touches: ({ sheetId: id, from, to }) => ({
    needs: [nameOf.sheet(id)],
    makes: [],
    takes: [],
    from: pageSlot(id, from),
    to: pageSlot(id, to),
  }),
  moved: (operation, { from, to }) => ({ ...operation, from: from!.above, to: to!.above }),
  isSame: (operation, over) => operation.sheetId === over.sheetId,
  reconcile: (operation, over) => {
    if (operation.to !== over.to) throw new EditConflict('Both moved the same sheet');
    return null;
  },
  refit: (project, operation) => {
    const { index } = pageOf(project, operation.sheetId);
    const others = project.sheets.toSpliced(index, 1);
    return {
      ...operation,
      from: aboveOf(project.sheets, index, sheetId),
      to: presentAbove(others, operation.to, sheetId),
    };
  },
});
