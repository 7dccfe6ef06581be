import { expect, type Locator, type Page } from '@playwright/test';
import { Editor } from './editor.js';
import { boxOf } from './box-of.js';

/** A place on the photo, px of it. */
export type OnPhoto = readonly [number, number];

/** The cutout view as a person uses it; the photo is shown whole. */
export class CutoutView {
  readonly dialog: Locator;
  readonly stage: Locator;

  constructor(
    readonly page: Page,
    private readonly photo: { readonly width: number; readonly height: number },
  ) {
    this.dialog = page.getByRole('dialog', { name: /^Cutout of / });
    this.stage = this.dialog.getByRole('application', { name: /^Photo\./ });
  }

  /** Waits until the photo was read. */
  async ready(): Promise<void> {
    await expect(this.dialog.getByText('Draw a box around the subject.')).toBeVisible();
  }

  /** Waits until the last mark has been worked out, edge and all. */
  async settled(): Promise<void> {
    // What was done shows in the next frame, or the one after it.
    await this.page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
    await expect(this.dialog).toHaveAttribute('aria-busy', 'false', { timeout: 60_000 });
  }

  /** Draws through places with the button held. */
  async draw(places: readonly OnPhoto[], button: 'left' | 'right' = 'left'): Promise<void> {
    const { mouse } = this.page;
    const [first, ...rest] = await Promise.all(places.map((place) => this.at(place)));
    await mouse.move(first!.x, first!.y);
    await mouse.down({ button });
    for (const { x, y } of rest) await mouse.move(x, y, { steps: 5 });
    await mouse.up({ button });
  }

  async at([x, y]: OnPhoto): Promise<{ x: number; y: number }> {
    const box = await boxOf(this.stage);
    const scale = Math.min((box.width - 48) / this.photo.width, (box.height - 48) / this.photo.height);
    return {
      x: box.x + (box.width - this.photo.width * scale) / 2 + x * scale,
      y: box.y + (box.height - this.photo.height * scale) / 2 + y * scale,
    };
  }

  async tool(name: string): Promise<void> {
    await this.dialog.getByRole('button', { name: new RegExp(`^${name} \\d$`) }).click();
  }

  async use(): Promise<void> {
    await this.dialog.getByRole('button', { name: 'Use cutout' }).click();
    await expect(this.dialog).toBeHidden({ timeout: 60_000 });
  }

  /** The subject as a file with a clear ground. */
  async subjectFile(): Promise<Buffer> {
    const arriving = this.page.waitForEvent('download', { timeout: 60_000 });
    await this.dialog.getByRole('button', { name: 'Save the subject as PNG' }).click();
    const chunks: Buffer[] = [];
    for await (const chunk of await (await arriving).createReadStream()) chunks.push(chunk as Buffer);
    return Buffer.concat(chunks);
  }
}

/** Opens the cutout view for a photo that is put into the arch of a new copy of the sample. */
export async function openedOn(
  page: Page,
  name: string,
  photo: string,
  size: { readonly width: number; readonly height: number },
): Promise<{ editor: Editor; view: CutoutView }> {
  const editor = await Editor.home(page);
  await editor.copyOf('Open kiln day', name);
  await editor.open(name);
  await editor.select('Heron');
  if (photo !== 'heron-shore') {
    await editor.supplies.getByRole('button', { name: new RegExp(`^${photo}: `) }).click();
    await expect(editor.panel.locator('.head p')).toContainText(photo);
  }
  const view = new CutoutView(page, size);
  // While the photo arrives, the panel may move under the pointer.
  await expect(async () => {
    if (!(await view.dialog.isVisible())) await editor.panel.getByRole('button', { name: 'Cut out the subject…' }).click();
    await expect(view.dialog).toBeVisible({ timeout: 4000 });
  }).toPass();
  await view.ready();
  return { editor, view };
}
