import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatInputModule } from '@angular/material/input';
import { MatProgressBarModule } from '@angular/material/progress-bar';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { MatTooltipModule } from '@angular/material/tooltip';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { MatDialog } from '@angular/material/dialog';
import { asTemplate, changeProject, samplesLeft, type Opening, type Project, findOpening, sheetsShownBy } from '@kadrosyn/core';
import { firstValueFrom } from 'rxjs';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';
import { sheetSize } from '@kadrosyn/render';
import { IconComponent } from '../../interface/icon.component';
import { Theme } from '../../interface/theme';
import { PhotoLibrary } from '../../photos/photo-library';
import { EditorSession } from '../session/session';
import { EditorActions } from '../state/editor.actions';
import { selectExporting, selectExportSettings, selectRedoName, selectSave, selectUndoName } from '../state/editor.selectors';
import { needsPerson, type ExportSettings } from '../state/editor.state';
import { StageView } from '../stage/stage-view';
import { Notices } from '../session/notices';
import { SamplesDialog, type SamplesChoice } from './samples.dialog';
import { TemplateDialog, type TemplateChoice } from './template.dialog';

const SCALES = [0.5, 1, 2, 3] as const;

/** What a sheet can be handed over as. */
const FORMATS: readonly { readonly type: ExportSettings['type']; readonly name: string; readonly words: string }[] = [
  { type: 'png', name: 'PNG', words: 'keeps clear places' },
  { type: 'jpeg', name: 'JPEG', words: 'smaller file' },
  { type: 'pdf', name: 'PDF', words: 'true size, outlines stay sharp' },
];

/** Name, what is saved, undo and redo, export. */
@Component({
  selector: 'ka-editor-header',
  imports: [MatInputModule, MatProgressBarModule, MatButtonModule, RouterLink, MatMenuModule, MatTooltipModule, IconComponent],
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
        return `Not saved yet, trying again${this.save().failures > 2 ? '; your work is kept here' : ''}`;
      case 'stale':
      case 'refused':
      case 'outdated':
        return 'Not saved';
    }
  });
  readonly saveTrouble = computed(() => this.save().state === 'retrying' || needsPerson(this.save().state));

  readonly formats = FORMATS;
  readonly formatWord = computed(() => FORMATS.find(({ type }) => type === this.settings().type)!.name);
  readonly scaleWord = computed(() => scaleWords(this.settings().scale));

  /** What a scale comes to: px of a picture; in a PDF, whose pages have their true size, how fine its pictures are. */
  finenessWords(scale: number): string {
    const sheet = this.session.sheet();
    if (!sheet) return '';
    if (this.settings().type === 'pdf') return `${scaleWords(scale)}, pictures at ${Math.round(sheet.dpi * scale)} dpi`;
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

  /** Samples that the export would show, on sheets that the sheet shows too; they are counted beside the button all the time. */
  readonly samples = computed<readonly Opening[]>(() => {
    const [project, sheet] = [this.session.project(), this.session.sheet()];
    if (!project || !sheet) return [];
    const shown = sheetsShownBy(project, sheet.id);
    const sheets = [sheet, ...project.sheets.filter(({ id }) => id !== sheet.id && shown.has(id))];
    return samplesLeft({ ...project, sheets }).map(({ opening }) => opening);
  });

  async export(): Promise<void> {
    if (this.samples().length > 0 && !(await this.wantsSamples())) return;
    this.store.dispatch(EditorActions.exportWanted({ of: null }));
  }

  /** Lists what is still a sample; true when it is to be exported all the same. */
  private async wantsSamples(): Promise<boolean> {
    const asked = this.dialogs.open<SamplesDialog, readonly Opening[], SamplesChoice>(SamplesDialog, { data: this.samples() });
    const choice = await firstValueFrom(asked.afterClosed());
    if (typeof choice === 'object') this.goTo(choice.goTo);
    return choice === 'export';
  }

  /** It may lie on a sheet that is shown on this one. */
  private goTo({ id }: Opening): void {
    const sheet = this.session.project()?.sheets.find((each) => findOpening(each, id));
    if (sheet && sheet.id !== this.session.sheet()?.id) this.session.showSheet(sheet.id);
    this.session.select(id);
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
