import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { MatInputModule } from '@angular/material/input';
import { changeItem, withSlot, type Opening } from '@kadrosyn/core';
import { EditorSession } from '../../session/session';

/** Says that an opening is a place for others to fill, with a hint. */
@Component({
  selector: 'ka-slot-section',
  imports: [MatButtonModule, MatCheckboxModule, MatInputModule],
  template: `
    <mat-checkbox [checked]="opening().slot !== undefined" (change)="set($event.checked ? suggestion() : null)">
      A place to fill, in templates
    </mat-checkbox>
    @if (opening().slot; as slot) {
      <mat-form-field>
        <input
          matInput
          #hint
          maxlength="200"
          aria-label="Hint for whoever fills it"
          [value]="slot.hint"
          (change)="set(hint.value.trim() || suggestion())"
        />
      </mat-form-field>
      @if (slot.sample) {
        <p class="hint">It shows a sample. <button matButton="outlined" (click)="keep()">It is mine</button></p>
      }
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SlotSectionComponent {
  private readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();

  suggestion(): string {
    return this.opening().outline.type === 'lettering' ? 'Your text' : 'Your photo';
  }

  set(hint: string | null): void {
    const opening = this.opening();
    const slot = withSlot(opening, hint).slot ?? null;
    this.session.commit(
      changeItem(
        this.session.context().sheet,
        opening,
        { slot },
        slot ? `Make ${opening.name} a place to fill` : `${opening.name} is no place to fill`,
      ),
    );
  }

  /** The sample is wanted as it is. */
  keep(): void {
    const opening = this.opening();
    if (!opening.slot) return;
    const slot = { ...opening.slot, sample: false };
    this.session.commit(changeItem(this.session.context().sheet, opening, { slot }, `Keep the sample in ${opening.name}`));
  }
}
