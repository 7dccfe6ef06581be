import { dequal } from 'dequal';
import type { Project, Sheet } from '../../document/project.js';
import { EditConflict, EditError } from './edit-error.js';
import { fillNames, namesIn, namesNeededBy } from './item-names.js';
import { defineOperation, nameOf, type Slot } from './operation-kind.js';
import { aboveOf, insertedAbove, presentAbove, removedFrom } from './ordered-list.js';
import { mergedChange, refittedChange, reconciledChange, withProperties, type Properties } from './properties.js';
import { sheetOf } from './sheet-of.js';

export interface InsertSheet {
  readonly type: 'insert-sheet';
  /** The page behind which it comes; null for the first. */
  readonly behind: string | null;
  readonly sheet: Sheet;
}

export interface RemoveSheet {
  readonly type: 'remove-sheet';
  readonly behind: string | null;
  /** As it is when it is taken out, so that it can come back. */
  readonly sheet: Sheet;
}

export interface MoveSheet {
  readonly type: 'move-sheet';
  readonly sheetId: string;
  readonly from: string | null;
  /** As the pages are without it. */
  readonly to: string | null;
}

/** What is kept one by one, in operations of its own, is not among these. */
export type SheetProperties = Properties<Omit<Sheet, 'id' | 'items' | 'crossings' | 'guides' | 'placements'>>;

export interface ChangeSheet {
  readonly type: 'change-sheet';
  readonly sheetId: string;
  readonly before: SheetProperties;
  readonly after: SheetProperties;
}

const sheetId = ({ id }: Sheet): string => id;

function pageSlot(id: string, above: string | null): Slot {
  return { list: 'pages', id, above };
}

/** Names of everything that is on a sheet, and of itself. */
function namesOn(sheet: Sheet): string[] {
  return [
    nameOf.sheet(sheet.id),
    ...sheet.items.flatMap(namesIn),
    ...Object.keys(sheet.placements).map((id) => nameOf.placement(sheet.id, id)),
  ];
}

function namesNeededOn({ id, background, items }: Sheet): string[] {
  const needed = [...fillNames(id, background), ...items.flatMap((item) => namesNeededBy(id, item))];
  return needed.filter((name) => name.startsWith('photo'));
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

/** @throws EditConflict when the sheet is gone. */
function pageOf(project: Project, id: string): { readonly index: number; readonly sheet: Sheet } {
  const sheet = sheetOf(project, id);
  return { index: project.sheets.indexOf(sheet), sheet };
}
