import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { resizeSheet, toPx } from '@kadrosyn/core';
import { sizeWords } from '../../../interface/sheet-words';
import { SHEET_PRESETS, type SheetPreset } from '../../../projects/sheet-presets';
import { EditorSession } from '../../session/session';
import { SheetTrim } from '../../modes/trim/sheet-trim';
import { Viewport } from '../../stage/viewport';
import { LengthFieldComponent } from '../../parts/length-field.component';

const MOST_PX = 30_000;

/** Another size for the sheet, by purpose or typed; what lies on it is arranged for it. */
@Component({
  selector: 'ka-sheet-size',
  imports: [MatButtonModule, LengthFieldComponent, MatMenuModule],
  template: `
    @if (sheet(); as sheet) {
      <h3>Size</h3>
      <div class="two">
        <ka-length-field
          label="Width"
          [least]="0.1"
          [value]="width()"
          (changed)="typed.set({ width: $event, height: height() })"
        />
        <ka-length-field
          label="Height"
          [least]="0.1"
          [value]="height()"
          (changed)="typed.set({ width: width(), height: $event })"
        />
      </div>
      <div class="choices">
        @if (isOther()) {
          <button matButton="filled" (click)="resize(width(), height())">Resize</button>
          <button matButton="outlined" (click)="typed.set(null)">Keep {{ words() }}</button>
        } @else {
          <button matButton="outlined" [matMenuTriggerFor]="presets">For…</button>
          <button matButton="outlined" (click)="resize(height(), width())">Turn</button>
          <button matButton="outlined" (click)="trim.begin()">Trim the sheet…</button>
        }
      </div>
      @if (isOther()) {
        <p class="hint">Everything keeps its place: at edges, in the middle, across. Undo brings back this size.</p>
      }
      <mat-menu #presets="matMenu">
        @for (preset of all; track preset.name) {
          <button mat-menu-item (click)="choose(preset)">{{ preset.name }}, {{ preset.words }}</button>
        }
      </mat-menu>
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 8px;
    }
    h3 {
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetSizeComponent {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  readonly trim = inject(SheetTrim);
  readonly sheet = this.session.shownSheet;
  readonly all = SHEET_PRESETS;
  /** A size that was typed and not yet applied, px: width and height belong together. */
  readonly typed = signal<{ readonly width: number; readonly height: number } | null>(null);
  readonly width = computed(() => this.typed()?.width ?? this.sheet()?.width ?? 1);
  readonly height = computed(() => this.typed()?.height ?? this.sheet()?.height ?? 1);
  readonly isOther = computed(() => {
    const sheet = this.sheet();
    return sheet !== null && (this.width() !== sheet.width || this.height() !== sheet.height);
  });
  readonly words = computed(() => {
    const [sheet, project] = [this.sheet(), this.session.shownProject()];
    return sheet && project ? sizeWords(sheet, project.unit, sheet.dpi) : '';
  });

  /** A purpose in px on a sheet for print keeps its dots per inch, and the other way round. */
  choose({ size }: SheetPreset): void {
    const { dpi } = this.session.context().sheet;
    this.resize(toPx(size.width, size.unit, dpi), toPx(size.height, size.unit, dpi));
  }

  resize(width: number, height: number): void {
    const limited = (px: number): number => Math.min(MOST_PX, Math.max(1, px));
    const size = { width: limited(width), height: limited(height) };
    this.typed.set(null);
    this.session.commit(resizeSheet(this.session.context(), size));
    this.viewport.showWhole(size);
  }
}
