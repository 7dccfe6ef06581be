import { outermost, type Item, type Project, type Sheet } from '@kadrosyn/core';
import { createSelector } from '@ngrx/store';
import { editorFeature } from './editor.reducer';
import { shownProject } from './shown-project';

const NOTHING: readonly Item[] = [];

export const {
  selectPhase,
  selectMessage,
  selectProject,
  selectPreview,
  selectGrip,
  selectTab,
  selectSave,
  selectExportSettings,
  selectExporting,
  selectExportSaid,
} = editorFeature;

/** With the edit that is going on. */
export const selectShownProject = createSelector(editorFeature.selectProject, selectPreview, (project, preview) =>
  shownProject({ project, preview }),
);

/** The sheet that is shown, as it is kept and with the edit that is going on. */
export const selectSheet = createSelector(selectProject, editorFeature.selectSheetId, sheetOf);
export const selectShownSheet = createSelector(selectShownProject, editorFeature.selectSheetId, sheetOf);

function sheetOf(project: Project | null, id: string | null): Sheet | null {
  return project?.sheets.find((sheet) => sheet.id === id) ?? project?.sheets[0] ?? null;
}

/** What is selected, as it is shown, from back to front. */
export const selectSelectedItems = createSelector(selectShownSheet, editorFeature.selectSelectedIds, (sheet, ids) =>
  sheet && ids.length > 0 ? outermost(sheet, ids) : NOTHING,
);

/** The selected item where that is one. */
export const selectSelected = createSelector(selectSelectedItems, (items) => (items.length === 1 ? items[0]! : null));

export const selectUndoName = createSelector(editorFeature.selectHistory, (history) => history.past.at(-1)?.name ?? null);
export const selectRedoName = createSelector(editorFeature.selectHistory, (history) => history.future.at(-1)?.name ?? null);
export const selectIsMoving = createSelector(selectPreview, (preview) => preview !== null);
