import type { Project, Sheet } from './project.js';

/** Whether a sheet is an imprint, and no page. */
export function isImprint({ role }: Pick<Sheet, 'role'>): boolean {
  return role === 'imprint';
}

/** The sheets of a project that are pages, in their order: imprints lie on products. */
export function pagesOf({ sheets }: Pick<Project, 'sheets'>): readonly Sheet[] {
  return sheets.filter((sheet) => !isImprint(sheet));
}
