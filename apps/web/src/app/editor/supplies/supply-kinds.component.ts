import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';

/** Chooses one kind of supplies, or all. */
@Component({
  selector: 'ka-supply-kinds',
  imports: [MatButtonModule, RovingFocusDirective],
  template: `
    <div role="radiogroup" [attr.aria-label]="name()" kaRovingFocus>
      @for (choice of choices(); track choice.id) {
        <button
          matButton
          role="radio"
          data-stop
          [attr.aria-checked]="kind() === choice.id"
          [tabIndex]="kind() === choice.id ? 0 : -1"
          [class.on]="kind() === choice.id"
          (click)="chosen.emit(choice.id)"
        >
          {{ choice.name }}
        </button>
      }
    </div>
  `,
  styles: `
    div {
      display: flex;
      gap: 2px;
    }
    button {
      min-height: 28px;
      padding: 0 8px;
      --mat-button-text-label-text-color: var(--soft);
      background: none;
      border: 0;
      border-radius: 4px;
      cursor: pointer;
    }
    button:hover {
      --mat-button-text-label-text-color: var(--ink);
    }
    button.on {
      --mat-button-text-label-text-color: var(--ink);
      background: var(--spruce-tint);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SupplyKindsComponent {
  /** For screen readers. */
  readonly name = input.required<string>();
  readonly kinds = input.required<readonly { readonly id: string; readonly name: string }[]>();
  /** Empty for all. */
  readonly kind = input.required<string>();
  readonly chosen = output<string>();
  readonly choices = computed(() => [{ id: '', name: 'All' }, ...this.kinds()]);
}
