import { ChangeDetectionStrategy, Component, computed, inject, input, model } from '@angular/core';
import { MatTooltipModule } from '@angular/material/tooltip';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { MatInputModule } from '@angular/material/input';
import { ShownToggleDirective } from '../interface/shown-toggle.directive';
import {
  FLAT_TOLERANCE,
  type CutoutMark,
  type EdgeSettings,
  type Opening,
  type PhotoFill,
  type PieceSettings,
} from '@kadrosyn/core';
import { saveFile } from '../interface/save-file';
import { SliderFieldComponent, type ChangeHow } from '../interface/slider-field.component';
import { CutoutPreviewComponent, type CutoutGround } from './cutout-preview.component';
import { HeldBackComponent } from './held-back.component';
import { CutoutWork } from './cutout-work';

const GROUNDS: readonly { readonly id: CutoutGround; readonly name: string }[] = [
  { id: 'sheet', name: 'The sheet' },
  { id: 'white', name: 'White' },
  { id: 'dark', name: 'Dark' },
  { id: 'green', name: 'Green' },
];

/** The result in place, its edge, its pieces, and the cutouts that are kept. */
@Component({
  selector: 'ka-cutout-panel',
  imports: [
    MatTooltipModule,
    MatButtonModule,
    MatButtonToggleModule,
    MatCheckboxModule,
    MatInputModule,
    ShownToggleDirective,
    SliderFieldComponent,
    CutoutPreviewComponent,
    HeldBackComponent,
  ],
  templateUrl: './cutout-panel.component.html',
  styleUrls: ['../editor/parts/panel-section.scss', './cutout-panel.component.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CutoutPanelComponent {
  readonly work = inject(CutoutWork);
  readonly opening = input.required<Opening | null>();
  readonly show = model.required<NonNullable<PhotoFill['show']>>();
  readonly ground = model.required<CutoutGround>();
  readonly state = this.work.history.now;
  readonly grounds = GROUNDS;
  readonly first = computed<CutoutGround>(() => (this.opening() ? 'sheet' : 'white'));
  readonly flat = computed(() => this.state().marks.find(({ kind }) => kind === 'flat') ?? null);
  readonly specks = computed(() =>
    counted(this.work.answer()?.specks ?? 0, 'speck', this.state().pieces.specks === 'out' ? 'left out' : ''),
  );
  readonly holes = computed(() =>
    counted(this.work.answer()?.holes ?? 0, 'hole', this.state().pieces.holes === 'filled' ? 'filled' : ''),
  );

  percent(share: number): number {
    return Math.round(100 * share);
  }

  setEdge(change: Partial<EdgeSettings>, how: ChangeHow): void {
    const edge = { ...this.state().edge, ...change };
    if (how === 'preview') this.work.history.preview({ edge });
    else this.work.history.commit({ edge });
  }

  setPieces(change: Partial<PieceSettings>): void {
    this.work.history.commit({ pieces: { ...this.state().pieces, ...change } });
  }

  setFlat(change: Partial<CutoutMark>, how: ChangeHow): void {
    const before = this.flat() ?? { kind: 'flat' as const, points: [], tolerance: FLAT_TOLERANCE };
    const mark: CutoutMark = { ...before, ...change };
    if (how !== 'preview') return this.work.history.mark(mark);
    this.work.history.preview({ marks: this.state().marks.map((each) => (each.kind === 'flat' ? mark : each)) });
  }

  take(id: string): void {
    void this.work.take(this.work.kept().find((cutout) => cutout.id === id) ?? null);
  }

  async download(): Promise<void> {
    const file = await this.work.subjectFile();
    if (file) saveFile(file, `${this.work.photo()!.name}-subject.png`);
  }
}

function counted(count: number, what: string, done: string): string {
  const words = count === 0 ? `No ${what}s` : `${count} ${what}${count === 1 ? '' : 's'}`;
  return done && count > 0 ? `${words}, ${done}` : words;
}
