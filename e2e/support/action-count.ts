import type { Page } from '@playwright/test';

/** What a person did, by kind. */
export interface Actions {
  /** A press of the pointer: a click, or the beginning of a drag. */
  readonly presses: number;
  /** Files let go over the page. */
  readonly drops: number;
  /** Keys outside of text fields; held ones once, those that only change what others mean not at all. */
  readonly keys: number;
  /** Values typed in one go, each with the press that goes into its field and the key that ends it. */
  readonly bursts: number;
}

declare global {
  interface Window {
    /** Kept by the counter that `countActions` puts into the page. */
    countedActions: { presses: number; drops: number; keys: number; bursts: number };
  }
}

/**
 * Counts, in the page itself, what arrives there as a person's doing, whichever way the journey brings it about: events that a script made
 * do not count. To be called before the page is opened.
 */
export async function countActions(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const counted = { presses: 0, drops: 0, keys: 0, bursts: 0 };
    window.countedActions = counted;
    /** The field that is typed into, and the one that the last press went into. */
    let typing: EventTarget | null = null;
    let pressed: EventTarget | null = null;
    const fieldOf = (event: Event): HTMLElement | null => {
      const [target] = event.composedPath();
      if (!(target instanceof HTMLElement)) return null;
      const isText =
        target instanceof HTMLTextAreaElement ||
        target.isContentEditable ||
        (target instanceof HTMLInputElement && !/^(button|checkbox|color|file|radio|range|reset|submit)$/.test(target.type));
      return isText ? target : null;
    };
    const type = (field: HTMLElement): void => {
      if (typing === field) return;
      typing = field;
      counted.bursts++;
      // The press that went into the field belongs to what is typed there.
      if (pressed === field) counted.presses--;
      pressed = null;
    };
    const listen = (name: string, heard: (event: Event) => void): void =>
      // Not at the window: there a click that would miss its target, since the page moved on under it, is held back and made once more.
      document.addEventListener(name, (event) => event.isTrusted && heard(event), { capture: true });
    listen('pointerdown', (event) => {
      counted.presses++;
      const field = fieldOf(event);
      // A press into the field that is typed in only moves the caret.
      if (field !== typing) typing = null;
      pressed = field;
    });
    listen('drop', () => {
      counted.drops++;
      typing = null;
    });
    listen('input', (event) => {
      const field = fieldOf(event);
      if (field) type(field);
    });
    listen('keydown', (event) => {
      const { key, repeat } = event as KeyboardEvent;
      if (repeat || ['Shift', 'Control', 'Alt', 'Meta'].includes(key)) return;
      const field = fieldOf(event);
      const ends = key === 'Enter' || key === 'Escape' || key === 'Tab';
      if (field && !ends) type(field);
      else if (!field || typing !== field) counted.keys++;
      if (ends) typing = null;
    });
  });
}

/** What was counted since the page was opened. */
export function actionsOf(page: Page): Promise<Actions> {
  return page.evaluate(() => window.countedActions);
}

/** How many actions that is in all. */
export function sumOf({ presses, drops, keys, bursts }: Actions): number {
  return presses + drops + keys + bursts;
}
