import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../../interface/shown-toggle.directive';
import { changeOpening, changeOutline, isWarped, type Opening } from '@kadrosyn/core';
import { EditorSession } from '../session/session';

/** How a photo lies in four corners. It is only ever changed here, by hand. */
@Component({
  selector: 'ka-corners-choice',
  imports: [MatButtonToggleModule, ShownToggleDirective],
  template: `
    <mat-button-toggle-group multiple class="segments" aria-label="The photo in its four corners">
      <mat-button-toggle [kaOn]="lies()" (change)="choose(true)">Lies in the picture</mat-button-toggle>
      <mat-button-toggle [kaOn]="!lies()" (change)="choose(false)">Stands upright</mat-button-toggle>
    </mat-button-toggle-group>
  `,
  styleUrl: './panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CornersChoiceComponent {
  private readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();
  readonly lies = computed(() => isWarped(this.opening().outline));

  choose(warp: boolean): void {
    const opening = this.session.settledOpening();
    if (opening?.outline.type !== 'corners' || opening.outline.warp === warp) return;
    const { project: _project, ...context } = this.session.context();
    const name = warp ? `Lay ${opening.name} in the picture` : `Stand ${opening.name} upright`;
    const after = changeOutline(opening, { ...opening.outline, warp }, context);
    this.session.commit(changeOpening(context.sheet, opening, after, name));
  }
}
