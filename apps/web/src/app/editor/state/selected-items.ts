import { findItem, type Project } from '@kadrosyn/core';
import { dequal } from 'dequal';
import type { Selection } from './editor.actions';
import type { EditorState } from './editor.state';

/** The state with other items selected; the tab is then one that they have. */
export function withSelection(state: EditorState, wanted: Selection): EditorState {
  const selectedIds = wanted === null ? [] : typeof wanted === 'string' ? [wanted] : wanted;
  if (dequal(selectedIds, state.selectedIds)) return state;
  const [itemId] = selectedIds.length === 1 ? selectedIds : [];
  const item = itemId && state.project?.sheets.map((sheet) => findItem(sheet.items, itemId)).find(Boolean);
  const isLettering = item && item.type === 'opening' && item.outline.type === 'lettering';
  const tab = isLettering ? 'lettering' : state.tab === 'lettering' ? 'fit' : state.tab;
  return { ...state, selectedIds, tab };
}

/** Whether the project has such an item. */
export function isOnASheet(project: Project, itemId: string): boolean {
  return project.sheets.some((sheet) => findItem(sheet.items, itemId));
}
