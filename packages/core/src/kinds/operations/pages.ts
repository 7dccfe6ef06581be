import type { Project, Sheet } from '../../document/project.js';
import { fillNames, namesIn, namesNeededBy } from './item-names.js';
import { nameOf, type Slot } from './operation-kind.js';
import { sheetOf } from './sheet-of.js';

/** What pages are told apart by in their list. */
export const sheetId = ({ id }: Sheet): string => id;

/** The place of a page behind another. */
export function pageSlot(id: string, above: string | null): Slot {
  return { list: 'pages', id, above };
}

/** Names of everything that is on a sheet, and of itself. */
export function namesOn(sheet: Sheet): string[] {
  return [
    nameOf.sheet(sheet.id),
    ...sheet.items.flatMap(namesIn),
    ...Object.keys(sheet.placements).map((id) => nameOf.placement(sheet.id, id)),
  ];
}

/** What a page shows besides what is on it. */
export function namesNeededOn(sheet: Sheet): string[] {
  const { id, background, items } = sheet;
  const needed = [...fillNames(id, background), ...items.flatMap((item) => namesNeededBy(id, item))];
  const own = new Set(namesOn(sheet));
  return needed.filter((name) => !own.has(name));
}

/** @throws EditConflict when the sheet is gone. */
export function pageOf(project: Project, id: string): { readonly index: number; readonly sheet: Sheet } {
  const sheet = sheetOf(project, id);
  return { index: project.sheets.indexOf(sheet), sheet };
}
