import type { Sheet } from '../../document/project.js';
import { fillNames } from './item-names.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { pageOf } from './pages.js';
import { mergedChange, reconciledChange, refittedChange, withProperties, type Properties } from './properties.js';
import { sheetOf } from './sheet-of.js';

/** What is kept one by one, in operations of its own, is not among these. */
export type SheetProperties = Properties<Omit<Sheet, 'id' | 'items' | 'crossings' | 'guides' | 'placements'>>;

export interface ChangeSheet {
  readonly type: 'change-sheet';
  readonly sheetId: string;
  readonly before: SheetProperties;
  readonly after: SheetProperties;
}

export const changeSheet = defineOperation<'change-sheet', ChangeSheet>({
  type: 'change-sheet',
  apply: (project, { sheetId: id, after }) => {
    const { index, sheet } = pageOf(project, id);
    return { ...project, sheets: project.sheets.with(index, withProperties(sheet, after)) };
  },
  invert: (operation) => ({ ...operation, before: operation.after, after: operation.before }),
  touches: ({ sheetId: id, after }) => ({
    needs: [nameOf.sheet(id), ...fillNames(id, after.background)],
    makes: [],
    takes: [],
  }),
  merge: (earlier, later) => (earlier.sheetId === later.sheetId ? mergedChange(earlier, later) : null),
  isSame: (operation, over) => operation.sheetId === over.sheetId,
  reconcile: reconciledChange,
  refit: (project, operation) => refittedChange(sheetOf(project, operation.sheetId), operation),
});
