import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { letteringText, type LetteringOutline, type Opening } from '@kadrosyn/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, word, type OpenedEditor } from '../../../../testing/opened-editor';
import { Notices } from '../../session/notices';
import { Regions } from '../../session/regions';
import { StagePointer } from '../../stage/stage-pointer';
import { Viewport } from '../../stage/viewport';
import { TextCaret } from './text-caret';
import { TextCaretComponent } from './text-caret.component';

describe('the field behind the caret', () => {
  let editor: OpenedEditor;
  let caret: ComponentFixture<TextCaretComponent>;
  let typing: TextCaret;
  const focus = vi.fn<(region: string) => void>();
  const field = (): HTMLTextAreaElement => (caret.nativeElement as HTMLElement).querySelector('textarea')!;
  const text = (): string => letteringText((editor.item('TWO WORDS') as Opening).outline as LetteringOutline);
  const settle = async (): Promise<void> => {
    caret.detectChanges();
    await caret.whenStable();
  };
  const press = (key: string, more: KeyboardEventInit = {}): KeyboardEvent => {
    const event = new KeyboardEvent('keydown', { key, cancelable: true, bubbles: true, ...more });
    field().dispatchEvent(event);
    return event;
  };

  beforeEach(async () => {
    vi.resetAllMocks();
    editor = openedEditor(
      [word('TWO WORDS')],
      [
        TextCaret,
        Viewport,
        { provide: Notices, useValue: { sayWithUndo: vi.fn() } },
        { provide: Regions, useValue: { focus } },
        { provide: StagePointer, useValue: { passOn: vi.fn() } },
      ],
    );
    typing = TestBed.inject(TextCaret);
    typing.begin(editor.item('TWO WORDS') as Opening);
    caret = TestBed.createComponent(TextCaretComponent);
    document.body.append(caret.nativeElement as HTMLElement);
    await settle();
  });

  it('holds the text of the lettering with what is selected in it, and has the keyboard', () => {
    expect([field().value, field().selectionStart, field().selectionEnd]).toEqual(['TWO WORDS', 0, 9]);
    expect(document.activeElement).toBe(field());
  });

  it('puts what is typed on the sheet; what is changed elsewhere comes into it', async () => {
    field().value = 'ONE\r\nLINE';
    field().dispatchEvent(new Event('input'));
    await settle();
    expect(text()).toBe('ONE\nLINE');
    press('z', { ctrlKey: true });
    await settle();
    expect([text(), field().value]).toEqual(['TWO WORDS', 'TWO WORDS']);
  });

  it('leaves typing with Escape, to the stage, and keeps no other key for itself', async () => {
    expect(press('a').defaultPrevented).toBe(false);
    expect(press('Escape').defaultPrevented).toBe(true);
    await settle();
    expect(typing.opening()).toBeNull();
    expect(focus).toHaveBeenCalledExactlyOnceWith('stage');
  });

  it('selects the word that the caret is in', async () => {
    for (const [place, from, to] of [
      [5, 4, 9],
      [1, 0, 3],
      [9, 4, 9],
    ] as const) {
      typing.selection.set({ anchor: place, focus: place });
      caret.componentInstance.selectWord();
      await settle();
      expect([field().selectionStart, field().selectionEnd]).toEqual([from, to]);
    }
  });
});
