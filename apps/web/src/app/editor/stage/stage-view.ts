import { DOCUMENT, inject, Injectable, signal } from '@angular/core';
import { undo, withoutFinish, type Sheet } from '@kadrosyn/core';
import { Store } from '@ngrx/store';
import { EditorSession } from '../session/session';
import { editorFeature } from '../state/editor.reducer';
import { Viewport } from './viewport';

const KEY = 'kadrosyn:rulers';
/** What is placed lets so much of itself be seen while one looks through it. */
const SEEN_THROUGH = 0.45;

/** How the sheet is looked at: with rulers, through what is being placed, as it was before the last step, or clean and large. */
@Injectable()
export class StageView {
  private readonly document = inject(DOCUMENT);
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly history = inject(Store).selectSignal(editorFeature.selectHistory);
  private readonly project = inject(Store).selectSignal(editorFeature.selectProject);
  readonly rulers = signal(readRulers());
  readonly seesThrough = signal(false);
  /** What is selected is looked at without its finish. */
  readonly bare = signal(false);
  /** The sheet is looked at without its mood. */
  readonly moodless = signal(false);
  /** The space bar is down: a drag moves the view. */
  readonly spaceHeld = signal(false);
  /** The sheet alone, nothing around it. */
  readonly clean = signal(false);
  /** The name of the step that is held back for a look. */
  readonly heldBack = signal<string | null>(null);

  toggleRulers(): void {
    this.rulers.update((on) => !on);
    try {
      localStorage.setItem(KEY, this.rulers() ? 'on' : 'off');
    } catch {
      // Without room in the browser's storage it is remembered in this window only.
    }
  }

  /** The finished sheet, as large as the screen allows, without marks and panels. */
  look(): void {
    this.clean.set(true);
    this.session.preview(null);
    // Where the browser has no full screen, or refuses it, the window is used.
    if (this.document.fullscreenEnabled) this.document.documentElement.requestFullscreen().catch(() => undefined);
    this.showWholeSoon();
  }

  endLook(): void {
    if (!this.clean()) return;
    this.clean.set(false);
    if (this.document.fullscreenElement) this.document.exitFullscreen().catch(() => undefined);
    this.showWholeSoon();
  }

  /** The stage follows its size once it has it; from then on the sheet is shown whole. */
  private showWholeSoon(): void {
    const sheet = this.session.sheet();
    if (sheet) this.viewport.showWhole(sheet);
  }

  /** Shows the sheet as it was before the last step, until it is let go. */
  holdBack(): void {
    const project = this.project();
    const last = project && undo(project, this.history());
    if (!last?.edit || this.heldBack() !== null) return;
    this.heldBack.set(last.name);
    this.session.preview(last.edit);
  }

  letGo(): void {
    if (this.heldBack() === null) return;
    this.heldBack.set(null);
    this.session.preview(null);
  }

  /** The sheet as it is drawn: what is selected can be looked through, or seen without its finish. */
  drawn(sheet: Sheet): Sheet {
    if (this.moodless()) {
      const { mood: _mood, ...rest } = sheet;
      return rest;
    }
    if (this.bare()) {
      return withoutFinish(
        sheet,
        this.session.selectedItems().map(({ id }) => id),
      );
    }
    const item = this.session.selectedOpening();
    if (!this.seesThrough() || !item || this.clean()) return sheet;
    const faded = (items: Sheet['items']): Sheet['items'] =>
      items.map((other) => {
        if (other.type === 'group') return { ...other, items: faded(other.items) };
        if (other.id !== item.id) return other;
        return { ...other, finish: { ...other.finish, opacity: (other.finish.opacity ?? 1) * SEEN_THROUGH } };
      });
    return { ...sheet, items: faded(sheet.items) };
  }
}

function readRulers(): boolean {
  try {
    return localStorage.getItem(KEY) === 'on';
  } catch {
    return false;
  }
}
