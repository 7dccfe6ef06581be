import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  Injector,
  input,
  output,
  signal,
} from '@angular/core';
import { MatInputModule } from '@angular/material/input';
import { readLength } from '@kadrosyn/core';

/** A number that can be typed, or stepped by the arrow keys (Shift: by ten steps). With `bare` its name is for screen readers only. */
@Component({
  selector: 'ka-number-field',
  imports: [MatInputModule],
  template: `
    <label>
      <span class="name">{{ label() }}</span>
      <mat-form-field>
        <input
          matInput
          inputmode="decimal"
          autocomplete="off"
          [value]="shown()"
          [disabled]="disabled()"
          [attr.aria-invalid]="typed() !== null && parsed(typed()!) === null"
          (input)="typed.set($any($event.target).value)"
          (change)="finish($any($event.target))"
          (blur)="typed.set(null)"
          (keydown)="onKey($event)"
        />
        <span matTextSuffix class="unit" aria-hidden="true">{{ unit() }}</span>
      </mat-form-field>
    </label>
  `,
  styles: `
    label {
      display: grid;
      gap: 3px;
    }
    :host([bare]) .name {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
    :host([bare]) {
      --mat-form-field-container-height: 28px;
      --mat-form-field-container-vertical-padding: 3px;
    }
    :host([bare]) input {
      text-align: right;
    }
    .name {
      font-size: 13px;
      color: var(--soft);
    }
    input[aria-invalid='true'] {
      color: var(--persimmon);
    }
    .unit {
      padding-left: 3px;
      font-size: 13px;
      color: var(--soft);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NumberFieldComponent {
  private readonly injector = inject(Injector);
  readonly label = input.required<string>();
  readonly value = input.required<number>();
  readonly unit = input('');
  readonly decimals = input(0);
  readonly step = input(1);
  readonly least = input(-Infinity);
  readonly most = input(Infinity);
  readonly disabled = input(false);
  /** px per inch, for lengths: then px can be typed into a field in mm, and mm into one in px. */
  readonly dpi = input<number>();
  /** A new value that lies within the limits. */
  readonly changed = output<number>();

  readonly typed = signal<string | null>(null);
  readonly shown = computed(() => this.typed() ?? this.text(this.value()));

  /** The number that is meant, or null: a number, a length in another unit, or a simple sum of them. */
  parsed(text: string): number | null {
    const dpi = this.dpi();
    const value = readLength(text, dpi === undefined ? { unit: this.unit() } : { unit: this.unit(), dpi });
    return value === null ? null : Math.min(this.most(), Math.max(this.least(), value));
  }

  finish(field: HTMLInputElement): void {
    const value = this.parsed(field.value);
    this.typed.set(null);
    const isOther = value !== null && this.text(value) !== this.text(this.value());
    // What was typed is used up: a field that goes back to its value must not give it a second time when it is left.
    field.value = this.text(this.value());
    if (isOther) this.changed.emit(value);
    // The binding may hold the new text already, as it was typed, and would leave the field as it was set here.
    afterNextRender(() => (field.value = this.shown()), { injector: this.injector });
  }

  onKey(event: KeyboardEvent): void {
    const field = event.target as HTMLInputElement;
    if (event.key === 'Escape') {
      field.value = this.text(this.value());
      this.typed.set(null);
    }
    if (event.key === 'Enter') this.finish(field);
    const direction = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (direction === 0) return;
    event.preventDefault();
    const from = this.parsed(field.value) ?? this.value();
    const value = this.parsed(String(from + direction * this.step() * (event.shiftKey ? 10 : 1)));
    this.typed.set(null);
    if (value !== null) this.changed.emit(value);
  }

  private text(value: number): string {
    return String(Number(value.toFixed(this.decimals())));
  }
}
