import { Directive, ElementRef, inject } from '@angular/core';

/** A row of buttons as one stop of the Tab key: arrow keys, Home and End move within it. */
@Directive({ selector: '[kaRovingFocus]', host: { '(keydown)': 'onKey($event)', '(focusin)': 'onFocus($event)' } })
export class RovingFocusDirective {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);

  onKey(event: KeyboardEvent): void {
    const stops = this.stops();
    const at = stops.indexOf(event.target as HTMLElement);
    const moves: Record<string, number> = {
      ArrowRight: at + 1,
      ArrowDown: at + 1,
      ArrowLeft: at - 1,
      ArrowUp: at - 1,
      Home: 0,
      End: stops.length - 1,
    };
    const next = event.altKey || event.ctrlKey ? undefined : stops[moves[event.key] ?? -1];
    if (at < 0 || !next) return;
    event.preventDefault();
    event.stopPropagation();
    next.focus();
  }

  onFocus(event: FocusEvent): void {
    const target = event.target as HTMLElement;
    for (const stop of this.stops()) stop.tabIndex = stop === target ? 0 : -1;
  }

  private stops(): HTMLElement[] {
    return [...this.host.nativeElement.querySelectorAll<HTMLElement>('[data-stop]:not(:disabled)')];
  }
}
