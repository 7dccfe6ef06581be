import { Directive, ElementRef, inject } from '@angular/core';

/** Opens the "more" menu of a thing in the supplies by right click, long press, or Shift+F10, so that its button need not be a stop of the Tab key. */
@Directive({ selector: '[kaMoreMenu]', host: { '(contextmenu)': 'open($event)' } })
export class MoreMenuDirective {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);

  open(event: Event): void {
    const button = this.host.nativeElement.querySelector<HTMLElement>('.more');
    if (!button) return;
    event.preventDefault();
    button.click();
  }
}
