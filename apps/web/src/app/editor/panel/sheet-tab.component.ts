import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { changeSheet, type Edit } from '@kadrosyn/core';
import { ColourFieldComponent } from '../../interface/colour-field.component';
import { EditorSession } from '../session';
import { SheetTrim } from '../sheet/sheet-trim';
import { LengthFieldComponent } from './length-field.component';

const MOST_PX = 30_000;

/** Size and colour of the sheet. */
@Component({
  selector: 'ka-sheet-tab',
  imports: [LengthFieldComponent, ColourFieldComponent],
  template: `
    @if (sheet(); as sheet) {
      <div>
        <h2>{{ sheet.name }}</h2>
        <p class="hint">Nothing is selected: this is the sheet.</p>
      </div>
      <div>
        <h3>Size</h3>
        <div class="two">
          <ka-length-field label="Width" [least]="0.1" [value]="sheet.width" (changed)="resize('width', $event)" />
          <ka-length-field label="Height" [least]="0.1" [value]="sheet.height" (changed)="resize('height', $event)" />
        </div>
      </div>
      <div class="choices"><button class="ka-button" (click)="trim.begin()">Trim the sheet…</button></div>
      @if (ground(); as photo) {
        <div>
          <h3>Background</h3>
          <p class="hint">{{ photo }}</p>
        </div>
      }
      <ka-colour-field
        label="Sheet colour"
        [value]="colour()"
        [swatches]="swatches()"
        (previewed)="session.preview(colourEdit($event))"
        (changed)="session.commit(colourEdit($event))"
      />
      <label class="check">
        <input type="checkbox" [checked]="sheet.background.type === 'none'" (change)="setClear($any($event.target).checked)" />
        Clear background (PNG)
      </label>
    }
  `,
  styleUrl: './panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetTabComponent {
  readonly session = inject(EditorSession);
  readonly sheet = this.session.shownSheet;
  readonly swatches = computed(() => this.session.project()?.swatches ?? []);
  readonly trim = inject(SheetTrim);
  /** The name of the photo that is the ground. */
  readonly ground = computed(() => {
    const fill = this.sheet()?.background;
    return fill?.type === 'photo' ? (this.session.shownProject()?.photos[fill.photoId]?.name ?? null) : null;
  });
  readonly colour = computed(() => {
    const fill = this.sheet()?.background;
    return fill?.type === 'colour' ? fill.colour : '';
  });

  resize(side: 'width' | 'height', wanted: number): void {
    const { sheet } = this.session.context();
    const px = Math.min(MOST_PX, Math.max(1, wanted));
    this.session.commit(changeSheet(sheet, { [side]: px }, 'Resize sheet'));
  }

  colourEdit(colour: string): Edit {
    return changeSheet(this.session.context().sheet, { background: { type: 'colour', colour } }, 'Colour sheet');
  }

  setClear(clear: boolean): void {
    const background = clear ? ({ type: 'none' } as const) : ({ type: 'colour', colour: '#ffffff' } as const);
    this.session.commit(changeSheet(this.session.context().sheet, { background }, clear ? 'Clear background' : 'Colour sheet'));
  }
}
