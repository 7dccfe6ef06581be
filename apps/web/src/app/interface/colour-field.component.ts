import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

/** A colour by swatch, by hex, or by the system's picker. */
@Component({
  selector: 'ka-colour-field',
  template: `
    <fieldset>
      <legend>{{ label() }}</legend>
      <div class="row">
        <input
          type="color"
          [attr.aria-label]="label() + ', any colour'"
          [value]="plain()"
          (input)="previewed.emit($any($event.target).value)"
          (change)="changed.emit($any($event.target).value)"
        />
        <input
          class="ka-field"
          spellcheck="false"
          maxlength="7"
          [attr.aria-label]="label() + ' as hex'"
          [value]="value()"
          (change)="typed($any($event.target))"
        />
      </div>
      <div class="swatches">
        @for (swatch of swatches(); track swatch) {
          <button
            type="button"
            [style.background]="swatch"
            [class.chosen]="swatch === value()"
            [attr.aria-label]="'Swatch ' + swatch"
            [attr.aria-pressed]="swatch === value()"
            (click)="changed.emit(swatch)"
          ></button>
        }
      </div>
    </fieldset>
  `,
  styles: `
    fieldset {
      margin: 0;
      padding: 0;
      border: 0;
      min-width: 0;
    }
    legend {
      padding: 0;
      margin-bottom: 5px;
      font-weight: 600;
    }
    .row {
      display: grid;
      grid-template-columns: 46px 110px;
      gap: 8px;
    }
    input[type='color'] {
      width: 46px;
      height: 32px;
      padding: 2px;
      background: var(--paper);
      border: 1px solid var(--rule);
      border-radius: var(--radius);
      cursor: pointer;
    }
    .swatches {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
      margin-top: 9px;
    }
    .swatches button {
      width: 26px;
      height: 26px;
      padding: 0;
      border: 1px solid color-mix(in srgb, var(--ink) 22%, transparent);
      border-radius: 50%;
      cursor: pointer;
    }
    .swatches .chosen {
      box-shadow:
        0 0 0 2px var(--panel),
        0 0 0 4px var(--spruce);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ColourFieldComponent {
  readonly label = input.required<string>();
  /** #rrggbb, or empty where several or none are meant. */
  readonly value = input.required<string>();
  readonly swatches = input.required<readonly string[]>();
  readonly changed = output<string>();
  /** While the picker is open. */
  readonly previewed = output<string>();

  plain(): string {
    return this.value().slice(0, 7) || '#ffffff';
  }

  typed(field: HTMLInputElement): void {
    const hex = hexOf(field.value);
    if (hex) this.changed.emit(hex);
    else field.value = this.value();
  }
}

/** "#1d5a4c", "1D5A4C" and "#abc" as #rrggbb; null for anything else. */
export function hexOf(text: string): string | null {
  const digits = /^#?([0-9a-f]{3}|[0-9a-f]{6})$/i.exec(text.trim())?.[1]?.toLowerCase();
  if (!digits) return null;
  return digits.length === 3 ? digits.replace(/./g, '$&$&').replace(/^/, '#') : `#${digits}`;
}
