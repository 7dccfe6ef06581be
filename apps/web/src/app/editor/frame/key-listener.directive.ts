import { Directive, inject } from '@angular/core';
import { Cutting } from '../session/cutting';
import { EditorCommands } from '../commands/editor-commands';
import { isForField } from '../../interface/field-keys';
import { isForSupplies, keyCommand } from '../commands/editor-keys';
import { StageModes } from '../modes/stage-modes';
import { EditorSession } from '../session/session';
import { StageView } from '../stage/stage-view';
import { TextCaret } from '../modes/text/text-caret';

/** Hears the keys of the editor, all of them: first the mode that lies over the sheet, then the commands. */
@Directive({
  host: {
    '(document:keydown)': 'onKey($event)',
    '(document:keyup)': 'onKeyUp($event)',
    '(window:blur)': 'letGo()',
  },
})
export class KeyListenerDirective {
  private readonly session = inject(EditorSession);
  private readonly commands = inject(EditorCommands);
  private readonly modes = inject(StageModes);
  private readonly view = inject(StageView);
  private readonly typing = inject(TextCaret);
  private readonly cutting = inject(Cutting);

  onKey(event: KeyboardEvent): void {
    // The cutout has a window and keys of its own.
    if (this.cutting.request() || this.modes.onKey(event)) return;
    if (event.defaultPrevented || inMenu(event.target)) return;
    if (isForField(event) || isForSupplies(event)) return;
    // Enter types in the selected lettering.
    const selected = this.session.selectedOpening();
    if (event.key === 'Enter' && selected?.outline.type === 'lettering' && !(event.target instanceof HTMLButtonElement)) {
      event.preventDefault();
      this.typing.begin(selected);
      return;
    }
    if (event.key === ' ' && event.target instanceof HTMLElement && event.target.tagName !== 'BUTTON') {
      event.preventDefault();
      this.view.spaceHeld.set(true);
      return;
    }
    if (event.key === 'Alt') {
      // Otherwise the browser's menu would take the next key.
      event.preventDefault();
      this.session.gripSwapped.set(true);
    }
    if (event.key.toLowerCase() === 'c' && !event.ctrlKey && !event.metaKey && !event.altKey) return this.view.holdBack();
    const command = keyCommand(event);
    if (!command || !this.commands.run(command)) return;
    event.preventDefault();
  }

  onKeyUp(event: KeyboardEvent): void {
    if (event.key === ' ') this.view.spaceHeld.set(false);
    if (event.key === 'Alt') this.session.gripSwapped.set(false);
    if (event.key.toLowerCase() === 'c') this.view.letGo();
  }

  /** Keys that go up elsewhere are not heard. */
  letGo(): void {
    this.session.gripSwapped.set(false);
    this.view.letGo();
    this.view.spaceHeld.set(false);
  }
}

/** Whether something is inside a menu or a dialog, which have keys of their own. */
export function inMenu(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('.mat-mdc-menu-panel, mat-dialog-container') !== null;
}
