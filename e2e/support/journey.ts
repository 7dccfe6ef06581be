import type { Locator, Page } from '@playwright/test';
import { actionsOf, countActions, sumOf } from './action-count.js';
import { Editor, type OnSheet } from './editor.js';
import type { DesktopFile } from './own-photos.js';

/** A whole job as a person does it. What it takes is counted in the page; see action-count. */
export class Journey {
  private constructor(
    readonly name: string,
    readonly editor: Editor,
  ) {}

  /** Begins on the projects page. */
  static async begin(name: string, page: Page): Promise<Journey> {
    await countActions(page);
    return new Journey(name, await Editor.home(page));
  }

  async click(target: Locator): Promise<void> {
    await target.click();
  }

  async clickAt(x: number, y: number): Promise<void> {
    await this.editor.page.mouse.click(x, y);
  }

  /** Types a value into a field in place of what it holds. */
  async fill(field: Locator, value: string): Promise<void> {
    await field.click();
    await field.press('Control+a');
    await field.pressSequentially(value);
    await field.press('Enter');
  }

  async drag(from: { x: number; y: number }, to: { x: number; y: number }): Promise<void> {
    await this.editor.drag(from, to);
  }

  async dropFile(file: DesktopFile, to: OnSheet): Promise<void> {
    await this.editor.dropFiles([file], to);
  }

  async press(key: string): Promise<void> {
    await this.editor.page.keyboard.press(key);
  }

  async type(text: string): Promise<void> {
    await this.editor.page.keyboard.type(text);
  }

  /**
   * Exports, says how many actions it took, and gives the file, its name and the count.
   * @param evenSamples - samples that are left are exported as they are: one more click.
   */
  async export({ evenSamples = false } = {}): Promise<{ name: string; bytes: Buffer; actions: number }> {
    await this.editor.saved();
    const { name, bytes } = await this.editor.export(evenSamples);
    const counted = await actionsOf(this.editor.page);
    const actions = sumOf(counted);
    process.stdout.write(`journey ${this.name}: ${actions} actions ${JSON.stringify(counted)}\n`);
    return { name, bytes, actions };
  }
}
