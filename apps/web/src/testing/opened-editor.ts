import { signal, type EnvironmentProviders, type Provider } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideStore, Store } from '@ngrx/store';
import {
  EMPTY_HISTORY,
  newLetterIds,
  newProject,
  newShapedOpening,
  type Item,
  type Opening,
  type Outline,
  type Project,
  type ShapedLine,
  type Shaper,
  type Sheet,
  type TextRun,
} from '@kadrosyn/core';
import { EditorSession } from '../app/editor/session/session';
import { EditorActions } from '../app/editor/state/editor.actions';
import { editorFeature } from '../app/editor/state/editor.reducer';
import { ShaperLoader } from '../app/lettering/shaper-loader';

/** Letters as wide as half their size, without a form: of lettering only the box is asked for. */
export const boxShaper = {
  version: 1,
  hasFace: () => true,
  shapeLine: (runs: readonly TextRun[]): ShapedLine => {
    const size = Math.max(...runs.map((run) => run.size));
    const text = runs.map((run) => run.text).join('');
    return { advance: (text.length * size) / 2, ascent: size * 0.8, descent: size * 0.2, letters: [], missing: [] };
  },
} as unknown as Shaper;

/** An opening of 60 x 40 px around the middle of a sheet of 400 x 300, called by its id. */
export function shaped(id: string, change: Partial<Opening> = {}): Opening {
  const outline: Outline = { type: 'rectangle', radii: [0, 0, 0, 0] };
  return { ...newShapedOpening(id, outline, { x: 200, y: 150 }, 60, 40), id, ...change };
}

/** A lettering in one face, 20 px high, called by its text. */
export function word(text: string, change: Partial<Opening> = {}): Opening {
  const run = { text, face: 'archivo', axes: {}, size: 20, tracking: 0, letterIds: newLetterIds(text) };
  const outline: Outline = { type: 'lettering', runs: [run], align: 'left', leading: 1 };
  return { ...newShapedOpening(text, outline, { x: 100, y: 50 }, text.length * 10, 20), id: text, ...change };
}

/** What a spec reads of an open project, and the store that it changes. */
export interface OpenedEditor {
  readonly store: Store;
  readonly session: EditorSession;
  project(): Project;
  sheet(): Sheet;
  item(id: string): Item | undefined;
  /** Names of the steps that can be taken back, the first one first. */
  steps(): string[];
}

/** A project of one sheet of 400 x 300 px, open in the editor's own store and session. @param providers - of what is looked at besides */
export function openedEditor(items: Sheet['items'], providers: readonly (Provider | EnvironmentProviders)[] = []): OpenedEditor {
  TestBed.configureTestingModule({
    providers: [
      provideStore({ [editorFeature.name]: editorFeature.reducer }, { runtimeChecks: {} }),
      EditorSession,
      { provide: ShaperLoader, useValue: { shaper: signal(boxShaper) } },
      ...providers,
    ],
  });
  const made = newProject('Card', { width: 400, height: 300, unit: 'px' });
  const store: Store = TestBed.inject<Store>(Store);
  store.dispatch(EditorActions.opening({ projectId: 'card' }));
  store.dispatch(
    EditorActions.opened({
      projectId: 'card',
      project: { ...made, sheets: [{ ...made.sheets[0]!, items }] },
      revision: 1,
      updatedAt: '2026-05-09T10:20:00.000Z',
      history: EMPTY_HISTORY,
      unsaved: [],
      diverged: false,
      said: null,
    }),
  );
  const session = TestBed.inject(EditorSession);
  const history = store.selectSignal(editorFeature.selectHistory);
  return {
    store,
    session,
    project: () => session.project()!,
    sheet: () => session.sheet()!,
    item: (id) => session.sheet()!.items.find((item) => item.id === id),
    steps: () => history().past.map(({ name }) => name),
  };
}
