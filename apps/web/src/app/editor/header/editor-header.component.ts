import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatInputModule } from '@angular/material/input';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { MatTooltipModule } from '@angular/material/tooltip';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { MatDialog } from '@angular/material/dialog';
import { asTemplate, changeProject, type Project } from '@kadrosyn/core';
import { firstValueFrom } from 'rxjs';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';
import { IconComponent } from '../../interface/icon.component';
import { Theme } from '../../interface/theme';
import { PhotoLibrary } from '../../photos/photo-library';
import { ExportButtonComponent } from '../export/export-button.component';
import { EditorSession } from '../session/session';
import { EditorActions } from '../state/editor.actions';
import { selectRedoName, selectSave, selectUndoName } from '../state/editor.selectors';
import { needsPerson } from '../state/editor.state';
import { StageView } from '../stage/stage-view';
import { Notices } from '../session/notices';
import { TemplateDialog, type TemplateChoice } from './template.dialog';

/** Name, what is saved, undo and redo, and what is handed over. */
@Component({
  selector: 'ka-editor-header',
  imports: [ExportButtonComponent, MatInputModule, MatButtonModule, RouterLink, MatMenuModule, MatTooltipModule, IconComponent],
  templateUrl: './editor-header.component.html',
  styleUrl: './editor-header.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EditorHeaderComponent {
  readonly session = inject(EditorSession);
  readonly theme = inject(Theme);
  readonly view = inject(StageView);
  private readonly store = inject(Store);
  private readonly library = inject(PhotoLibrary);
  private readonly dialogs = inject(MatDialog);
  private readonly server = inject(Server);
  private readonly notices = inject(Notices);
  readonly undoName = this.store.selectSignal(selectUndoName);
  readonly redoName = this.store.selectSignal(selectRedoName);
  private readonly save = this.store.selectSignal(selectSave);

  readonly saveWords = computed(() => {
    const { state, savedAt } = this.save();
    switch (state) {
      case 'saved':
        return savedAt ? `Saved ${clock(savedAt)}` : '';
      case 'waiting':
      case 'saving':
        return this.library.uploadingIds().size > 0 ? 'Saves when the photo has arrived' : 'Saving';
      case 'retrying':
        return `Not saved yet, trying again${this.save().failures > 2 ? '; your work is kept here' : ''}`;
      case 'stale':
      case 'refused':
      case 'outdated':
        return 'Not saved';
    }
  });
  readonly saveTrouble = computed(() => this.save().state === 'retrying' || needsPerson(this.save().state));

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

  async saveAsTemplate(): Promise<void> {
    const project = this.session.project();
    if (!project) return;
    const asked = this.dialogs.open<TemplateDialog, Project, TemplateChoice>(TemplateDialog, { data: project, maxWidth: 640 });
    const request = await firstValueFrom(asked.afterClosed());
    if (!request) return;
    const { name, words, hints } = request;
    try {
      await this.server.addTemplate({ name, words, document: asTemplate(project, hints) });
      this.notices.say(`The template ${name} was saved. You find it under Templates.`);
    } catch (error) {
      this.notices.say(`The template was not saved. ${faultOf(error).message}`);
    }
  }
}

function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
}
