import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { OpenFolds } from './open-folds';

/** A part of the panel that is opened when it is wanted, and stays as it was left. */
@Component({
  selector: 'ka-fold-part',
  template: `
    <h3>
      <button type="button" [attr.aria-expanded]="folds.isOpen(name())" (click)="folds.toggle(name())">
        <span class="arrow" aria-hidden="true"></span>
        {{ name() }}
        <span class="sum">{{ summary() }}</span>
      </button>
    </h3>
    <ng-content />
  `,
  styleUrl: '../panel/panel-section.scss',
  styles: `
    :host {
      gap: 8px;
      padding-bottom: 9px;
      border-bottom: 1px solid var(--rule);
    }
    h3 {
      margin: 0;
    }
    button {
      display: flex;
      align-items: center;
      gap: 9px;
      width: 100%;
      min-height: 28px;
      padding: 0;
      font-weight: 600;
      text-align: left;
      background: none;
      border: 0;
      cursor: pointer;
    }
    .arrow {
      width: 7px;
      height: 7px;
      margin: 0 4px 0 3px;
      border: solid var(--soft);
      border-width: 0 2px 2px 0;
      rotate: -45deg;
    }
    [aria-expanded='true'] .arrow {
      rotate: 45deg;
    }
    .sum {
      margin-left: auto;
      font-weight: 400;
      color: var(--soft);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FoldPartComponent {
  readonly folds = inject(OpenFolds);
  readonly name = input.required<string>();
  readonly summary = input('');
}
