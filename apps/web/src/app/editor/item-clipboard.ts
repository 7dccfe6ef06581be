import { inject, Injectable } from '@angular/core';
import { removeItem } from '@kadrosyn/core';
import { Arrivals } from './arrivals';
import { CLIPPING_TYPE, pasteEdit, readClipping, writeClipping } from './commands/clipping';
import { EditorSession } from './session';

/** Copying, cutting and pasting: items of sheets, and files. */
@Injectable()
export class ItemClipboard {
  private readonly session = inject(EditorSession);
  private readonly arrivals = inject(Arrivals);

  /** Copies the selected item; a cut takes it away as well. */
  copy(event: ClipboardEvent): void {
    const item = this.session.selected();
    if (!item) return;
    const { project, sheet } = this.session.context();
    event.clipboardData?.setData(CLIPPING_TYPE, writeClipping(project, item));
    event.preventDefault();
    if (event.type === 'cut' && !item.locked) this.session.commit(removeItem(sheet, item.id, `Cut ${item.name}`), null);
  }

  /** An item is laid on top; a photo goes into what is selected, or on top. */
  paste(event: ClipboardEvent): void {
    const files = [...(event.clipboardData?.files ?? [])];
    const { project, sheet } = this.session.context();
    const clipping = readClipping(event.clipboardData?.getData(CLIPPING_TYPE) ?? '', project);
    if (files.length === 0 && !clipping) return;
    event.preventDefault();
    if (!clipping) return this.arrivals.add(files, 'pasted');
    const { edit, id } = pasteEdit(project, sheet, clipping);
    this.session.commit(edit, id);
  }
}
