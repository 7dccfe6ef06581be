import { Directive, output } from '@angular/core';

/** A button that does something only while it is held: by pointer, Space or Enter. */
@Directive({
  selector: 'button[kaHold]',
  host: {
    '(pointerdown)': 'held.emit(true)',
    '(pointerup)': 'held.emit(false)',
    '(pointerleave)': 'held.emit(false)',
    '(pointercancel)': 'held.emit(false)',
    '(blur)': 'held.emit(false)',
    '(keydown.space)': 'onKey($event, true)',
    '(keyup.space)': 'onKey($event, false)',
    '(keydown.enter)': 'onKey($event, true)',
    '(keyup.enter)': 'onKey($event, false)',
    '(contextmenu)': '$event.preventDefault()',
  },
})
export class HoldDirective {
  readonly held = output<boolean>();

  onKey(event: Event, on: boolean): void {
    event.preventDefault();
    this.held.emit(on);
  }
}
