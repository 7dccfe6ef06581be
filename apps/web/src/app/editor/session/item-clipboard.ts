import { inject, Injectable } from '@angular/core';
import { pasteEdit, readClipping, removeItems, withHosted, writeClipping } from '@kadrosyn/core';
import { Arrivals } from './arrivals';
import { EditorSession } from './session';
import { nameTogether } from '../stage/together-gestures';

/** How copied items are named among what the clipboard holds. */
const CLIPPING_TYPE = 'application/x-kadrosyn-items+json';

/** Copying, cutting and pasting: items of sheets, and files. */
@Injectable()
export class ItemClipboard {
  private readonly session = inject(EditorSession);
  private readonly arrivals = inject(Arrivals);

  /** What was copied last in this window, for pasting it in place. */
  private copied: string | null = null;

  /** Copies what is selected; a cut takes it away as well. */
  copy(event: ClipboardEvent): void {
    const items = this.session.selectedItems();
    if (items.length === 0) return;
    const { project, sheet } = this.session.context();
    this.copied = writeClipping(project, sheet, withHosted(sheet, items));
    event.clipboardData?.setData(CLIPPING_TYPE, this.copied);
    event.preventDefault();
    const cut = items.filter(({ locked }) => !locked).map(({ id }) => id);
    if (event.type === 'cut' && cut.length > 0) this.session.commit(removeItems(sheet, cut, `Cut ${nameTogether(items)}`), null);
  }

  /** Lays what was copied last exactly where it was, on the sheet that is shown. False when nothing was copied. */
  pasteInPlace(): boolean {
    const { project, sheet } = this.session.context();
    const clipping = this.copied === null ? null : readClipping(this.copied);
    if (!clipping) return false;
    const { edit, ids } = pasteEdit(project, sheet, clipping, 'in place');
    this.session.commit(edit, ids);
    return true;
  }

  /** An item is laid on top; a photo goes into what is selected, or on top. */
  paste(event: ClipboardEvent): void {
    const files = [...(event.clipboardData?.files ?? [])];
    const { project, sheet } = this.session.context();
    const clipping = readClipping(event.clipboardData?.getData(CLIPPING_TYPE) ?? '');
    if (files.length === 0 && !clipping) return;
    event.preventDefault();
    if (!clipping) return this.arrivals.add(files, 'pasted');
    const { edit, ids } = pasteEdit(project, sheet, clipping, 'beside');
    this.session.commit(edit, ids);
  }
}
