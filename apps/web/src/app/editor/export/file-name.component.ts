import { ChangeDetectionStrategy, Component, computed, inject, viewChild, type ElementRef } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import { NAME_PARTS } from '@kadrosyn/core';
import { Exporting, LONGEST_NAME } from './exporting';

/** What the file is called: typed, with parts that are filled in, or by itself where nothing is typed. */
@Component({
  selector: 'ka-file-name',
  imports: [MatButtonModule, MatInputModule],
  template: `
    <div class="line">
      <label for="file-name">Called</label>
      <mat-form-field>
        <input
          #typed
          matInput
          id="file-name"
          autocomplete="off"
          spellcheck="false"
          [maxLength]="longest"
          [placeholder]="exporting.fileName()"
          [value]="name()"
          aria-describedby="file-is-called"
          (input)="exporting.setName(typed.value)"
        />
      </mat-form-field>
      @for (part of parts; track part) {
        <button matButton [attr.aria-label]="'+ ' + part + ' into the name'" (click)="add(part)">+ {{ part }}</button>
      }
    </div>
    <p class="says" id="file-is-called" aria-live="polite">{{ name().trim() ? exporting.fileName() : '' }}</p>
  `,
  styleUrls: ['./export-part.scss', './file-name.component.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FileNameComponent {
  readonly exporting = inject(Exporting);
  readonly parts = NAME_PARTS;
  readonly longest = LONGEST_NAME;
  readonly name = computed(() => this.exporting.settings().name);
  private readonly field = viewChild.required<ElementRef<HTMLInputElement>>('typed');

  /** Puts a part where the caret is, and goes on from there. */
  add(part: (typeof NAME_PARTS)[number]): void {
    const field = this.field().nativeElement;
    const { selectionStart, selectionEnd, value } = field;
    field.setRangeText(`{${part}}`, selectionStart ?? value.length, selectionEnd ?? value.length, 'end');
    this.exporting.setName(field.value);
    field.focus();
  }
}
