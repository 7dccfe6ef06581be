import { computed, inject, Injectable, signal } from '@angular/core';
import {
  apply,
  boxMatrix,
  invert,
  layOut,
  letteringText,
  offsetAt,
  withWholeText,
  type LetteringOutline,
  type Opening,
  type Point,
} from '@kadrosyn/core';
import { removeEmptyEdit, textEdit } from '../../commands/lettering-edits';
import { Notices } from '../../session/notices';
import { EditorSession } from '../../session/session';

/** A stretch of the text; `anchor` stays where a selection began, `focus` moves. UTF-16 units. */
export interface TextSelection {
  readonly anchor: number;
  readonly focus: number;
}

/** From so near to its border a lettering is taken hold of instead of typed in, css px. */
const EDGE = 7;

/** Typing on the sheet. */
@Injectable()
export class TextCaret {
  private readonly session = inject(EditorSession);
  private readonly notices = inject(Notices);
  private readonly openingId = signal<string | null>(null);
  readonly selection = signal<TextSelection>({ anchor: 0, focus: 0 });

  /** The lettering that is typed in, as it is shown; null while nothing is. */
  readonly opening = computed<(Opening & { readonly outline: LetteringOutline }) | null>(() => {
    const opening = this.session.selectedOpening();
    if (opening?.outline.type !== 'lettering' || opening.id !== this.openingId()) return null;
    return opening as Opening & { readonly outline: LetteringOutline };
  });

  readonly text = computed(() => {
    const opening = this.opening();
    return opening ? letteringText(opening.outline) : '';
  });

  /** Begins to type in a lettering; without a selection all of its text is selected. */
  begin(opening: Opening, selection?: TextSelection): void {
    if (opening.outline.type !== 'lettering' || opening.locked) return;
    this.session.select(opening.id);
    this.openingId.set(opening.id);
    this.selection.set(selection ?? { anchor: 0, focus: letteringText(opening.outline).length });
  }

  /** Begins to type at a point of the sheet. */
  beginAt(opening: Opening, at: Point): void {
    const place = this.placeAt(opening, at);
    this.begin(opening, { anchor: place, focus: place });
  }

  /** Ends typing; a lettering that was emptied goes. */
  end(): void {
    const id = this.openingId();
    this.openingId.set(null);
    const opening = this.session.sheet()?.items.find((item) => item.id === id);
    const edit = opening?.type === 'opening' ? removeEmptyEdit(this.session.context(), opening) : null;
    if (!edit) return;
    this.session.commit(edit, null);
    this.notices.sayWithUndo('The lettering had no text left and was removed.');
  }

  /** The whole text as it is now, and what is selected in it. */
  type(text: string, selection: TextSelection): void {
    const opening = this.session.settledOpening();
    if (opening?.outline.type !== 'lettering' || opening.id !== this.openingId()) return;
    const outline = withWholeText(opening.outline, text);
    if (text !== letteringText(opening.outline)) this.session.commitAgain(textEdit(this.session.context(), opening, outline));
    this.selection.set(selection);
  }

  /** The place of the text nearest to a point of the sheet. */
  placeAt(opening: Opening, at: Point): number {
    if (opening.outline.type !== 'lettering') return 0;
    const layout = layOut(opening.outline, this.session.context().shaper, opening.box.width);
    return offsetAt(layout, apply(invert(boxMatrix(opening.box)), at));
  }

  /** Whether a point of the sheet lies in the middle of a lettering, where a click types. @param zoom - css px per px of the sheet. */
  isInMiddle(opening: Opening, at: Point, zoom: number): boolean {
    if (opening.outline.type !== 'lettering' || opening.locked) return false;
    const p = apply(invert(boxMatrix(opening.box)), at);
    const { width, height } = opening.box;
    const edge = Math.min(EDGE / zoom, width / 4, height / 4);
    return p.x > edge && p.y > edge && p.x < width - edge && p.y < height - edge;
  }
}
