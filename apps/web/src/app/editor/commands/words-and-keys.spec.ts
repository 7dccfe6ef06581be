import { newShapedOpening, type Opening, type OpeningKind } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { isForField } from '../../interface/field-keys';
import { keyCommand } from './editor-keys';
import { hexOf } from '../../interface/colour-field.component';
import { sizeWords, timeWords } from '../../interface/sheet-words';
import { deleteWord } from './item-edits';

const placement = { x: 50, y: 50, scale: 1, turn: 0, flipX: false, flipY: false };
const photo = { type: 'photo', photoId: 'p', placement } as const;

function opening(kind: OpeningKind, change: Partial<Opening> = {}): Opening {
  return { ...newShapedOpening(kind, { type: 'ellipse' }, { x: 50, y: 50 }, 80, 80), id: kind, kind, ...change };
}

describe('words and keys', () => {
  it('Delete follows the grip', () => {
    const filled = opening('shaped', { fill: photo, name: 'Arch' });
    expect(deleteWord(filled, 'photo')).toEqual({ removes: 'photo', words: 'takes the photo out, Arch stays' });
    expect(deleteWord(filled, 'both').removes).toBe('item');
    expect(deleteWord(opening('loose', { fill: photo }), 'photo').removes).toBe('item');
  });

  it('keys mean what they should', () => {
    const press = (key: string, held: Partial<KeyboardEvent> = {}) =>
      keyCommand({ key, shiftKey: false, ctrlKey: false, metaKey: false, altKey: false, ...held });
    expect(press('p')).toEqual({ do: 'grip', grip: 'photo' });
    expect(press('ArrowLeft', { shiftKey: true })).toEqual({ do: 'nudge', x: -10, y: 0 });
    expect(press('Z', { ctrlKey: true, shiftKey: true })).toEqual({ do: 'redo' });
    expect(press('ArrowUp', { altKey: true })).toEqual({ do: 'forward' });
    expect(press('x')).toBeNull();
  });

  it('keys are for the field that has the focus, but for those that a slider has no use for', () => {
    const field = (type: string): HTMLInputElement => Object.assign(document.createElement('input'), { type });
    const press = (target: EventTarget, key: string, ctrlKey = false) =>
      isForField({ target, key, ctrlKey, metaKey: false } as unknown as KeyboardEvent);
    expect(press(field('text'), 'z', true)).toBe(true);
    expect(press(field('range'), 'ArrowLeft')).toBe(true);
    expect(press(field('range'), 'z', true)).toBe(false);
    expect(press(field('checkbox'), ' ')).toBe(true);
    expect(press(field('text'), 'F6')).toBe(false);
    expect(press(document.createElement('button'), 'p')).toBe(false);
  });

  it('colours are read as people write them', () => {
    expect([hexOf('#1D5A4C'), hexOf('abc'), hexOf(' 20272a '), hexOf('red'), hexOf('#12')]).toEqual([
      '#1d5a4c',
      '#aabbcc',
      '#20272a',
      null,
      null,
    ]);
  });

  it('sizes and times are said in words', () => {
    expect(sizeWords({ width: 1240.157, height: 1748.031 }, 'mm', 300)).toBe('105 × 148 mm');
    const now = new Date(2026, 4, 9, 15, 0);
    expect(timeWords(new Date(2026, 4, 9, 12, 4).toISOString(), now)).toBe('today 12:04');
    expect(timeWords(new Date(2026, 4, 8, 23, 59).toISOString(), now)).toBe('yesterday 23:59');
    expect(timeWords(new Date(2026, 2, 1).toISOString(), now)).toBe('1 March');
    expect(timeWords(new Date(2025, 2, 1).toISOString(), now)).toBe('1 March 2025');
  });
});
