import type { Locator, Page } from '@playwright/test';
import { Editor, type OnSheet } from './editor.js';
import type { DesktopFile } from './own-photos.js';

/** A whole job as a person does it, counted: a click, a drag, a key press, or one typed value is one action. */
export class Journey {
  private count = 0;

  private constructor(
    readonly name: string,
    readonly editor: Editor,
  ) {}

  /** Begins on the projects page. */
  static async begin(name: string, page: Page): Promise<Journey> {
    return new Journey(name, await Editor.home(page));
  }

  async click(target: Locator): Promise<void> {
    this.count++;
    await target.click();
  }

  async clickAt(x: number, y: number): Promise<void> {
    this.count++;
    await this.editor.page.mouse.click(x, y);
  }

  /** Types a value into a field in place of what it holds. */
  async fill(field: Locator, value: string): Promise<void> {
    this.count++;
    await field.fill(value);
    await field.press('Enter');
  }

  async drag(from: { x: number; y: number }, to: { x: number; y: number }): Promise<void> {
    this.count++;
    await this.editor.drag(from, to);
  }

  async dropFile(file: DesktopFile, to: OnSheet): Promise<void> {
    this.count++;
    await this.editor.dropFiles([file], to);
  }

  async press(key: string): Promise<void> {
    this.count++;
    await this.editor.page.keyboard.press(key);
  }

  async type(text: string): Promise<void> {
    this.count++;
    await this.editor.page.keyboard.type(text);
  }

  /**
   * Exports, says how many actions it took, and gives the file and the count.
   * @param evenSamples - samples that are left are exported as they are: one more click.
   */
  async export({ evenSamples = false } = {}): Promise<{ bytes: Buffer; actions: number }> {
    this.count++;
    await this.editor.saved();
    if (evenSamples) this.count++;
    const { bytes } = await this.editor.export(evenSamples);
    process.stdout.write(`journey ${this.name}: ${this.count} actions\n`);
    return { bytes, actions: this.count };
  }
}
