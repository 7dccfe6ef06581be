import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { placedPhoto, type Opening } from '@kadrosyn/core';
import { FocusEditing } from '../../modes/focus/focus-editing';
import { EditorSession } from '../../session/session';

/** Opens the box of what the photo is about. */
@Component({
  selector: 'ka-focus-section',
  imports: [MatButtonModule],
  template: `
    <div class="choices">
      <button matButton="outlined" (click)="edit()">{{ photo()?.focus ? 'Correct the focus…' : 'Say what it is about…' }}</button>
    </div>
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FocusSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly editing = inject(FocusEditing);
  readonly opening = input.required<Opening>();
  readonly photo = computed(() => placedPhoto(this.opening(), this.session.context())?.photo);

  edit(): void {
    const photo = this.photo();
    if (photo) this.editing.begin(photo);
  }
}
