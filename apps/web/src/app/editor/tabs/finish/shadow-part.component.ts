import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { followLight } from '@kadrosyn/core';
import { FinishEditing } from '../../finish/finish-editing';
import { FinishPartComponent } from './finish-part.component';
import { firstShadow } from '../../finish/first-shadow';
import { ShadowControlsComponent } from './shadow-controls.component';

/** The shadow of what is selected. */
@Component({
  selector: 'ka-shadow-part',
  imports: [FinishPartComponent, ShadowControlsComponent],
  template: `
    <ka-finish-part name="Shadow" [on]="!!shadow()" [summary]="summary()" (toggled)="toggle($event)">
      @if (shadow(); as cast) {
        <ka-shadow-controls
          [shadow]="cast"
          [first]="first()"
          (changed)="editing.setPart('shadow', 'Shadow', $event.change, $event.how)"
          (followed)="follow($event)"
        />
      }
    </ka-finish-part>
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShadowPartComponent {
  readonly editing = inject(FinishEditing);
  readonly shadow = computed(() => this.editing.finish().shadow);
  readonly first = computed(() => firstShadow(this.editing.extent()));
  readonly summary = computed(() => {
    const shadow = this.shadow();
    return shadow ? `${Math.round(shadow.strength * 100)} %, ${shadow.blur > 0 ? 'soft' : 'hard'}` : '';
  });

  toggle(on: boolean): void {
    this.editing.togglePart('shadow', 'Shadow', on, this.first());
  }

  follow(on: boolean): void {
    const { sheet } = this.editing.session.context();
    this.editing.change('Light of shadow', (finish) =>
      finish.shadow ? { ...finish, shadow: followLight(finish.shadow, sheet, on) } : finish,
    );
  }
}
