import { MAT_BUTTON_TOGGLE_DEFAULT_OPTIONS } from '@angular/material/button-toggle';
import type { Routes } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { EditorPageComponent } from './editor-page.component';
import * as exportEffects from './state/export.effects';

/** The editor, with what nothing else needs: it is fetched while the projects are looked at. */
export const EDITOR_ROUTES: Routes = [
  {
    path: '',
    title: 'Kadrosyn',
    component: EditorPageComponent,
    providers: [
      provideEffects(exportEffects),
      { provide: MAT_BUTTON_TOGGLE_DEFAULT_OPTIONS, useValue: { hideMultipleSelectionIndicator: true } },
    ],
  },
];
