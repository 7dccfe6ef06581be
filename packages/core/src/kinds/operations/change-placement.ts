import { dequal } from 'dequal';
import type { Placement } from '../../document/fill.js';
import { EditConflict } from './edit-error.js';
import { changedSheet } from './item-tree.js';
import type { ChangeEntry } from './kept-entry.js';
import { defineOperation, nameOf } from './operation-kind.js';
import { sheetOf } from './sheet-of.js';

export type ChangePlacement = ChangeEntry<'change-placement', Placement>;

/** Placements have no order: they are found by name, so nothing comes behind anything. */
export const changePlacement = defineOperation<'change-placement', ChangePlacement>({
  type: 'change-placement',
  apply: (project, { sheetId, key, after }) =>
    changedSheet(project, sheetId, (sheet) => {
      const { [key]: _before, ...placements } = sheet.placements;
      return { ...sheet, placements: after === null ? placements : { ...sheet.placements, [key]: after } };
    }),
  invert: (operation) => ({ ...operation, before: operation.after, after: operation.before }),
  touches: ({ sheetId, key, before, after }) => {
    const own = nameOf.placement(sheetId, key);
    return {
      needs: [nameOf.sheet(sheetId), ...(before !== null && after !== null ? [own] : [])],
      makes: before === null ? [own] : [],
      takes: after === null ? [own] : [],
    };
  },
  merge: (earlier, later) =>
    earlier.sheetId === later.sheetId && earlier.key === later.key ? { ...later, before: earlier.before } : null,
  isSame: (operation, over) => operation.sheetId === over.sheetId && operation.key === over.key,
  reconcile: (operation, over) => {
    if (!dequal(operation.after, over.after)) throw new EditConflict('Both changed the same placement');
    return null;
  },
  refit: (project, operation) => {
    const present = sheetOf(project, operation.sheetId).placements[operation.key] ?? null;
    if (!dequal(present, operation.before)) throw new EditConflict('The placement was changed');
    return operation;
  },
});
