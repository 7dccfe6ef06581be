import { TestBed } from '@angular/core/testing';
import { letteringText, type LetteringOutline, type Opening } from '@kadrosyn/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, word, type OpenedEditor } from '../../../../testing/opened-editor';
import { Notices } from '../../session/notices';
import { TextCaret } from './text-caret';

describe('typing on the sheet', () => {
  let editor: OpenedEditor;
  let typing: TextCaret;
  const sayWithUndo = vi.fn<(words: string) => void>();
  const at = (id: string): Opening => editor.item(id) as Opening;
  const text = (id: string): string => letteringText(at(id).outline as LetteringOutline);

  beforeEach(() => {
    vi.resetAllMocks();
    editor = openedEditor(
      [word('KILN'), word('SHUT', { locked: true })],
      [TextCaret, { provide: Notices, useValue: { sayWithUndo } }],
    );
    typing = TestBed.inject(TextCaret);
  });

  it('begins with all of the text selected, in what is not locked', () => {
    typing.begin(at('SHUT'));
    expect(typing.opening()).toBeNull();
    typing.begin(at('KILN'));
    expect([typing.opening()?.id, typing.text()]).toEqual(['KILN', 'KILN']);
    expect(typing.selection()).toEqual({ anchor: 0, focus: 4 });
    expect(editor.session.selected()?.id).toBe('KILN');
  });

  it('is one step however many letters come, and the lettering is called by its text', () => {
    typing.begin(at('KILN'));
    for (const now of ['O', 'OP', 'OPE', 'OPEN']) typing.type(now, { anchor: now.length, focus: now.length });
    expect([text('KILN'), at('KILN').name, editor.steps().length]).toEqual(['OPEN', 'OPEN', 1]);
    expect(typing.selection()).toEqual({ anchor: 4, focus: 4 });
    // The caret alone is no step.
    typing.type('OPEN', { anchor: 0, focus: 2 });
    expect([editor.steps().length, typing.selection()]).toEqual([1, { anchor: 0, focus: 2 }]);
  });

  it('takes a lettering away that was emptied, and says so with a way back', () => {
    typing.begin(at('KILN'));
    typing.type('', { anchor: 0, focus: 0 });
    typing.end();
    expect([editor.item('KILN'), editor.session.selected()]).toEqual([undefined, null]);
    expect(sayWithUndo).toHaveBeenCalledExactlyOnceWith('The lettering had no text left and was removed.');
  });

  it('goes to another lettering than the one that it began in only when that is begun', () => {
    typing.begin(at('KILN'));
    editor.session.select('SHUT');
    typing.type('OPEN', { anchor: 4, focus: 4 });
    expect([text('KILN'), text('SHUT'), editor.steps()]).toEqual(['KILN', 'SHUT', []]);
  });

  it('is for clicks in the middle of a lettering: near its border it is taken hold of', () => {
    const kiln = at('KILN');
    const { x, y, width, height } = kiln.box;
    const middle = { x: x + width / 2, y: y + height / 2 };
    expect(typing.isInMiddle(kiln, middle, 1)).toBe(true);
    expect(typing.isInMiddle(kiln, { x: x + 3, y: middle.y }, 1)).toBe(false);
    // Seen larger, the same place is farther from the border.
    expect(typing.isInMiddle(kiln, { x: x + 3, y: middle.y }, 4)).toBe(true);
    expect(typing.isInMiddle(at('SHUT'), middle, 1)).toBe(false);
  });
});
