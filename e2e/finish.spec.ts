import { Editor } from './support/editor.js';
import { colourIn } from './support/pixels.js';
import { expect, test, type Locator, type Page } from './support/test.js';
import { boxOf } from './support/box-of.js';

/** A badge with a photo in a circle, selected, and its finish open. */
async function circleWithPhoto(page: Page): Promise<Editor> {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Circle', exact: true }).click();
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^mug-teal: fill Circle/ }).click();
  await expect(editor.panel.locator('.head p')).toContainText('mug-teal');
  await editor.photosShown();
  await editor.panel.getByRole('tab', { name: 'Finish' }).click();
  return editor;
}

/** A post with a circle and a square, both selected, and their finish open. */
async function twoShapes(page: Page): Promise<Editor> {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  for (const shape of ['Circle', 'Square']) await editor.supplies.getByRole('button', { name: shape, exact: true }).click();
  await editor.stage.focus();
  await page.keyboard.press('Control+a');
  await editor.panel.getByRole('tab', { name: 'Finish' }).click();
  await expect(editor.panel.getByRole('heading', { name: '2 items' })).toBeVisible();
  return editor;
}

function field(editor: Editor, name: string): Locator {
  return editor.panel.getByRole('textbox', { name, exact: true });
}

function part(editor: Editor, name: string): Locator {
  return editor.panel.getByRole('checkbox', { name, exact: true });
}

async function set(editor: Editor, name: string, value: string): Promise<void> {
  await field(editor, name).fill(value);
  await field(editor, name).press('Enter');
}

/** The colour that the canvas shows at a place of the sheet. */
async function shownAt(editor: Editor, x: number, y: number): Promise<number[]> {
  const at = await editor.at({ x, y });
  return editor.page.evaluate(({ x: px, y: py }) => {
    const canvas = document.querySelector<HTMLCanvasElement>('ka-sheet-stage canvas')!;
    const { left, top } = canvas.getBoundingClientRect();
    const context = canvas.getContext('2d', { willReadFrequently: true })!;
    return [...context.getImageData(Math.round(px - left), Math.round(py - top), 1, 1).data].slice(0, 3);
  }, at);
}

test('a slider shows what it does at once, is one step, goes back, and can be compared', async ({ page }) => {
  const editor = await circleWithPhoto(page);
  const before = await shownAt(editor, 0.5, 0.5);
  const slider = editor.panel.getByRole('slider', { name: 'Opacity slider' });
  const box = await boxOf(slider);
  const track = (share: number) => ({ x: box.x + share * box.width, y: box.y + box.height / 2 });
  await editor.drag(track(0.99), track(0.3), async () => {
    await expect.poll(() => shownAt(editor, 0.5, 0.5)).not.toEqual(before);
    await expect(page.getByRole('button', { name: /^Undo: Opacity/ })).toHaveCount(0);
  });
  await expect(page.getByRole('button', { name: 'Undo: Opacity of Circle' })).toBeVisible();
  await expect.poll(async () => Number(await field(editor, 'Opacity').inputValue())).toBeLessThan(50);
  // Held, it is seen without its finish.
  const hold = editor.panel.getByRole('button', { name: 'Hold to see it without' });
  await hold.focus();
  await page.keyboard.down('Space');
  await expect.poll(() => shownAt(editor, 0.5, 0.5)).toEqual(before);
  await page.keyboard.up('Space');
  await expect.poll(() => shownAt(editor, 0.5, 0.5)).not.toEqual(before);
  await editor.panel.getByRole('button', { name: 'Reset opacity' }).click();
  await expect(field(editor, 'Opacity')).toHaveValue('100');
  // One step back for the reset, one for all of the drag.
  for (const step of [1, 2]) await page.getByRole('button', { name: /^Undo: Opacity/ }).click({ clickCount: step > 0 ? 1 : 0 });
  await expect(page.getByRole('button', { name: /^Undo: Opacity/ })).toHaveCount(0);
  await expect(field(editor, 'Opacity')).toHaveValue('100');
});

test('several items get a finish at once; it is copied, pasted, kept as a style, and changed wherever it is used', async ({
  page,
}) => {
  const editor = await twoShapes(page);
  await part(editor, 'Outline').check();
  await set(editor, 'Width', '20');
  await editor.panel.getByRole('button', { name: 'Swatch #cf4a22' }).first().click();
  await expect(page.getByRole('button', { name: 'Undo: Outline of 2 items' })).toBeVisible();
  await editor.select('Circle');
  await expect(field(editor, 'Width')).toHaveValue('20');
  await field(editor, 'Name of a new style').fill('Rust line');
  await editor.panel.getByRole('button', { name: 'Keep as style' }).click();
  const style = editor.panel.getByRole('button', { name: 'Rust line', exact: true });
  await style.click();
  await expect(style).toHaveAttribute('aria-pressed', 'true');
  await editor.select('Square');
  await style.click();
  // Another finish for the circle, and the style follows: here and on the square.
  await editor.select('Circle');
  await set(editor, 'Width', '44');
  await editor.panel.getByRole('button', { name: 'More about style Rust line' }).click();
  await page.getByRole('menuitem', { name: 'Change it here and wherever it is used' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Change style Rust line' })).toBeVisible();
  await editor.select('Square');
  await expect(field(editor, 'Width')).toHaveValue('44');
  // One step takes it back for both.
  await page.getByRole('button', { name: 'Undo: Change style Rust line' }).click();
  await expect(field(editor, 'Width')).toHaveValue('20');
  await expect(editor.panel.getByText('Style Rust line has changed since. 2 items here have its former finish.')).toBeVisible();
  await editor.panel.getByRole('button', { name: 'Take up the change' }).click();
  await expect(field(editor, 'Width')).toHaveValue('44');
  // Pasting what was copied.
  await editor.panel.getByRole('button', { name: 'Copy finish' }).click();
  await editor.select('Circle');
  await part(editor, 'Outline').uncheck();
  await editor.panel.getByRole('button', { name: 'Paste finish' }).click();
  await expect(field(editor, 'Width')).toHaveValue('44');
  await editor.panel.getByRole('button', { name: 'More about style Rust line' }).click();
  await page.getByRole('menuitem', { name: 'Remove' }).click();
  await expect(style).toHaveCount(0);
});

test('the point of a shadow turns the light of the sheet for all that follow it', async ({ page }) => {
  const editor = await twoShapes(page);
  await part(editor, 'Shadow').check();
  await editor.select('Circle');
  const point = page.getByRole('button', { name: /^Shadow: 60 degrees by the light of the sheet/ });
  const box = await boxOf(point);
  const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await editor.drag(from, { x: from.x - 110, y: from.y - 30 });
  const directed = async (): Promise<number> => Number(await field(editor, 'Direction').inputValue());
  await expect.poll(directed).toBeGreaterThan(150);
  const direction = await directed();
  await expect.poll(async () => Number(await field(editor, 'Distance').inputValue())).toBeGreaterThan(40);
  await editor.select('Square');
  await expect(field(editor, 'Direction')).toHaveValue(String(direction));
  // What has a direction of its own stays.
  await editor.panel.getByRole('checkbox', { name: 'Follows the light of the sheet' }).uncheck();
  await set(editor, 'Direction', '10');
  await editor.select('Circle');
  await expect(field(editor, 'Direction')).toHaveValue(String(direction));
  await page.getByRole('button', { name: /^Shadow: / }).focus();
  const distance = await field(editor, 'Distance').inputValue();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(field(editor, 'Distance')).not.toHaveValue(distance);
});

test('blend modes are seen while the list is open; nothing stays of one that is not chosen', async ({ page }) => {
  const editor = await circleWithPhoto(page);
  const before = await shownAt(editor, 0.5, 0.5);
  await editor.panel.getByRole('button', { name: 'Blend: Normal' }).click();
  await page.getByRole('menuitemradio', { name: 'Difference' }).hover();
  await expect.poll(() => shownAt(editor, 0.5, 0.5)).not.toEqual(before);
  await page.keyboard.press('Escape');
  await expect.poll(() => shownAt(editor, 0.5, 0.5)).toEqual(before);
  await editor.panel.getByRole('button', { name: 'Blend: Normal' }).click();
  await page.getByRole('menuitemradio', { name: 'Difference' }).click();
  await expect(editor.panel.getByRole('button', { name: 'Blend: Difference' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Undo: Blend of Circle' })).toBeVisible();
});

test('a tone curve by keyboard, auto level, two inks, and black and white', async ({ page }) => {
  const editor = await circleWithPhoto(page);
  await editor.panel.getByRole('button', { name: /^Tone of the photo/ }).click();
  const first = editor.panel.getByRole('button', { name: /^Point 1 of the curve/ });
  await first.focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(editor.panel.getByRole('button', { name: 'Point 1 of the curve: 0 % becomes 10 %' })).toBeVisible();
  await editor.panel.getByRole('button', { name: 'Straight' }).click();
  await expect(editor.panel.getByRole('button', { name: 'Point 1 of the curve: 0 % becomes 0 %' })).toBeVisible();
  await editor.panel.getByRole('button', { name: 'Auto level' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Auto level of Circle' })).toBeVisible();
  await editor.panel.getByRole('button', { name: 'Black and white' }).click();
  await expect
    .poll(async () => {
      const [r, g, b] = await shownAt(editor, 0.5, 0.5);
      return r === g && g === b;
    })
    .toBe(true);
  await editor.panel.getByRole('button', { name: 'Two inks' }).click();
  await field(editor, 'Dark ink as hex').fill('#400000');
  await field(editor, 'Dark ink as hex').press('Enter');
  const { bytes } = await editor.export();
  const [r, , b] = await colourIn(bytes, { x: 0.5, y: 0.5 });
  expect(r!).toBeGreaterThan(b!);
  await editor.panel.getByRole('button', { name: 'Reset the tone' }).click();
  await expect(editor.panel.getByRole('button', { name: /^Tone of the photo as taken/ })).toBeVisible();
});

test('with everything open only the panel scrolls, never the page', async ({ page }) => {
  const editor = await circleWithPhoto(page);
  for (const name of ['Outline', 'Rim', 'Shadow', 'Inner shade']) await part(editor, name).check();
  for (const fold of [/^Tone of the photo/, /^Blur and effects/]) await editor.panel.getByRole('button', { name: fold }).click();
  const last = editor.panel.getByRole('button', { name: 'Keep as style' });
  await last.scrollIntoViewIfNeeded();
  await expect(last).toBeInViewport();
  const { page: height, window: seen } = await page.evaluate(() => ({
    page: document.documentElement.scrollHeight,
    window: innerHeight,
  }));
  expect(height).toBe(seen);
  expect(await page.evaluate(() => scrollY)).toBe(0);
});

test('a rim by name, and rims of four widths', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.supplies
    .getByRole('button', { name: /^vases-trio/ })
    .first()
    .click();
  await editor.panel.getByRole('tab', { name: 'Finish' }).click();
  await part(editor, 'Rim').check();
  const top = Number(await field(editor, 'Rim top').inputValue());
  await editor.panel.getByRole('button', { name: 'Instant print' }).click();
  await expect.poll(async () => Number(await field(editor, 'Rim bottom').inputValue())).toBeGreaterThan(2 * top);
  await set(editor, 'Rim left', '0');
  await expect(field(editor, 'Rim left')).toHaveValue('0');
  await part(editor, 'Rim').uncheck();
  await expect(field(editor, 'Rim left')).toHaveCount(0);
});

test('a colour is replaced everywhere, and taken from the photo itself by keyboard', async ({ page }) => {
  const editor = await circleWithPhoto(page);
  await part(editor, 'Outline').check();
  await editor.panel.getByRole('button', { name: 'Swatch #cf4a22' }).first().click();
  await editor.panel.getByRole('button', { name: 'Take outline colour from the sheet' }).click();
  const taker = page.getByRole('application', { name: /^Take a colour/ });
  await expect(taker).toBeFocused();
  await page.keyboard.press('f');
  await expect(page.locator('ka-colour-taker .bar')).toContainText('in mug-teal');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  await expect(taker).toHaveCount(0);
  await expect(field(editor, 'Outline colour as hex')).not.toHaveValue('#cf4a22');
  const taken = await field(editor, 'Outline colour as hex').inputValue();
  expect(taken).toMatch(/^#[0-9a-f]{6}$/);
  await editor.stage.focus();
  await page.keyboard.press('Escape');
  await editor.panel.getByRole('button', { name: /^Colours/ }).click();
  await editor.panel.getByRole('button', { name: new RegExp(`${taken}, in one place`) }).click();
  const by = editor.panel.getByRole('textbox', { name: 'Replace it everywhere by as hex' });
  await by.fill('#336699');
  await by.press('Enter');
  await expect(page.getByRole('button', { name: `Undo: Replace colour ${taken} by #336699` })).toBeVisible();
  // The palette of the photo becomes swatches of the project.
  const swatches = editor.panel.getByRole('group', { name: 'Swatches of the project' }).getByRole('button');
  const count = await swatches.count();
  await editor.panel.getByRole('button', { name: 'Keep as swatches' }).click();
  await expect.poll(() => swatches.count()).toBeGreaterThanOrEqual(count + 5);
  await editor.select('Circle');
  await expect(field(editor, 'Outline colour as hex')).toHaveValue('#336699');
  // Escape leaves everything as it is.
  await editor.panel.getByRole('button', { name: 'Take outline colour from the sheet' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('application', { name: /^Take a colour/ })).toHaveCount(0);
  await expect(field(editor, 'Outline colour as hex')).toHaveValue('#336699');
});

test('remedies are seen before they are taken, and taken back together', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Backdrop poster');
  await editor.supplies.getByRole('button', { name: /^paper-backdrop: / }).click();
  await expect(editor.panel.locator('.head p')).toContainText('paper-backdrop');
  await editor.select('LATE');
  // The bar by the word says so without being asked.
  const bar = page.locator('ka-reading-marks .bar');
  await expect(bar).toBeVisible();
  await editor.panel.getByRole('tab', { name: 'Finish' }).click();
  await editor.panel.getByRole('button', { name: /^Can it be read/ }).click();
  await editor.panel.getByRole('checkbox', { name: 'Mark the weak places' }).check();
  await expect(page.locator('ka-reading-marks polyline').first()).toBeAttached();
  const remedies = editor.panel.locator('.remedies button');
  await expect(remedies.first()).toBeVisible({ timeout: 20_000 });
  const outline = remedies.filter({ hasText: 'Outline' });
  await outline.hover();
  await expect(part(editor, 'Outline')).toBeChecked();
  await page.mouse.move(400, 700);
  await expect(part(editor, 'Outline')).not.toBeChecked();
  await outline.click();
  await expect(page.getByRole('button', { name: 'Undo: Outline: LATE' })).toBeVisible();
  await expect(bar).toHaveText(/(9\d|100) %/, { timeout: 20_000 });
  await editor.panel.getByRole('button', { name: 'Take the remedy back' }).click();
  await expect(part(editor, 'Outline')).not.toBeChecked();
  await expect(page.getByRole('button', { name: 'Undo: Take back the remedies for LATE' })).toBeVisible();
});
