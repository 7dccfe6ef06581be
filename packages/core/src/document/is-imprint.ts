import type { Sheet } from './project.js';

/** Whether a sheet is an imprint, and no page. */
export function isImprint({ role }: Pick<Sheet, 'role'>): boolean {
  return role === 'imprint';
}
