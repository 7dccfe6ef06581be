import { Directive, effect, inject, input } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatButtonToggle } from '@angular/material/button-toggle';

/**
 * A toggle that shows what is so: pressed by hand it says that it was (`change`), and goes back to what it is told. Material's own turns by itself,
 * also where the press changed nothing, such as one on the choice that is on already.
 */
@Directive({ selector: 'mat-button-toggle[kaOn]' })
export class ShownToggleDirective {
  private readonly toggle = inject(MatButtonToggle);
  readonly kaOn = input.required<boolean>();

  constructor() {
    effect(() => (this.toggle.checked = this.kaOn()));
    // Before the template hears of it, whose answer may be another value.
    this.toggle.change.pipe(takeUntilDestroyed()).subscribe(() => (this.toggle.checked = this.kaOn()));
  }
}
