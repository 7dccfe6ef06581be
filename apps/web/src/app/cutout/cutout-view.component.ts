import type { OnInit } from '@angular/core';
import { MatSliderModule } from '@angular/material/slider';
import { MatProgressBarModule } from '@angular/material/progress-bar';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../interface/shown-toggle.directive';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output, signal } from '@angular/core';
import { A11yModule } from '@angular/cdk/a11y';
import type { Cutout, Bounds, Opening, PhotoFill } from '@kadrosyn/core';
import { isForField } from '../interface/field-keys';
import type { CuttingRequest } from './cutting-request';
import { CutoutPanelComponent } from './cutout-panel.component';
import { CutoutMaking } from './cutout-making';
import { CutoutPointer } from './cutout-pointer';
import type { CutoutGround } from './cutout-preview.component';
import { CutoutStageComponent } from './cutout-stage.component';
import { CUTOUT_TOOLS } from './cutout-tools';
import { CutoutWork } from './cutout-work';
import { HeldBack } from './held-back';
import { MarkMaking } from './mark-making';
import { PhotoWindow } from './photo-window';
import { TracedPath } from './traced-path';

/** What the view gives back. */
export interface UsedCutout {
  readonly cutout: Cutout;
  readonly show: NonNullable<PhotoFill['show']>;
  readonly focus: Bounds | undefined;
}

/** The cutout view: the photo large in the middle, ways to mark it above, what comes of it beside. It lies over the editor. */
@Component({
  selector: 'ka-cutout-view',
  imports: [
    MatSliderModule,
    MatProgressBarModule,
    MatButtonModule,
    MatButtonToggleModule,
    ShownToggleDirective,
    A11yModule,
    CutoutStageComponent,
    CutoutPanelComponent,
  ],
  providers: [CutoutMaking, CutoutWork, PhotoWindow, MarkMaking, TracedPath, CutoutPointer, HeldBack],
  templateUrl: './cutout-view.component.html',
  styleUrl: './cutout-view.component.scss',
  host: {
    role: 'dialog',
    'aria-modal': 'true',
    'aria-labelledby': 'cutout-title',
    '[attr.aria-busy]': 'work.isThinking()',
    '(document:keydown)': 'onKey($event)',
    '(document:keyup)': 'onKeyUp($event)',
    '(window:blur)': 'letGo()',
  },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CutoutViewComponent implements OnInit {
  readonly work = inject(CutoutWork);
  readonly pointer = inject(CutoutPointer);
  private readonly held = inject(HeldBack);
  readonly request = input.required<CuttingRequest>();
  readonly opening = input.required<Opening | null>();
  readonly used = output<UsedCutout>();
  readonly closed = output();
  readonly tools = CUTOUT_TOOLS;
  readonly show = signal<NonNullable<PhotoFill['show']>>('subject');
  readonly ground = signal<CutoutGround>('sheet');
  readonly hint = computed(() => CUTOUT_TOOLS.find(({ id }) => id === this.work.tool())!.hint);
  readonly zoomWord = computed(() => `${Math.round(this.pointer.window.view().scale * 100)} %`);
  readonly mostWidth = computed(() => Math.round(Math.max(this.request().photo.width, this.request().photo.height) / 8));
  readonly canUse = computed(
    () =>
      this.work.begun() !== null &&
      (this.work.preview() !== null || this.work.hasAnswer()) &&
      !this.work.keepsNothing() &&
      this.work.history.now().marks.length > 0,
  );

  constructor() {
    effect(() => {
      const { width, height } = this.request().photo;
      this.pointer.window.photo.set({ width, height });
    });
  }

  ngOnInit(): void {
    const fill = this.opening()?.fill;
    if (!this.opening()) this.ground.set('white');
    if (this.request().letsOut) this.show.set('photo');
    if (fill?.type === 'photo' && fill.cutout) this.show.set(fill.show ?? 'photo');
    void this.work.begin(this.request().photo, fill?.type === 'photo' ? fill.cutout?.id : undefined, this.request().clearsFlat);
  }

  retry(): void {
    void this.work.begin(this.request().photo);
  }

  async use(): Promise<void> {
    const kept = await this.work.keep();
    if (kept) this.used.emit({ ...kept, show: this.show() });
  }

  close(): void {
    this.work.cancel();
    this.closed.emit();
  }

  onKey(event: KeyboardEvent): void {
    if (event.defaultPrevented || isForField(event)) return;
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    if (event.ctrlKey || event.metaKey) {
      if (key === 'z' && !event.shiftKey) this.work.history.undo();
      else if (key === 'y' || key === 'z') this.work.history.redo();
      else return;
      return event.preventDefault();
    }
    if (event.altKey) return;
    const tool = CUTOUT_TOOLS[Number(key) - 1];
    if (tool) this.work.tool.set(tool.id);
    else if (key === 's' && this.work.begun()) this.work.suggest();
    else if (key === 'n') this.held.showNext();
    else if (key === 'o') this.pointer.showsOriginal.set(true);
    else if (key === '+' || key === '=') this.pointer.window.zoom(1.25);
    else if (key === '-') this.pointer.window.zoom(0.8);
    else if (key === '0') this.pointer.window.showWhole();
    else if (key === 'Escape') {
      if (this.work.progress() !== null) this.work.cancel();
      else if (!this.pointer.giveUp()) this.close();
    } else if (key === ' ' && !(event.target instanceof HTMLButtonElement)) this.pointer.holdSpace(true);
    else return;
    event.preventDefault();
  }

  onKeyUp(event: KeyboardEvent): void {
    if (event.key === ' ') this.pointer.holdSpace(false);
    if (event.key.toLowerCase() === 'o') this.pointer.showsOriginal.set(false);
  }

  letGo(): void {
    this.pointer.holdSpace(false);
    this.pointer.showsOriginal.set(false);
  }
}
