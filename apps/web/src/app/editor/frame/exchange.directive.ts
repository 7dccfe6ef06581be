import { Directive, inject } from '@angular/core';
import { Arrivals } from '../session/arrivals';
import { Cutting } from '../session/cutting';
import { isTyping } from '../../interface/field-keys';
import { ItemClipboard } from '../session/item-clipboard';
import { inMenu } from './key-listener.directive';

/** What comes from outside the window and goes there: the clipboard, and files that are let go beside the sheet. */
@Directive({
  host: {
    '(document:copy)': 'onCopy($event)',
    '(document:cut)': 'onCopy($event)',
    '(document:paste)': 'onPaste($event)',
    '(window:dragover)': 'onDragOver($event)',
    '(window:drop)': 'onStrayDrop($event)',
  },
})
export class ExchangeDirective {
  private readonly clipboard = inject(ItemClipboard);
  private readonly arrivals = inject(Arrivals);
  private readonly cutting = inject(Cutting);

  onCopy(event: ClipboardEvent): void {
    if (this.takesClipboard(event) && !inMenu(event.target)) this.clipboard.copy(event);
  }

  onPaste(event: ClipboardEvent): void {
    if (this.takesClipboard(event)) this.clipboard.paste(event);
  }

  onDragOver(event: DragEvent): void {
    if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
  }

  /** Files let go beside the sheet are added to the supplies. */
  onStrayDrop(event: DragEvent): void {
    if (event.defaultPrevented) return;
    event.preventDefault();
    this.arrivals.add([...(event.dataTransfer?.files ?? [])]);
  }

  private takesClipboard({ target }: ClipboardEvent): boolean {
    return !isTyping(target) && !this.cutting.request();
  }
}
