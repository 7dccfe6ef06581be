import { TestBed } from '@angular/core/testing';
import { finishOf, type Finish, type Item } from '@kadrosyn/core';
import { beforeEach, describe, expect, it } from 'vitest';
import { openedEditor, shaped, word, type OpenedEditor } from '../../../testing/opened-editor';
import { FinishEditing } from './finish-editing';

const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
const SHADOW = { distance: 4, blur: 8, strength: 0.4 };

describe('changing the finish', () => {
  let editor: OpenedEditor;
  let editing: FinishEditing;
  const finish = (id: string): Finish => finishOf(editor.item(id)!);

  beforeEach(() => {
    const group: Item = { type: 'group', id: 'both', name: 'both', items: [shaped('inner')] };
    editor = openedEditor(
      [
        shaped('arch', { finish: { opacity: 0.5 } }),
        shaped('door', { fill: { type: 'photo', photoId: 'kiln', placement, tone: { warmth: 0.2 } } }),
        word('KILN'),
        group,
      ],
      [FinishEditing],
    );
    editing = TestBed.inject(FinishEditing);
  });

  it('is of all that is selected, in one step that names them', () => {
    editor.session.selectSeveral(['arch', 'door']);
    editing.togglePart('shadow', 'Shadow', true, SHADOW);
    expect([finish('arch'), finish('door')]).toEqual([{ opacity: 0.5, shadow: SHADOW }, { shadow: SHADOW }]);
    expect(editor.steps()).toEqual([`Shadow of ${editing.name()}`]);
    editing.togglePart('shadow', 'Shadow', false, SHADOW);
    expect([finish('arch'), finish('door')]).toEqual([{ opacity: 0.5 }, {}]);
    expect(editor.steps().at(-1)).toBe(`No shadow of ${editing.name()}`);
  });

  it('gives what has no such part yet the one that is shown, with the change', () => {
    editor.session.select('arch');
    editing.togglePart('shadow', 'Shadow', true, SHADOW);
    editor.session.selectSeveral(['arch', 'door']);
    editing.setPart('shadow', 'Shadow', { blur: 2 });
    expect([finish('arch').shadow, finish('door').shadow]).toEqual([
      { ...SHADOW, blur: 2 },
      { ...SHADOW, blur: 2 },
    ]);
  });

  it('that is tried out is no step, and the next one begins from what is kept', () => {
    editor.session.select('arch');
    editing.change('Opacity', (before) => ({ ...before, opacity: (before.opacity ?? 1) / 2 }), 'preview');
    expect([editing.finish().opacity, finish('arch').opacity, editor.steps()]).toEqual([0.25, 0.5, []]);
    editing.change('Opacity', (before) => ({ ...before, opacity: (before.opacity ?? 1) / 2 }));
    expect([finish('arch').opacity, editor.steps()]).toEqual([0.25, ['Opacity of arch']]);
  });

  it('is copied and pasted as a whole; groups take what they can have', () => {
    editing.paste();
    expect(editor.steps()).toEqual([]);
    editor.session.select('arch');
    editing.copy();
    editor.session.select('KILN');
    editing.paste();
    expect([finish('KILN'), editor.steps()]).toEqual([{ opacity: 0.5 }, ['Finish of KILN as arch']]);
    editor.session.select('both');
    editing.paste();
    expect(finish('both')).toEqual({ opacity: 0.5 });
  });

  it('says what there is to change: openings, words alone, the photo and how it is developed', () => {
    const seen = (): unknown => [editing.hasOpenings(), editing.isText(), editing.photo()?.photoId, editing.developing()];
    editor.session.select('door');
    expect(seen()).toEqual([true, false, 'kiln', { tone: { warmth: 0.2 } }]);
    editor.session.select('KILN');
    expect(seen()).toEqual([true, true, undefined, {}]);
    editor.session.select('both');
    expect(seen()).toEqual([false, false, undefined, {}]);
  });
});
