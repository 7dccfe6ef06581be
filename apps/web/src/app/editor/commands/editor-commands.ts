import { inject, Injectable } from '@angular/core';
import { groupsAround, listAround } from '@kadrosyn/core';
import { Store } from '@ngrx/store';
import { runOnSelected } from './run-on-selected';
import { Passed } from '../depth/passed';
import type { KeyCommand } from './editor-keys';
import { AreaFinding } from '../modes/area/area-finding';
import { ColourTaking } from '../modes/colour/colour-taking';
import { ItemClipboard } from '../session/item-clipboard';
import { Notices } from '../session/notices';
import { Regions } from '../session/regions';
import { EditorSession } from '../session/session';
import { StagePointer } from '../stage/stage-pointer';
import { StageView } from '../stage/stage-view';
import { Viewport } from '../stage/viewport';
import { EditorActions } from '../state/editor.actions';

/** What can be done while the finished sheet is looked at: nothing that changes it. */
const LOOKS: ReadonlySet<KeyCommand['do']> = new Set(['look', 'cancel', 'zoom-in', 'zoom-out', 'whole', 'next-region']);

/** Does what keys ask for. */
@Injectable()
export class EditorCommands {
  private readonly store = inject(Store);
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly view = inject(StageView);
  private readonly pointer = inject(StagePointer);
  private readonly notices = inject(Notices);
  private readonly passed = inject(Passed);
  private readonly clipboard = inject(ItemClipboard);
  private readonly taking = inject(ColourTaking);
  private readonly regions = inject(Regions);
  private readonly areas = inject(AreaFinding);

  /** False when the command has nothing to work on. */
  run(command: KeyCommand): boolean {
    if (this.view.clean() && !LOOKS.has(command.do)) return command.do === 'nudge' && this.turnPage(command.x + command.y);
    switch (command.do) {
      case 'undo':
        this.store.dispatch(EditorActions.undo());
        return true;
      case 'redo':
        this.store.dispatch(EditorActions.redo());
        return true;
      case 'grip':
        this.session.setGrip(command.grip);
        return true;
      case 'zoom-in':
        this.viewport.zoomTo(this.viewport.zoom() * 1.25);
        return true;
      case 'zoom-out':
        this.viewport.zoomTo(this.viewport.zoom() / 1.25);
        return true;
      case 'whole':
        this.viewport.showWhole(this.session.context().sheet);
        return true;
      case 'look':
        if (this.view.clean()) this.view.endLook();
        else this.view.look();
        return true;
      case 'find-area':
        return this.findArea();
      case 'rulers':
        this.view.toggleRulers();
        return true;
      case 'select-all':
        this.selectAll();
        return true;
      case 'paste-in-place':
        return this.clipboard.pasteInPlace();
      case 'next-region':
        this.regions.focusNext(command.back);
        return true;
      case 'next-chip':
        return this.regions.focusNextChip(command.back);
      case 'cancel':
        this.cancel();
        return true;
      default:
        return runOnSelected(command, this.session, {
          undoable: (words) => this.notices.sayWithUndo(words),
          passed: (words) => this.passed.say(words),
        });
    }
  }

  private findArea(): boolean {
    const opening = this.session.background() ?? this.session.settledOpening();
    return opening !== null && this.areas.begin(opening);
  }

  /** In the clean view arrow keys turn to the next sheet or the one before. */
  private turnPage(step: number): boolean {
    const { project, sheet } = this.session.context();
    const next = project.sheets[project.sheets.findIndex(({ id }) => id === sheet.id) + Math.sign(step)];
    if (next) this.session.showSheet(next.id);
    return next !== undefined;
  }

  /** All that lies beside what is selected: in its group, or on the sheet. */
  private selectAll(): void {
    const { sheet } = this.session.context();
    const [item] = this.session.selectedItems();
    const list = item ? listAround(sheet, item.id) : sheet.items;
    this.session.selectSeveral(list.filter(({ locked, hidden }) => !locked && !hidden).map(({ id }) => id));
  }

  /** Ends what goes on; otherwise goes out of a group, and then selects nothing. */
  private cancel(): void {
    if (this.view.clean()) return this.view.endLook();
    if (this.taking.active()) return this.taking.end(null);
    if (this.pointer.cancel()) return;
    if (this.session.selectsSeveral()) return this.session.selectsSeveral.set(false);
    const [item] = this.session.selectedItems();
    const group = item && groupsAround(this.session.context().sheet, item.id).at(-1);
    this.session.select(group ?? null);
  }
}
