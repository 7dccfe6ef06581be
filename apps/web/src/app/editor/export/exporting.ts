import { computed, inject, Injectable, signal } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { Store } from '@ngrx/store';
import { findOpening, pagesOf, samplesLeft, sheetsShownBy, type Opening, type Project, type Sheet } from '@kadrosyn/core';
import type { ExportRequest } from '@kadrosyn/contract';
import { firstValueFrom } from 'rxjs';
import { EditorSession } from '../session/session';
import { EditorActions } from '../state/editor.actions';
import { selectExporting, selectExportSettings } from '../state/editor.selectors';
import { fileWord, nameOf, requestOf, scaleOf } from './export-request';
import type { ExportSettings, LayersSettings, PaperSettings, PicturePurpose, PictureSettings } from './export-settings';
import { SamplesDialog, type SamplesChoice } from './samples.dialog';

/** As much as is taken of a name that is typed. */
export const LONGEST_NAME = 200;

/** What is handed over, how, and how far that is. */
@Injectable()
export class Exporting {
  private readonly session = inject(EditorSession);
  private readonly store = inject(Store);
  private readonly dialogs = inject(MatDialog);
  private readonly running = this.store.selectSignal(selectExporting);
  readonly settings = this.store.selectSignal(selectExportSettings);
  readonly fileWord = computed(() => fileWord(this.settings()));
  /** Whether it is asked what for. */
  readonly isOpen = signal(false);

  /** How much of all that is on its way is done, 0 to 1; null where nothing is. */
  readonly progress = computed(() => {
    const running = this.running();
    return running.length === 0 ? null : running.reduce((sum, { progress }) => sum + progress, 0) / running.length;
  });

  /** The sheet that is shown, in its project. */
  readonly shown = computed<{ readonly project: Project; readonly sheet: Sheet } | null>(() => {
    const [project, id] = [this.session.project(), this.session.sheet()?.id];
    const sheet = project?.sheets.find((one) => one.id === id);
    return project && sheet ? { project, sheet } : null;
  });

  /** What is asked of the server; null before there is a sheet. */
  readonly request = computed<ExportRequest | null>(() => {
    const shown = this.shown();
    return shown && requestOf(this.settings(), shown.project, shown.sheet);
  });

  /** What the file is called, without its extension. */
  readonly fileName = computed(() => {
    const [shown, request] = [this.shown(), this.request()];
    return shown && request ? nameOf(request, shown.project) : '';
  });

  /** The pages of the project, of which all can be handed over at once. */
  readonly pages = computed<readonly Sheet[]>(() => {
    const shown = this.shown();
    const pages = shown ? pagesOf(shown.project) : [];
    return shown && pages.includes(shown.sheet) ? pages : [];
  });

  /** Samples that would be handed over, on sheets that those show too. */
  readonly samples = computed<readonly Opening[]>(() => {
    const [shown, request] = [this.shown(), this.request()];
    // A project is taken along as it is, to be worked on.
    if (!shown || !request || request.file.type === 'kadro') return [];
    const { project } = shown;
    const seen = new Set(request.sheetIds.flatMap((id) => [id, ...sheetsShownBy(project, id)]));
    // Those of the sheet that is looked at first.
    const sheets = [shown.sheet, ...project.sheets.filter(({ id }) => id !== shown.sheet.id)].filter(({ id }) => seen.has(id));
    return samplesLeft({ ...project, sheets }).map(({ opening }) => opening);
  });

  set(settings: ExportSettings): void {
    this.store.dispatch(EditorActions.setExportSettings({ settings }));
  }

  setPicture(purpose: PicturePurpose, change: Partial<PictureSettings>): void {
    const settings = this.settings();
    this.set({ ...settings, [purpose]: { ...settings[purpose], ...change } });
  }

  setPaper(change: Partial<PaperSettings>): void {
    const settings = this.settings();
    this.set({ ...settings, paper: { ...settings.paper, ...change } });
  }

  setLayers(change: Partial<LayersSettings>): void {
    const settings = this.settings();
    this.set({ ...settings, layers: { ...settings.layers, ...change } });
  }

  /** @param name - with parts in braces, cut where it is longer than is taken; files are called by themselves where it is empty */
  setName(name: string): void {
    this.set({ ...this.settings(), name: name.slice(0, LONGEST_NAME) });
  }

  /** Hands over by the last settings. */
  async export(): Promise<void> {
    if (!(await this.isMeant())) return;
    this.isOpen.set(false);
    this.store.dispatch(EditorActions.exportWanted(null));
  }

  /** The same as once before, of the project as it is now. */
  again(request: ExportRequest): void {
    this.store.dispatch(EditorActions.exportWanted(request));
  }

  /** The sheet that is shown as a picture on the clipboard, as large as it would be handed over. */
  async copy(): Promise<void> {
    const shown = this.shown();
    const { purpose, ...settings } = this.settings();
    if (!shown || (purpose !== 'screen' && purpose !== 'shop') || !(await this.isMeant())) return;
    const { size, onWhite } = settings[purpose];
    // Clipboards know no other pictures.
    const file = { type: 'png', scale: scaleOf(size, shown.sheet), onWhite } as const;
    this.isOpen.set(false);
    this.store.dispatch(EditorActions.exportWanted({ sheetIds: [shown.sheet.id], file }, 'clipboard'));
  }

  /** What is for paper, by the browser's own printing. */
  async print(): Promise<void> {
    const request = this.request();
    if (request?.file.type !== 'pdf' || !(await this.isMeant())) return;
    this.isOpen.set(false);
    this.store.dispatch(EditorActions.exportWanted(request, 'printer'));
  }

  cancel(): void {
    this.store.dispatch(EditorActions.exportCancelled());
  }

  /** Lists what is still a sample; true when it is to be handed over all the same. */
  private async isMeant(): Promise<boolean> {
    if (this.samples().length === 0) return true;
    this.isOpen.set(false);
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
}
