import { describe, expect, it } from 'vitest';
import { isForField } from '../../interface/field-keys';
import { isForSupplies } from './editor-keys';

function pressed(tag: string, type: string | null, key: string, ctrlKey = false): KeyboardEvent {
  const target = document.createElement(tag);
  if (type) target.setAttribute('type', type);
  const event = new KeyboardEvent('keydown', { key, ctrlKey });
  Object.defineProperty(event, 'target', { value: target });
  return event;
}

describe('keys while a field has the focus', () => {
  it.each([
    ['input', 'text', 'o', true],
    ['textarea', null, 'o', true],
    ['select', null, 'o', true],
    ['input', 'checkbox', 'o', false],
    ['input', 'range', 'l', false],
    ['input', 'radio', '0', false],
    ['input', 'checkbox', ' ', true],
    ['input', 'range', 'ArrowLeft', true],
    ['input', 'checkbox', 'Delete', true],
    ['button', null, 'o', false],
    ['input', 'text', 'F6', false],
  ] as const)('%s %s: %j', (tag, type, key, isField) => {
    expect(isForField(pressed(tag, type, key))).toBe(isField);
  });

  it('undo works from a slider, not from a text', () => {
    expect(isForField(pressed('input', 'range', 'z', true))).toBe(false);
    expect(isForField(pressed('input', 'text', 'z', true))).toBe(true);
  });
});

describe('keys in the supplies', () => {
  const inSupplies = (key: string, ctrlKey = false): KeyboardEvent => {
    const event = pressed('button', null, key, ctrlKey);
    document.createElement('ka-supplies-panel').append(event.target as Element);
    return event;
  };
  it('are no commands where they are signs', () => {
    expect(['o', 'L', '0'].map((key) => isForSupplies(inSupplies(key)))).toEqual([true, true, true]);
    expect(['Delete', 'ArrowLeft', 'Escape', 'F6', ' '].some((key) => isForSupplies(inSupplies(key)))).toBe(false);
    expect(isForSupplies(inSupplies('z', true))).toBe(false);
    expect(isForSupplies(pressed('button', null, 'o'))).toBe(false);
  });
});
