import { signal, type WritableSignal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { describe, expect, it, vi } from 'vitest';
import { STAGE_MODES, type StageMode } from './stage-mode';
import { StageModes } from './stage-modes';

interface Made extends StageMode {
  readonly on: WritableSignal<boolean>;
  readonly cancel: ReturnType<typeof vi.fn<() => void>>;
}

function mode(sharesKeys = false): Made {
  const on = signal(false);
  return { on, isOn: () => on(), overlay: null, sharesKeys, cancel: vi.fn<() => void>() };
}

function modesOf(...modes: readonly StageMode[]): StageModes {
  TestBed.configureTestingModule({
    providers: [StageModes, modes.map((useValue) => ({ provide: STAGE_MODES, useValue, multi: true }))],
  });
  return TestBed.inject(StageModes);
}

/** A key that is pressed on the page, or in a field. */
function press(key: string, target: HTMLElement = document.createElement('div')): KeyboardEvent {
  const event = new KeyboardEvent('keydown', { key, cancelable: true, bubbles: true });
  document.body.append(target);
  target.dispatchEvent(event);
  target.remove();
  return event;
}

describe('modes of the stage', () => {
  it('leave keys alone while none is on', () => {
    const one = mode();
    const event = press('Escape');
    expect(modesOf(one).onKey(event)).toBe(false);
    expect(event.defaultPrevented).toBe(false);
    expect(one.cancel).not.toHaveBeenCalled();
  });

  it('keep all keys for the one that is on, and Escape ends it', () => {
    const [other, one] = [mode(), mode()];
    const modes = modesOf(other, one);
    one.on.set(true);
    expect(modes.onKey(press('Delete'))).toBe(true);
    expect(one.cancel).not.toHaveBeenCalled();
    const escape = press('Escape');
    expect(modes.onKey(escape)).toBe(true);
    expect(escape.defaultPrevented).toBe(true);
    expect(one.cancel).toHaveBeenCalledOnce();
    expect(other.cancel).not.toHaveBeenCalled();
  });

  it('ask what lies over the sheet first: what that takes is for nobody else', () => {
    const one = mode();
    const modes = modesOf(one);
    one.on.set(true);
    const onModeKey = vi.fn((event: KeyboardEvent) => event.key === 'ArrowLeft');
    modes.overlayOf = () => ({ onModeKey });
    const arrow = press('ArrowLeft');
    expect([modes.onKey(arrow), arrow.defaultPrevented]).toEqual([true, true]);
    const letter = press('l');
    expect([modes.onKey(letter), letter.defaultPrevented]).toEqual([true, false]);
    expect(onModeKey).toHaveBeenCalledTimes(2);
  });

  it('leave to a field what is typed into it, but for Escape', () => {
    const one = mode();
    const modes = modesOf(one);
    one.on.set(true);
    const onModeKey = vi.fn(() => true);
    modes.overlayOf = () => ({ onModeKey });
    const field = document.createElement('input');
    const typed = press('ArrowLeft', field);
    expect([modes.onKey(typed), typed.defaultPrevented]).toEqual([true, false]);
    expect(onModeKey).not.toHaveBeenCalled();
    modes.overlayOf = () => undefined;
    modes.onKey(press('Escape', field));
    expect(one.cancel).toHaveBeenCalledOnce();
  });

  it('share keys with the sheet where a mode says so', () => {
    const one = mode(true);
    const modes = modesOf(one);
    one.on.set(true);
    expect(modes.onKey(press('Delete'))).toBe(false);
    expect(modes.onKey(press('Escape'))).toBe(false);
    expect(one.cancel).not.toHaveBeenCalled();
  });
});
