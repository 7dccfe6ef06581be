import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { changeOpening, clearFocus, coveredFocus, placedPhoto, placePhoto, type Opening } from '@kadrosyn/core';
import { FocusEditing } from '../focus-editing';
import { EditorSession } from '../session';

/** What the photo is about, whether something lies over it, and how it is made free. */
@Component({
  selector: 'ka-focus-section',
  template: `
    @if (covered(); as found) {
      <div>
        <p class="news look">{{ found.by[0] ?? 'Something' }} covers {{ percent(found.share) }} of what the photo is about.</p>
        <div class="choices clear"><button class="ka-button" (click)="clear()">Move the photo clear</button></div>
      </div>
    }
    <div class="choices">
      <button class="ka-button" (click)="edit()">{{ hasFocus() ? 'Correct the focus…' : 'Say what it is about…' }}</button>
    </div>
  `,
  styleUrl: './panel-section.scss',
  styles: `
    .clear {
      margin-top: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FocusSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly editing = inject(FocusEditing);
  readonly opening = input.required<Opening>();

  /** By the kept sheet: while something moves, the words stay. */
  private readonly settled = computed(() => {
    const opening = this.session.settledOpening();
    return opening?.id === this.opening().id ? opening : null;
  });
  private readonly placed = computed(() => {
    const opening = this.settled();
    return opening && this.session.project() ? placedPhoto(opening, this.session.context()) : undefined;
  });
  readonly hasFocus = computed(() => this.placed()?.photo.focus !== undefined);
  readonly covered = computed(() => {
    const [opening, placed] = [this.settled(), this.placed()];
    if (!opening || !placed) return null;
    const { sheet, shaper } = this.session.context();
    return coveredFocus(sheet, opening, placed.placement, placed.photo, shaper);
  });

  percent(share: number): string {
    return `${Math.round(share * 100)} %`;
  }

  edit(): void {
    const placed = this.placed();
    if (placed) this.editing.begin(placed.photo);
  }

  clear(): void {
    const [opening, placed] = [this.settled(), this.placed()];
    if (!opening || !placed) return;
    const context = this.session.context();
    const placement = clearFocus(context.sheet, opening, placed.placement, placed.photo, context.shaper);
    if (!placement) return;
    const after = placePhoto(opening, placement, context);
    this.session.commit(changeOpening(context.sheet, opening, after, `Move the photo of ${opening.name} clear`));
  }
}
