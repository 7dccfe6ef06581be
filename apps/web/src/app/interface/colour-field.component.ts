import { booleanAttribute, ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatSliderModule } from '@angular/material/slider';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import type { Colour, LiteralColour } from '@kadrosyn/core';
import { MatTooltipModule } from '@angular/material/tooltip';
import { COLOUR_SOURCE } from './colour-offers';
import { hexOfHsl, hslOf, type Hsl } from './hsl';
import { IconComponent } from './icon.component';

const PARTS = [
  { id: 'hue', name: 'Hue', most: 360 },
  { id: 'saturation', name: 'Saturation', most: 100 },
  { id: 'lightness', name: 'Lightness', most: 100 },
] as const;
const RAINBOW = 'linear-gradient(90deg, #f00, #ff0, #0f0, #0ff, #00f, #f0f, #f00)';

/** A colour by its role in the project, by swatch, by hex, by sliders, from photos, or taken from the sheet. */
@Component({
  selector: 'ka-colour-field',
  imports: [MatSliderModule, MatButtonModule, MatInputModule, IconComponent, MatTooltipModule],
  templateUrl: './colour-field.component.html',
  styleUrls: ['./colour-field.component.scss', './swatch-dots.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ColourFieldComponent {
  readonly source = inject(COLOUR_SOURCE, { optional: true });
  readonly parts = PARTS;
  readonly label = input.required<string>();
  /** Empty where several or none are meant. */
  readonly value = input.required<Colour>();
  readonly swatches = input.required<readonly string[]>();
  /** Its name is for screen readers only. */
  readonly bare = input(false, { transform: booleanAttribute });
  /** Colours by their role are offered too. */
  readonly roles = input(true);
  readonly changed = output<Colour>();
  /** While a slider is moved. */
  readonly previewed = output<LiteralColour>();
  readonly open = signal(false);
  /** What the sliders were set to: black and white have no hue of their own to come back to. */
  private readonly slid = signal<Hsl | null>(null);

  readonly hsl = computed<Hsl>(() => {
    const [slid, value] = [this.slid(), this.plain()];
    return slid && hexOfHsl(slid) === value ? slid : hslOf(value);
  });

  readonly forRoles = computed(() => (this.roles() ? (this.source?.roles() ?? []) : []));
  /** The role that the colour has; null for a colour of its own. */
  readonly role = computed(() => {
    const value = this.value();
    return typeof value === 'string' ? null : (this.source?.roles().find(({ role }) => role === value.role) ?? null);
  });
  /** #rrggbb, or empty. */
  readonly hex = computed(() => {
    const value = this.value();
    return typeof value === 'string' ? value.slice(0, 7) : (this.role()?.colour ?? '');
  });

  plain(): string {
    return this.hex() || '#ffffff';
  }

  toggle(): void {
    this.open.update((open) => !open);
  }

  /** How the colour would run along one of the sliders. */
  runOf(part: keyof Hsl): string {
    if (part === 'hue') return RAINBOW;
    const at = (value: number): string => hexOfHsl({ ...this.hsl(), [part]: value });
    return `linear-gradient(90deg, ${at(0)}, ${at(50)}, ${at(100)})`;
  }

  slide(part: keyof Hsl, event: Event, how: 'preview' | 'commit'): void {
    const hsl = { ...this.hsl(), [part]: (event.target as HTMLInputElement).valueAsNumber };
    this.slid.set(hsl);
    (how === 'preview' ? this.previewed : this.changed).emit(hexOfHsl(hsl));
  }

  typed(field: HTMLInputElement): void {
    const hex = hexOf(field.value);
    if (hex) this.changed.emit(hex);
    else field.value = this.hex();
  }

  async take(): Promise<void> {
    const colour = await this.source?.take();
    if (colour) this.changed.emit(colour);
  }
}

/** "#1d5a4c", "1D5A4C" and "#abc" as #rrggbb; null for anything else. */
export function hexOf(text: string): string | null {
  const digits = /^#?([0-9a-f]{3}|[0-9a-f]{6})$/i.exec(text.trim())?.[1]?.toLowerCase();
  if (!digits) return null;
  return digits.length === 3 ? digits.replace(/./g, '$&$&').replace(/^/, '#') : `#${digits}`;
}
