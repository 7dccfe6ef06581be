import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  input,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { A11yModule } from '@angular/cdk/a11y';
import { Title } from '@angular/platform-browser';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { emptyOpenings, type Point } from '@kadrosyn/core';
import { CutoutViewComponent, type UsedCutout } from '../cutout/cutout-view.component';
import { OwnFaces } from '../lettering/own-faces';
import { OwnOutlines } from '../outlines/own-outlines';
import { PhotoLibrary } from '../photos/photo-library';
import { PhotoLevels } from '../photos/photo-levels';
import type { BegunState } from '../templates/begin-from-template';
import { Arrivals } from './arrivals';
import { BreakoutMarksComponent } from './breakout/breakout-marks.component';
import { DepthPanelComponent } from './depth/depth-panel.component';
import { Cutting } from './cutting';
import { EditorCommands } from './editor-commands';
import { isForField, isForSupplies, isTyping, keyCommand } from './editor-keys';
import { EDITOR_PROVIDERS } from './editor-providers';
import { ColourTakerComponent } from './finish/colour-taker.component';
import { ColourTaking } from './finish/colour-taking';
import { ShadowPointComponent } from './finish/shadow-point.component';
import { EditorHeaderComponent } from './header/editor-header.component';
import { FocusEditing } from './focus-editing';
import { ItemClipboard } from './item-clipboard';
import { KeyOwner } from './key-owner';
import { Notices } from './notices';
import { SidePanelComponent } from './panel/side-panel.component';
import { OutlinePenComponent } from './pen/outline-pen.component';
import { OutlinePen } from './pen/outline-pen';
import { ProjectFaces } from './project-faces';
import { ReadingMarksComponent } from './readable/reading-marks.component';
import { SaveTroubleComponent } from './save-trouble.component';
import { RegionDirective } from './regions';
import { EditorSession } from './session';
import { FocusBoxComponent } from './sheet/focus-box.component';
import { GradientStopsComponent } from './sheet/gradient-stops.component';
import { GripBarComponent } from './sheet/grip-bar.component';
import { LevelLine } from './sheet/level-line';
import { LevelLineComponent } from './sheet/level-line.component';
import { RulersComponent } from './sheet/rulers.component';
import { SheetStageComponent } from './sheet/sheet-stage.component';
import { SheetTrim } from './sheet/sheet-trim';
import { SheetTrimComponent } from './sheet/sheet-trim.component';
import { StageView } from './sheet/stage-view';
import { Viewport } from './sheet/viewport';
import { EditorActions } from './state/editor.actions';
import { selectExportMessage, selectMessage, selectPhase } from './state/editor.selectors';
import { TextCaretComponent } from './text/text-caret.component';
import { TextCaret } from './text/text-caret';
import { FRAME_TRACE } from '../trace/frame-trace';
import { TracePanelComponent } from './trace/trace-panel.component';
import { SuppliesPanelComponent } from './supplies/supplies-panel.component';
import { SupplyDrag } from './supplies/supply-drag';

/** The editor: header, depth, sheet, panel, supplies. */
@Component({
  imports: [
    MatButtonModule,
    RegionDirective,
    RouterLink,
    EditorHeaderComponent,
    DepthPanelComponent,
    SheetStageComponent,
    GripBarComponent,
    SidePanelComponent,
    SuppliesPanelComponent,
    OutlinePenComponent,
    TextCaretComponent,
    LevelLineComponent,
    SheetTrimComponent,
    FocusBoxComponent,
    RulersComponent,
    GradientStopsComponent,
    ColourTakerComponent,
    ShadowPointComponent,
    ReadingMarksComponent,
    BreakoutMarksComponent,
    SaveTroubleComponent,
    A11yModule,
    CutoutViewComponent,
    TracePanelComponent,
  ],
  providers: [EDITOR_PROVIDERS],
  templateUrl: './editor-page.component.html',
  styleUrl: './editor-page.component.scss',
  host: {
    '(document:keydown)': 'onKey($event)',
    '(document:keyup)': 'onKeyUp($event)',
    '(window:blur)': 'onBlur()',
    '(document:fullscreenchange)': 'onFullscreen()',
    '[class.clean]': 'view.clean()',
    '(document:copy)': 'onCopy($event)',
    '(document:cut)': 'onCopy($event)',
    '(document:paste)': 'onPaste($event)',
    '(window:dragover)': 'onDragOver($event)',
    '(window:drop)': 'onStrayDrop($event)',
  },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EditorPageComponent {
  readonly session = inject(EditorSession);
  readonly drag = inject(SupplyDrag);
  private readonly store = inject(Store);
  private readonly viewport = inject(Viewport);
  private readonly library = inject(PhotoLibrary);
  private readonly levels = inject(PhotoLevels);
  private readonly faces = inject(ProjectFaces);
  private readonly ownFaces = inject(OwnFaces);
  readonly notices = inject(Notices);
  private readonly arrivals = inject(Arrivals);
  private readonly clipboard = inject(ItemClipboard);
  private readonly outlines = inject(OwnOutlines);
  private readonly commands = inject(EditorCommands);
  readonly view = inject(StageView);
  readonly pen = inject(OutlinePen);
  readonly typing = inject(TextCaret);
  readonly level = inject(LevelLine);
  readonly trim = inject(SheetTrim);
  readonly focus = inject(FocusEditing);
  readonly taking = inject(ColourTaking);
  readonly cutting = inject(Cutting);
  /** Only with `?trace` on the address. */
  readonly trace = inject(FRAME_TRACE);
  private readonly keys = inject(KeyOwner);
  readonly stage = viewChild(SheetStageComponent);

  /** From the address. */
  readonly projectId = input.required<string>();
  readonly phase = this.store.selectSignal(selectPhase);
  private readonly message = this.store.selectSignal(selectMessage);
  private readonly exportMessage = this.store.selectSignal(selectExportMessage);
  readonly fault = computed(() => (this.phase() === 'failed' ? this.message() : this.faces.fault()));
  readonly ready = computed(() => this.phase() === 'ready' && this.faces.ready() && this.session.shaper() !== null);
  constructor() {
    const title = inject(Title);
    effect(() => {
      const projectId = this.projectId();
      untracked(() => this.store.dispatch(EditorActions.opening({ projectId })));
    });
    effect(() => title.setTitle(`${this.session.project()?.name ?? 'Project'} · Kadrosyn`));
    effect(() => this.registerPhotos());
    effect(() => this.showWholeOnce());
    effect(() => {
      if (this.ready() && this.begun) untracked(() => this.chooseMainPlace());
    });
    effect(() => {
      const message = this.exportMessage();
      if (message) untracked(() => this.notices.say(message));
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
    void this.library.load();
    void this.outlines.load();
    void this.ownFaces.load();
  }

  retry(): void {
    if (this.phase() === 'failed') this.store.dispatch(EditorActions.opening({ projectId: this.projectId() }));
    else void this.faces.load();
  }

  /** Photos of the project that the list has not brought yet: they can be drawn all the same. */
  private registerPhotos(): void {
    const project = this.session.project();
    for (const photo of Object.values(project?.photos ?? {})) {
      if (!untracked(() => this.library.find(photo.id)))
        this.levels.register(photo.id, { width: photo.width, height: photo.height, screenLevel: 0 });
    }
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

  // --- files ---

  onDragOver(event: DragEvent): void {
    if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
  }

  /** Files let go beside the sheet are added to the supplies. */
  onStrayDrop(event: DragEvent): void {
    if (event.defaultPrevented) return;
    event.preventDefault();
    this.addFiles([...(event.dataTransfer?.files ?? [])]);
  }

  onCopy(event: ClipboardEvent): void {
    if (this.takesClipboard(event) && !inMenu(event.target)) this.clipboard.copy(event);
  }

  onPaste(event: ClipboardEvent): void {
    if (this.takesClipboard(event)) this.clipboard.paste(event);
  }

  private takesClipboard({ target }: ClipboardEvent): boolean {
    return this.ready() && !isTyping(target) && !this.cutting.request();
  }

  addFiles(files: readonly File[], at?: Point | null): void {
    this.arrivals.add(files, at ? { at } : undefined);
  }

  addArtwork(files: readonly File[]): void {
    this.arrivals.addArtwork(files);
  }

  // --- keys ---

  onKey(event: KeyboardEvent): void {
    // While something is drawn, keys are for it.
    if (this.keys.isElsewhere()) return;
    if (!this.ready() || event.defaultPrevented || inMenu(event.target)) return;
    if (isForField(event) || isForSupplies(event)) return;
    // Enter types in the selected lettering.
    const selected = this.session.selectedOpening();
    if (event.key === 'Enter' && selected?.outline.type === 'lettering' && !(event.target instanceof HTMLButtonElement)) {
      event.preventDefault();
      this.typing.begin(selected);
      return;
    }
    if (event.key === ' ' && event.target instanceof HTMLElement && event.target.tagName !== 'BUTTON') {
      event.preventDefault();
      this.stage()?.holdSpace(true);
      return;
    }
    if (event.key === 'Alt') {
      // Otherwise the browser's menu would take the next key.
      event.preventDefault();
      this.session.gripSwapped.set(true);
    }
    if (event.key.toLowerCase() === 'c' && !event.ctrlKey && !event.metaKey && !event.altKey) return this.view.holdBack();
    const command = keyCommand(event);
    if (!command || !this.commands.run(command)) return;
    event.preventDefault();
  }

  onKeyUp(event: KeyboardEvent): void {
    if (event.key === ' ') this.stage()?.holdSpace(false);
    if (event.key === 'Alt') this.session.gripSwapped.set(false);
    if (event.key.toLowerCase() === 'c') this.view.letGo();
  }

  /** Keys that go up elsewhere are not heard. */
  onBlur(): void {
    this.session.gripSwapped.set(false);
    this.view.letGo();
    this.stage()?.holdSpace(false);
  }

  /** The browser leaves the full screen by a key of its own. */
  onFullscreen(): void {
    if (!document.fullscreenElement) this.view.endLook();
  }

  useCutout({ cutout, show, focus }: UsedCutout): void {
    const request = this.cutting.request();
    if (request) this.cutting.use(request.photo, cutout, show, focus);
    this.cutting.end();
  }

  takeDrawing(): void {
    void this.arrivals.takeDrawing({});
  }
}

function inMenu(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('.mat-mdc-menu-panel, mat-dialog-container') !== null;
}
