import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { layOut, type AlongCircle, type Edit, type LetteringOutline, type Opening } from '@kadrosyn/core';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { EditorSession } from '../../session/session';
import { LengthFieldComponent } from '../../parts/length-field.component';

/** Text in straight lines, on an arc, or round a circle. */
@Component({
  selector: 'ka-circle-section',
  imports: [MatButtonToggleModule, MatCheckboxModule, ShownToggleDirective, NumberFieldComponent, LengthFieldComponent],
  template: `
    <mat-button-toggle-group multiple class="segments" aria-label="Line of the text">
      <mat-button-toggle [kaOn]="!along()" (change)="straight()">Straight</mat-button-toggle>
      <mat-button-toggle [kaOn]="way() === 'over'" (change)="round(false)">Over a circle</mat-button-toggle>
      <mat-button-toggle [kaOn]="way() === 'under'" (change)="round(true)">Under it</mat-button-toggle>
    </mat-button-toggle-group>
    @if (along(); as circle) {
      <div class="two">
        <ka-length-field label="Radius" [least]="0.1" [value]="circle.radius" (changed)="setRadius($event)" />
        <ka-number-field
          label="Stands at"
          unit="°"
          [decimals]="1"
          [value]="circle.start"
          (changed)="set({ start: $event }, 'Turn text on its circle')"
        />
      </div>
      <mat-checkbox [checked]="circle.inside" (change)="set({ inside: $event.checked }, 'Change side of the circle')">
        Inside the circle
      </mat-checkbox>
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CircleSectionComponent {
  private readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();
  /** Makes the edit that sets another outline. */
  readonly edit = input.required<(outline: LetteringOutline, name: string) => Edit>();
  private readonly outline = computed(() => this.opening().outline as LetteringOutline);
  readonly along = computed(() => this.outline().along);
  readonly way = computed(() => {
    const along = this.along();
    return along && (along.reverse ? 'under' : 'over');
  });

  straight(): void {
    const { along: _gone, ...outline } = this.outline();
    if (this.along()) this.session.commit(this.edit()(outline, 'Set text straight'));
  }

  /** @param under - read counter-clockwise at the foot of the circle. */
  round(under: boolean): void {
    const now = this.along();
    const { reverse: _before, ...rest } = now ?? this.fresh();
    const along: AlongCircle = { ...rest, start: under ? 180 : 0, inside: under, ...(under ? { reverse: true } : {}) };
    if (now && !!now.reverse === under) return;
    this.session.commit(this.edit()({ ...this.outline(), along }, 'Set text round a circle'));
  }

  /** A circle of which the text takes about a third. */
  private fresh(): AlongCircle {
    const { width } = layOut(this.outline(), this.session.context().shaper);
    return { radius: Math.max(1, (width * 3) / (2 * Math.PI)), start: 0, inside: false };
  }

  setRadius(px: number): void {
    this.set({ radius: Math.max(0.5, px) }, 'Change radius of the text');
  }

  set(change: Partial<AlongCircle>, name: string): void {
    const along = this.along();
    if (along) this.session.commitAgain(this.edit()({ ...this.outline(), along: { ...along, ...change } }, name));
  }
}
