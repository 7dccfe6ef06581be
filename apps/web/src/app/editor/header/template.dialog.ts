import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { MatInputModule } from '@angular/material/input';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import { openingsOf, type Opening, type Project } from '@kadrosyn/core';

/** How a project is to be kept as a template. */
export interface TemplateChoice {
  readonly name: string;
  readonly words: string;
  /** Hints by the id of the opening that becomes a slot. */
  readonly hints: ReadonlyMap<string, string>;
}

interface Place {
  readonly opening: Opening;
  readonly isText: boolean;
  readonly chosen: boolean;
  readonly hint: string;
}

/** Asks which places of a project others are to fill. */
@Component({
  imports: [MatButtonModule, MatCheckboxModule, MatInputModule, MatDialogModule],
  template: `
    <h2 mat-dialog-title>Save as template</h2>
    <form (submit)="finish($event)">
      <mat-dialog-content>
        <div class="fields">
          <label>
            <span>Name</span>
            <mat-form-field>
              <input matInput maxlength="200" cdkFocusInitial [value]="name()" (input)="name.set($any($event.target).value)" />
            </mat-form-field>
          </label>
          <label>
            <span>Words by which it is found</span>
            <mat-form-field>
              <input matInput maxlength="500" [value]="words()" (input)="words.set($any($event.target).value)" />
            </mat-form-field>
          </label>
        </div>
        <h3>Places to fill</h3>
        <p class="hint">What they show now is their sample. Everything else is part of the design.</p>
        <ul>
          @for (place of places(); track place.opening.id; let index = $index) {
            <li>
              <mat-checkbox [checked]="place.chosen" (change)="change(index, { chosen: $event.checked })">
                {{ place.opening.name }}
              </mat-checkbox>
              <mat-form-field>
                <input
                  matInput
                  maxlength="200"
                  [attr.aria-label]="'Hint for ' + place.opening.name"
                  [disabled]="!place.chosen"
                  [value]="place.hint"
                  (input)="change(index, { hint: $any($event.target).value })"
                />
              </mat-form-field>
            </li>
          } @empty {
            <li>There is no opening or lettering on the sheet that could be filled.</li>
          }
        </ul>
      </mat-dialog-content>
      <mat-dialog-actions align="end">
        <button matButton="outlined" type="button" mat-dialog-close>Cancel</button>
        <button matButton="filled" [disabled]="!canFinish()">Save template</button>
      </mat-dialog-actions>
    </form>
  `,
  styles: `
    .fields {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 12px;
    }
    .fields label {
      display: grid;
      gap: 3px;
      font-size: 13px;
      color: var(--soft);
    }
    h3 {
      margin: 16px 0 2px;
      font-size: 14px;
    }
    .hint {
      margin: 0 0 8px;
      color: var(--soft);
    }
    ul {
      display: grid;
      gap: 6px;
      max-height: 280px;
      margin: 0;
      padding: 0;
      list-style: none;
      overflow-y: auto;
    }
    li {
      display: grid;
      grid-template-columns: 200px 1fr;
      align-items: center;
      gap: 12px;
      min-width: 460px;
    }
    .check {
      display: flex;
      align-items: center;
      gap: 8px;
      overflow: hidden;
      text-overflow: ellipsis;
      white-space: nowrap;
    }
    mat-dialog-actions {
      gap: 8px;
      padding: 12px 24px 18px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TemplateDialog {
  private readonly project = inject<Project>(MAT_DIALOG_DATA);
  private readonly dialog = inject<MatDialogRef<TemplateDialog, TemplateChoice>>(MatDialogRef);
  readonly name = signal(this.project.name);
  readonly words = signal('');
  readonly places = signal(placesOf(this.project));
  readonly canFinish = computed(
    () => this.name().trim() !== '' && this.places().every(({ chosen, hint }) => !chosen || hint.trim() !== ''),
  );

  change(index: number, change: Partial<Place>): void {
    this.places.update((places) => places.with(index, { ...places[index]!, ...change }));
  }

  finish(event: Event): void {
    event.preventDefault();
    const hints = new Map(
      this.places()
        .filter(({ chosen }) => chosen)
        .map(({ opening, hint }) => [opening.id, hint.trim()] as const),
    );
    this.dialog.close({ name: this.name().trim(), words: this.words().trim(), hints });
  }
}

/** Openings for photos, and letterings. Shaped openings with a photo are wanted as slots unless said otherwise; so is what was one. */
function placesOf({ sheets }: Project): Place[] {
  return sheets.flatMap(({ items }) =>
    [...openingsOf(items)].flatMap((opening): Place[] => {
      const { kind, outline, fill, slot, name } = opening;
      const isText = outline.type === 'lettering';
      const canBeFilled = isText || (kind === 'shaped' && (fill.type === 'photo' || fill.type === 'none'));
      if (!canBeFilled) return [];
      const hint = slot?.hint ?? (isText ? 'Your text' : `Your photo for ${name}`);
      return [{ opening, isText, chosen: slot !== undefined || (!isText && fill.type !== 'colour'), hint }];
    }),
  );
}
