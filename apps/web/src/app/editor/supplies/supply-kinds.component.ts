import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';

/** Chooses one kind of supplies, or all. */
@Component({
  selector: 'ka-supply-kinds',
  imports: [RovingFocusDirective],
  template: `
    <div role="radiogroup" [attr.aria-label]="name()" kaRovingFocus>
      @for (choice of choices(); track choice.id) {
        <button
          role="radio"
          data-stop
          [attr.aria-checked]="kind() === choice.id"
          [attr.tabindex]="kind() === choice.id ? 0 : -1"
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
      color: var(--soft);
      background: none;
      border: 0;
      border-radius: 4px;
      cursor: pointer;
    }
    button:hover {
      color: var(--ink);
    }
    button.on {
      color: var(--ink);
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
