import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { MatExpansionModule } from '@angular/material/expansion';
import { OpenFolds } from './open-folds';

/** A part of the panel that is opened when it is wanted, and stays as it was left. */
@Component({
  selector: 'ka-fold-part',
  imports: [MatExpansionModule],
  template: `
    <mat-expansion-panel
      class="ka-fold"
      hideToggle
      [expanded]="folds.isOpen(name())"
      (expandedChange)="folds.set(name(), $event)"
    >
      <mat-expansion-panel-header>
        <mat-panel-title>{{ name() }}</mat-panel-title>
        <mat-panel-description>{{ summary() }}</mat-panel-description>
      </mat-expansion-panel-header>
      <ng-content />
    </mat-expansion-panel>
  `,
  styles: `
    :host {
      display: block;
      border-bottom: 1px solid var(--rule);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FoldPartComponent {
  readonly folds = inject(OpenFolds);
  readonly name = input.required<string>();
  readonly summary = input('');
}
