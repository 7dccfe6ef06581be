import { expect, type Locator } from '@playwright/test';
import type { Editor } from './editor.js';

/** The Break out tab, and its chips on the sheet. */
export class Breakout {
  readonly chips: Locator;

  constructor(private readonly editor: Editor) {
    this.chips = editor.page.getByRole('group', { name: 'Pieces and crossings on the sheet' }).getByRole('button');
  }

  /** The chip of a piece by its number, or of a crossing by its first words. */
  chip(words: string | RegExp): Locator {
    const name = typeof words === 'string' ? new RegExp(`^${words}[,:]`) : words;
    return this.editor.page.getByRole('group', { name: 'Pieces and crossings on the sheet' }).getByRole('button', { name });
  }

  /** How many pieces are out. */
  async outCount(): Promise<number> {
    return this.chip(/^\d+, .* out$/).count();
  }

  /** Waits until the subject was found, or the cutout view was opened instead. @returns whether it was found. */
  async subjectFound(): Promise<boolean> {
    const view = this.editor.page.getByRole('dialog', { name: /^Cutout of / });
    const found = this.editor.panel.getByRole('button', { name: 'Work on cutout…' });
    await expect(view.or(found).first()).toBeVisible({ timeout: 60_000 });
    return !(await view.isVisible());
  }
}
