import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatMenuModule } from '@angular/material/menu';
import { MatTooltipModule } from '@angular/material/tooltip';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { changeProject } from '@kadrosyn/core';
import { sheetSize } from '@kadrosyn/render';
import { IconComponent } from '../../interface/icon.component';
import { Theme } from '../../interface/theme';
import { PhotoLibrary } from '../../photos/photo-library';
import { EditorSession } from '../session';
import { EditorActions } from '../state/editor.actions';
import { selectExporting, selectExportSettings, selectRedoName, selectSave, selectUndoName } from '../state/editor.selectors';
import type { ExportSettings } from '../state/editor.state';

const SCALES = [0.5, 1, 2, 3] as const;

/** Name, what is saved, undo and redo, export. */
@Component({
  selector: 'ka-editor-header',
  imports: [RouterLink, MatMenuModule, MatTooltipModule, IconComponent],
  templateUrl: './editor-header.component.html',
  styleUrl: './editor-header.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EditorHeaderComponent {
  readonly session = inject(EditorSession);
  readonly theme = inject(Theme);
  private readonly store = inject(Store);
  private readonly library = inject(PhotoLibrary);
  readonly undoName = this.store.selectSignal(selectUndoName);
  readonly redoName = this.store.selectSignal(selectRedoName);
  readonly settings = this.store.selectSignal(selectExportSettings);
  readonly exporting = this.store.selectSignal(selectExporting);
  private readonly save = this.store.selectSignal(selectSave);
  readonly scales = SCALES;

  readonly saveWords = computed(() => {
    const { state, savedAt } = this.save();
    switch (state) {
      case 'saved':
        return savedAt ? `Saved ${clock(savedAt)}` : '';
      case 'waiting':
      case 'saving':
        return this.library.uploadingIds().size > 0 ? 'Saves when the photo has arrived' : 'Saving';
      case 'retrying':
        return 'Not saved yet, trying again';
      case 'stale':
      case 'refused':
        return 'Not saved';
    }
  });
  readonly saveTrouble = computed(() => ['retrying', 'stale', 'refused'].includes(this.save().state));

  readonly formatWord = computed(() => (this.settings().type === 'png' ? 'PNG' : 'JPEG'));
  readonly scaleWord = computed(() => scaleWords(this.settings().scale));

  pixelWords(scale: number): string {
    const sheet = this.session.sheet();
    if (!sheet) return '';
    const { width, height } = sheetSize(sheet, scale);
    return `${scaleWords(scale)}, ${width} × ${height} px`;
  }

  rename(field: HTMLInputElement): void {
    const project = this.session.project();
    const name = field.value.trim();
    if (project && name && name !== project.name) this.session.commit(changeProject(project, { name }, 'Rename project'));
    else if (project) field.value = project.name;
  }

  undo(): void {
    this.store.dispatch(EditorActions.undo());
  }

  redo(): void {
    this.store.dispatch(EditorActions.redo());
  }

  choose(change: Partial<ExportSettings>): void {
    this.store.dispatch(EditorActions.setExportSettings({ settings: { ...this.settings(), ...change } }));
  }

  export(): void {
    this.store.dispatch(EditorActions.exportWanted());
  }

  cancelExport(): void {
    this.store.dispatch(EditorActions.exportCancelled());
  }
}

function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}

function scaleWords(scale: number): string {
  return scale >= 1 ? `${scale}:1` : `1:${1 / scale}`;
}
