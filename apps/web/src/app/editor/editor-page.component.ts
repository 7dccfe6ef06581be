import { ChangeDetectionStrategy, Component, computed, DestroyRef, effect, inject, input, untracked } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { Title } from '@angular/platform-browser';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { emptyOpenings } from '@kadrosyn/core';
import { ExportServer } from '../api/export-server';
import { OwnFaces } from '../lettering/own-faces';
import { OwnOutlines } from '../outlines/own-outlines';
import type { BegunState } from '../templates/begin-from-template';
import { isShownByBrowsers } from './export/is-shown-by-browsers';
import { FoldReading } from './areas/fold-reading';
import { EDITOR_PROVIDERS } from './editor-providers';
import { EditorFrameComponent } from './frame/editor-frame.component';
import { Notices } from './session/notices';
import { ProjectFaces } from './session/project-faces';
import { ProjectPhotos } from './session/project-photos';
import { SheetPictures } from './session/sheet-pictures';
import { EditorSession } from './session/session';
import { Viewport } from './stage/viewport';
import { EditorActions } from './state/editor.actions';
import type { ExportSaid } from './state/editor.state';
import { selectExportSaid, selectMessage, selectPhase } from './state/editor.selectors';

/** Opens a project and shows the editor once it can be worked with. */
@Component({
  imports: [MatButtonModule, RouterLink, EditorFrameComponent],
  providers: [EDITOR_PROVIDERS],
  templateUrl: './editor-page.component.html',
  styleUrl: './editor-page.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EditorPageComponent {
  private readonly session = inject(EditorSession);
  private readonly store = inject(Store);
  private readonly viewport = inject(Viewport);
  private readonly faces = inject(ProjectFaces);
  private readonly ownFaces = inject(OwnFaces);
  private readonly notices = inject(Notices);
  private readonly outlines = inject(OwnOutlines);
  private readonly server = inject(ExportServer);

  /** From the address. */
  readonly projectId = input.required<string>();
  readonly phase = this.store.selectSignal(selectPhase);
  private readonly message = this.store.selectSignal(selectMessage);
  private readonly exportSaid = this.store.selectSignal(selectExportSaid);
  readonly fault = computed(() => (this.phase() === 'failed' ? this.message() : this.faces.fault()));
  readonly ready = computed(() => this.phase() === 'ready' && this.faces.ready() && this.session.shaper() !== null);
  constructor() {
    inject(ProjectPhotos);
    inject(SheetPictures);
    inject(FoldReading);
    const title = inject(Title);
    effect(() => {
      const projectId = this.projectId();
      untracked(() => this.store.dispatch(EditorActions.opening({ projectId })));
    });
    effect(() => title.setTitle(`${this.session.project()?.name ?? 'Project'} · Kadrosyn`));
    effect(() => this.showWholeOnce());
    effect(() => {
      if (this.ready() && this.begun) untracked(() => this.chooseMainPlace());
    });
    effect(() => {
      const said = this.exportSaid();
      if (said) untracked(() => this.sayExported(said));
    });
    effect(() => {
      const message = this.session.notice();
      if (message)
        untracked(() => {
          this.session.notice.set(null);
          this.notices.sayWithUndo(message);
        });
    });
    inject(DestroyRef).onDestroy(() => {
      this.store.dispatch(EditorActions.saveNow());
      this.store.dispatch(EditorActions.closed());
    });
    void this.outlines.load();
    void this.ownFaces.load();
  }

  retry(): void {
    if (this.phase() === 'failed') this.store.dispatch(EditorActions.opening({ projectId: this.projectId() }));
    else void this.faces.load();
  }

  /** The project was just made from a template. */
  private begun = (inject(Router).currentNavigation()?.extras.state as BegunState | undefined)?.begun === true;

  /** Whoever begins from a template fills its main place first. */
  private chooseMainPlace(): void {
    this.begun = false;
    const places = emptyOpenings(this.session.context().sheet);
    const [largest] = places.sort((a, b) => b.box.width * b.box.height - a.box.width * a.box.height);
    if (largest) this.session.select(largest.id);
  }

  private shownWhole: string | null = null;

  private showWholeOnce(): void {
    const sheet = this.session.sheet();
    const { width } = this.viewport.size();
    if (!sheet || width === 0 || this.shownWhole === sheet.id) return;
    this.shownWhole = sheet.id;
    untracked(() => this.viewport.showWhole(sheet));
  }

  /** What became of an export; a file can be looked at at once. */
  private sayExported({ words, file }: ExportSaid): void {
    if (!file || !isShownByBrowsers(file)) this.notices.say(words);
    else this.notices.say(words, 'Open', () => window.open(this.server.file(file.id, true), '_blank', 'noopener'));
  }
}
