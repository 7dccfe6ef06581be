import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatCheckboxModule } from '@angular/material/checkbox';

/** One part of a finish: its name with a tick that brings it or takes it away, and what it is set to. */
@Component({
  selector: 'ka-finish-part',
  imports: [MatCheckboxModule],
  template: `
    <div class="head">
      <h3>
        <mat-checkbox [checked]="on()" (change)="toggled.emit($event.checked)">
          {{ name() }}
        </mat-checkbox>
      </h3>
      <span class="sum">{{ on() ? summary() : 'none' }}</span>
    </div>
    <ng-content />
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 8px;
      padding-bottom: 9px;
      border-bottom: 1px solid var(--rule);
    }
    .head {
      display: flex;
      align-items: center;
      justify-content: space-between;
      gap: 8px;
      min-height: 28px;
    }
    h3 {
      margin: 0;
      --mat-checkbox-label-text-weight: 600;
    }
    .sum {
      overflow: hidden;
      color: var(--soft);
      text-overflow: ellipsis;
      white-space: nowrap;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FinishPartComponent {
  readonly name = input.required<string>();
  readonly on = input.required<boolean>();
  readonly summary = input('');
  readonly toggled = output<boolean>();
}
