import type { Grip } from '@kadrosyn/core';

/** What a key press means in the editor. */
export type KeyCommand =
  | { readonly do: 'undo' | 'redo' | 'delete' | 'duplicate' | 'cancel' | 'zoom-in' | 'zoom-out' | 'whole' }
  | { readonly do: 'forward' | 'back' | 'to-front' | 'to-back' }
  | { readonly do: 'group' | 'ungroup' | 'select-all' | 'paste-in-place' | 'look' | 'rulers' | 'find-area' }
  | { readonly do: 'next-region' | 'next-chip'; readonly back: boolean }
  | { readonly do: 'grip'; readonly grip: Grip }
  | { readonly do: 'nudge'; readonly x: number; readonly y: number };

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const GRIP_KEYS: Readonly<Record<string, Grip>> = { o: 'opening', p: 'photo', b: 'both' };

/** The command of a key, or null. Arrows move by 1, with Shift by 10. */
export function keyCommand(event: Pick<KeyboardEvent, 'key' | 'shiftKey' | 'ctrlKey' | 'metaKey' | 'altKey'>): KeyCommand | null {
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  if (event.ctrlKey || event.metaKey) {
    if (key === 'z') return { do: event.shiftKey ? 'redo' : 'undo' };
    if (key === 'y') return { do: 'redo' };
    if (key === 'd') return { do: 'duplicate' };
    if (key === 'a') return { do: 'select-all' };
    if (key === 'g') return { do: event.shiftKey ? 'ungroup' : 'group' };
    if (key === 'v' && event.shiftKey) return { do: 'paste-in-place' };
    return null;
  }
  const arrow = ARROWS[key];
  if (event.altKey) return depthCommand(key, event.shiftKey);
  if (arrow) {
    const step = event.shiftKey ? 10 : 1;
    return { do: 'nudge', x: arrow[0] * step, y: arrow[1] * step };
  }
  const grip = GRIP_KEYS[key];
  if (grip) return { do: 'grip', grip };
  switch (key) {
    case 'Delete':
    case 'Backspace':
      return { do: 'delete' };
    case 'Escape':
      return { do: 'cancel' };
    case '+':
    case '=':
      return { do: 'zoom-in' };
    case '-':
      return { do: 'zoom-out' };
    case '0':
      return { do: 'whole' };
    case 'l':
      return { do: 'look' };
    case 'f':
      return { do: 'find-area' };
    case 'r':
      return { do: 'rulers' };
    case 'n':
      return { do: 'next-chip', back: event.shiftKey };
    case 'F6':
      return { do: 'next-region', back: event.shiftKey };
    default:
      return null;
  }
}

/** Alt with an arrow changes the depth by one step, with Shift all the way. */
function depthCommand(key: string, isAll: boolean): KeyCommand | null {
  if (key === 'ArrowUp') return { do: isAll ? 'to-front' : 'forward' };
  return key === 'ArrowDown' ? { do: isAll ? 'to-back' : 'back' } : null;
}

/** Whether a sign is pressed in the supplies: it means nothing there, since whoever clicked there may be about to type. */
export function isForSupplies({ target, key, ctrlKey, metaKey, altKey }: KeyboardEvent): boolean {
  const isSign = key.length === 1 && key !== ' ' && !ctrlKey && !metaKey && !altKey;
  return isSign && target instanceof Element && target.closest('ka-supplies-panel') !== null;
}
