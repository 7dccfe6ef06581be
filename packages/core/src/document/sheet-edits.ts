import { copiesOf } from './copies.js';
import type { Edit } from './edit.js';
import { newId } from './new-id.js';
import type { Project, Sheet } from './project.js';

/** Puts a sheet into the project. @param index - its place in the order of pages; behind all others when absent. */
export function addSheet(project: Project, sheet: Sheet, index = project.sheets.length, name = `Add ${sheet.name}`): Edit {
  return { name, operations: [{ type: 'insert-sheet', behind: project.sheets[index - 1]?.id ?? null, sheet }] };
}

/** A copy of a sheet, with ids of its own, behind the original. */
export function copySheet(project: Project, sheet: Sheet): { readonly edit: Edit; readonly id: string } {
  const copy: Sheet = {
    ...sheet,
    id: newId('sheet'),
    name: freeName(project, sheet.name),
    ...copiesOf(sheet.items, sheet.crossings, 0, 'sheet'),
  };
  const index = project.sheets.findIndex(({ id }) => id === sheet.id) + 1;
  return { edit: addSheet(project, copy, index, `Copy ${sheet.name}`), id: copy.id };
}

/** "Sheet 2" where "Sheet 1" and others are taken. */
export function freeName(project: Project, like: string): string {
  const stem = like.replace(/ \d+$/, '');
  const taken = new Set(project.sheets.map(({ name }) => name));
  for (let number = 2; ; number++) if (!taken.has(`${stem} ${number}`)) return `${stem} ${number}`;
}

/** Moves a sheet to another place in the order of pages; null when it is there already. */
export function moveSheet(project: Project, sheetId: string, index: number): Edit | null {
  const at = project.sheets.findIndex(({ id }) => id === sheetId);
  const sheet = project.sheets[at];
  if (!sheet) return null;
  const others = project.sheets.toSpliced(at, 1);
  const page = Math.min(others.length, Math.max(0, index));
  if (page === at) return null;
  const [from, to] = [others[at - 1]?.id ?? null, others[page - 1]?.id ?? null];
  return { name: `Move ${sheet.name} to page ${page + 1}`, operations: [{ type: 'move-sheet', sheetId, from, to }] };
}

/** Takes a sheet out of the project; null for the last one. */
export function removeSheet(project: Project, sheetId: string): Edit | null {
  const index = project.sheets.findIndex(({ id }) => id === sheetId);
  const sheet = project.sheets[index];
  if (!sheet || project.sheets.length === 1) return null;
  const behind = project.sheets[index - 1]?.id ?? null;
  return { name: `Remove ${sheet.name}`, operations: [{ type: 'remove-sheet', behind, sheet }] };
}
