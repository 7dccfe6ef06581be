import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Locator, type Page } from '@playwright/test';
import sharp from 'sharp';
import { madeProjects } from './made-projects.js';
import type { DesktopFile } from './own-photos.js';
import { boxOf } from './box-of.js';

/** A place on the sheet in shares of its width and height. */
export interface OnSheet {
  readonly x: number;
  readonly y: number;
}

/** The application as a person uses it. */
export class Editor {
  readonly stage: Locator;
  readonly paper: Locator;
  readonly depth: Locator;
  readonly panel: Locator;
  readonly supplies: Locator;

  constructor(readonly page: Page) {
    this.stage = page.locator('ka-sheet-stage');
    this.paper = page.locator('.paper');
    this.depth = page.getByRole('region', { name: 'Depth' });
    this.panel = page.getByRole('region', { name: 'What is selected' });
    this.supplies = page.getByRole('region', { name: 'Supplies' });
  }

  static async home(page: Page): Promise<Editor> {
    await page.goto(process.env['KADROSYN_ADDRESS']!);
    return new Editor(page);
  }

  /** Makes a copy of a project under another name: journeys share the samples, and whoever changes one takes a copy. The list is shown anew. */
  async copyOf(sample: string, name: string): Promise<void> {
    const { request } = this.page;
    const address = process.env['KADROSYN_ADDRESS']!;
    const { projects } = (await (await request.get(`${address}/api/projects`)).json()) as {
      projects: { id: string; name: string }[];
    };
    const { id } = projects.find((project) => project.name === sample)!;
    const { document } = (await (await request.get(`${address}/api/projects/${id}`)).json()) as { document: object };
    const made = await request.post(`${address}/api/projects`, { data: { document: { ...document, name } } });
    expect(made.status()).toBe(201);
    madeProjects.add(((await made.json()) as { id: string }).id);
    await this.page.goto(address);
  }

  /** Begins a new sheet by its name on the projects page. */
  async begin(preset: string): Promise<void> {
    await this.preset(preset).click();
    await this.ready();
  }

  /** The button that begins a new sheet of this kind. */
  preset(name: string): Locator {
    return this.page.getByRole('region', { name: 'New sheet' }).getByRole('button', { name: new RegExp(`^${name} `) });
  }

  /** Opens the project of this name. */
  async open(name: string): Promise<void> {
    await this.page.getByRole('link', { name }).first().click();
    await this.ready();
  }

  async ready(): Promise<void> {
    await expect(this.paper).toBeVisible();
    await expect(this.depth).toBeVisible();
  }

  /** Client px of a place on the sheet. */
  async at(place: OnSheet): Promise<{ x: number; y: number }> {
    const box = await boxOf(this.paper);
    return { x: box.x + place.x * box.width, y: box.y + place.y * box.height };
  }

  /** Drags something of the supplies onto the sheet; `during` runs before it is let go. */
  async dragSupply(name: string | RegExp, to: OnSheet, during?: () => Promise<void>): Promise<void> {
    const supply = this.supplies.getByRole('button', { name }).first();
    await supply.scrollIntoViewIfNeeded();
    // While pictures are still arriving, the row moves under the pointer: it is waited for.
    await supply.hover();
    const from = await boxOf(supply);
    await this.drag({ x: from.x + from.width / 2, y: from.y + Math.min(from.height / 2, 30) }, await this.at(to), during);
  }

  async drag(from: { x: number; y: number }, to: { x: number; y: number }, during?: () => Promise<void>): Promise<void> {
    const { mouse } = this.page;
    await mouse.move(from.x, from.y);
    await mouse.down();
    for (let step = 1; step <= 8; step++) {
      await mouse.move(from.x + ((to.x - from.x) * step) / 8, from.y + ((to.y - from.y) * step) / 8);
    }
    await during?.();
    await mouse.up();
  }

  async dragOnSheet(from: OnSheet, to: OnSheet, during?: () => Promise<void>): Promise<void> {
    await this.drag(await this.at(from), await this.at(to), during);
  }

  /** Goes on, with the button still down, to the target with these words. */
  async moveOntoTarget(words: string): Promise<void> {
    const chip = this.stage.locator('.chip');
    await expect(chip).toHaveText(words);
    const box = await boxOf(chip);
    await this.page.mouse.move(box.x + box.width / 2, box.y + box.height / 2, { steps: 4 });
    await expect(chip).toHaveClass(/armed/);
  }

  /** Begins from a template by its name on the projects page. */
  async beginFrom(template: string): Promise<void> {
    await this.template(template).click();
    await this.ready();
  }

  template(name: string): Locator {
    return this.page.getByRole('group', { name: 'From a template' }).getByRole('button', { name });
  }

  async tab(name: string): Promise<void> {
    const tab = this.supplies.getByRole('tab', { name });
    await tab.click();
    // What it shows comes with it, a frame after the click.
    await expect(tab).toHaveAttribute('aria-selected', 'true');
  }

  async select(name: string): Promise<void> {
    const slab = this.depth.getByRole('button', { name: new RegExp(`^${name}`) });
    await slab.click();
    // What the panel says of it is there with it, not with the click.
    await expect(slab).toHaveAttribute('aria-pressed', 'true');
  }

  /** Lets go of files from the desktop over the sheet, as the browser itself hands them over. */
  async dropFiles(files: readonly DesktopFile[], to: OnSheet): Promise<void> {
    const { x, y } = await this.at(to);
    const folder = await mkdtemp(join(tmpdir(), 'kadrosyn-desktop-'));
    const paths = files.map(({ name }) => join(folder, name));
    await Promise.all(files.map(({ bytes }, index) => writeFile(paths[index]!, bytes)));
    const session = await this.page.context().newCDPSession(this.page);
    const data = { items: [], files: paths, dragOperationsMask: 1 };
    for (const type of ['dragEnter', 'dragOver', 'drop'] as const)
      await session.send('Input.dispatchDragEvent', { type, x, y, data });
    await session.detach();
    // The page reads a file when it needs it.
    this.page.once('close', () => void rm(folder, { recursive: true, force: true }));
  }

  /** Waits until everything is on the server. */
  async saved(): Promise<void> {
    await expect(this.page.locator('ka-editor-header .saved')).toHaveText(/^Saved \d\d:\d\d$/);
  }

  /** Clicks Export and reads the file that arrives. @param evenSamples - also says that samples that are left do not matter. */
  async export(evenSamples = false): Promise<{ name: string; bytes: Buffer }> {
    const arriving = this.page.waitForEvent('download').catch(async (error: unknown) => {
      const says = await this.page
        .locator('ka-editor-header, mat-dialog-container, .mat-mdc-snack-bar-container')
        .allInnerTexts();
      throw new Error(`No file came. The window says: ${says.join(' | ').replace(/\s+/g, ' ')}`, { cause: error });
    });
    // Where it is asked what for, the button there lies over the other.
    await this.page
      .getByRole('button', { name: /^Export (PNG|JPEG|WebP|PDF|layers|project)/ })
      .last()
      .click();
    if (evenSamples)
      await this.page
        .getByRole('dialog')
        .getByRole('button', { name: /^Export/ })
        .click();
    const download = await arriving;
    const chunks: Buffer[] = [];
    for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
    return { name: download.suggestedFilename(), bytes: Buffer.concat(chunks) };
  }

  /** Waits until the picture is exact again after the last level of a photo has arrived: before, its place is grey. */
  async photosShown(): Promise<void> {
    await this.page.waitForFunction(() => {
      const last = (name: string): number => performance.getEntriesByName(name).at(-1)?.startTime ?? -1;
      return last('kadrosyn:level') >= 0 && last('kadrosyn:exact') > last('kadrosyn:level');
    });
  }

  /** The pixels of the whole sheet on the canvas, which must be shown at 1:1. */
  async canvasPixels(width: number, height: number): Promise<Buffer> {
    const base64 = await this.page.evaluate(
      ([w, h]) => {
        const canvas = document.querySelector<HTMLCanvasElement>('ka-sheet-stage canvas')!;
        const [stage, paper] = [canvas, document.querySelector('.paper')!].map((element) => element.getBoundingClientRect());
        const { data } = canvas.getContext('2d')!.getImageData(paper!.left - stage!.left, paper!.top - stage!.top, w!, h!);
        let text = '';
        for (let i = 0; i < data.length; i += 32_768) text += String.fromCharCode(...data.subarray(i, i + 32_768));
        return btoa(text);
      },
      [width, height],
    );
    return Buffer.from(base64, 'base64');
  }
}

/** RGBA of a picture file. */
export async function pixelsOf(bytes: Buffer): Promise<{ width: number; height: number; data: Buffer }> {
  const { data, info } = await sharp(bytes).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data };
}

/** The largest difference of any channel. */
export function largestDifference(a: Uint8Array, b: Uint8Array): number {
  if (a.length !== b.length) return Infinity;
  let largest = 0;
  for (let i = 0; i < a.length; i++) largest = Math.max(largest, Math.abs(a[i]! - b[i]!));
  return largest;
}
