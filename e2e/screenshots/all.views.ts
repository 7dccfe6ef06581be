import { fileURLToPath } from 'node:url';
import { openedOn } from '../support/cutout-view.js';
import { Editor } from '../support/editor.js';
import { expect, test, type Page } from '../support/test.js';

const FOLDER = new URL('../../docs/screenshots/', import.meta.url);
const SIGN = `<svg viewBox="0 0 120 120"><circle cx="60" cy="60" r="57" fill="#e9dcc3" stroke="#1d5a4c" stroke-width="5"/>
<path d="M60 22 96 50H24Z" fill="#cf4a22"/><path d="M31 50h58v42H31Z" fill="#cf4a22"/><path d="M47 92V74a13 13 0 0 1 26 0v18Z" fill="#20272a"/>
<path d="M53 92c0-9 7-10 7-17 6 5 8 11 7 17Z" fill="#e0a63a"/><path d="M20 92h80" stroke="#20272a" stroke-width="5"/></svg>`;

/** Takes the picture once nothing moves any more, in the middle of a drag or with the pointer where nothing answers to it. */
async function take(page: Page, name: string, isDragging = false): Promise<void> {
  if (!isDragging) await page.mouse.move(700, 30);
  await page.evaluate(() => document.fonts.ready);
  // Notices come and go; levels of photos may be on their way.
  await page.waitForTimeout(1500);
  await page.screenshot({ path: fileURLToPath(new URL(`${name}.png`, FOLDER)) });
}

async function opened(page: Page, sample: string, item?: string): Promise<Editor> {
  const editor = await Editor.home(page);
  await editor.open(sample);
  await editor.photosShown();
  if (item) await editor.select(item);
  return editor;
}

/** A post with a shape that is filled with a photo, and selected. */
async function filled(page: Page, shape: string, photo: string): Promise<Editor> {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: shape, exact: true }).click();
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: new RegExp(`^${photo}: fill ${shape}`) }).click();
  await editor.photosShown();
  return editor;
}

test('projects', async ({ page }) => {
  await Editor.home(page);
  await page.waitForLoadState('networkidle');
  await take(page, 'projects');
});

test('templates', async ({ page }) => {
  await Editor.home(page);
  await page.getByRole('link', { name: 'All templates' }).click();
  await expect(page.getByRole('button', { name: /^Begin from / })).toHaveCount(8);
  await take(page, 'templates');
});

test('editor', async ({ page }) => {
  const editor = await opened(page, 'Open kiln day', 'Heron');
  await page.keyboard.press('p');
  await editor.dragOnSheet({ x: 0.5, y: 0.5 }, { x: 0.56, y: 0.53 }, () => take(page, 'editor', true));
});

test('editor in the dark', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await opened(page, 'Open kiln day', 'Heron');
  await page.getByRole('button', { name: 'What for?' }).click();
  await take(page, 'editor-dark');
});

test('finish', async ({ page }) => {
  const editor = await opened(page, 'Open kiln day', 'Heron');
  await editor.panel.getByRole('tab', { name: 'Finish' }).click();
  await editor.panel.getByRole('button', { name: /^Tone of the photo/ }).click();
  await expect(editor.panel.locator('ka-tone-curve')).toBeVisible();
  await editor.panel.locator('ka-tone-curve').scrollIntoViewIfNeeded();
  await take(page, 'finish');
});

test('shapes', async ({ page }) => {
  const editor = await filled(page, 'Star', 'glaze-teal');
  await editor.tab('Shapes');
  await take(page, 'shapes');
});

test('lettering', async ({ page }) => {
  const editor = await opened(page, 'Open kiln poster', 'Wrenfold Pottery');
  await editor.tab('Lettering');
  await take(page, 'lettering');
});

test('product', async ({ page }) => {
  const editor = await opened(page, 'Mug listing', 'Mug side,');
  await editor.tab('Mockups');
  await take(page, 'product');
});

test('drag', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Badge with a ring');
  await editor.tab('Photos');
  await editor.dragSupply(/^mug-teal/, { x: 0.5, y: 0.55 }, () => take(page, 'drag', true));
});

test('cropping', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.supplies.getByRole('button', { name: /^lake-dusk/ }).click();
  await editor.photosShown();
  await editor.panel.getByRole('button', { name: '4:5' }).click();
  await editor.panel.getByLabel('Lines').selectOption('Thirds');
  await page.keyboard.press('o');
  await take(page, 'cropping');
});

test('register', async ({ page }) => {
  await opened(page, 'Hills through prints', 'Print 3');
  await take(page, 'register');
});

test('background', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Poster');
  await editor.panel.getByRole('button', { name: 'Photo', exact: true }).click();
  await page.getByRole('menuitem', { name: 'lake-dusk' }).click();
  await editor.photosShown();
  await editor.select('Background');
  await take(page, 'background');
});

test('colours', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Folded programme');
  await editor.depth.getByRole('button', { name: /^Sheet colour/ }).click();
  await editor.panel.getByRole('button', { name: /^Colours/ }).click();
  await editor.panel.getByRole('button', { name: 'Second', exact: true }).click();
  await editor.panel.getByLabel('Second of the project as hex').fill('#2b4a78');
  await page.keyboard.press('Enter');
  await editor.panel.getByRole('button', { name: 'Accent', exact: true }).click();
  await editor.panel.getByLabel('Accent of the project as hex').fill('#c0872a');
  await page.keyboard.press('Enter');
  await take(page, 'colours');
});

test('area', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.supplies.getByRole('button', { name: /^card-table/ }).click();
  await editor.photosShown();
  await page.keyboard.press('f');
  const { x, y } = await editor.at({ x: 0.425, y: 0.5 });
  await page.mouse.move(x, y);
  await expect(page.locator('[data-area-form]')).toBeVisible();
  await take(page, 'area', true);
});

test('snapping', async ({ page }) => {
  const editor = await opened(page, 'Workshop card', 'Oval');
  await page.keyboard.press('b');
  await editor.dragOnSheet({ x: 0.5, y: 0.3 }, { x: 0.502, y: 0.287 }, () => take(page, 'snapping', true));
});

test('readable', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Backdrop poster');
  await editor.select('LATE');
  await editor.panel.getByRole('tab', { name: 'Finish' }).click();
  await editor.panel.getByRole('button', { name: /^Can it be read/ }).click();
  await editor.panel.getByRole('button', { name: 'On a wall' }).click();
  await editor.panel.getByRole('checkbox', { name: 'Mark the weak places' }).check();
  await editor.panel.getByRole('checkbox', { name: 'Mark the weak places' }).scrollIntoViewIfNeeded();
  await take(page, 'readable');
});

test('break out', async ({ page }) => {
  const editor = await opened(page, 'Heron among letters', 'Heron');
  await editor.panel.getByRole('tab', { name: 'Break out' }).click();
  await expect(page.getByRole('group', { name: 'Pieces and crossings on the sheet' }).getByRole('button').first()).toBeVisible();
  await take(page, 'break-out');
});

test('cutout', async ({ page }) => {
  const { view } = await openedOn(page, 'Open kiln day, cutout', 'hare-leap', { width: 1600, height: 1200 });
  await view.draw([
    [320, 10],
    [1250, 730],
  ]);
  await view.settled();
  await take(page, 'cutout');
});

// Last, since what it adds stays in the supplies.
test('artwork', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'From a drawing…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog
    .locator('input[type=file]')
    .setInputFiles({ name: 'Kiln sign.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(SIGN) });
  await dialog.getByRole('button', { name: 'Keep its colours, as artwork' }).click();
  await expect(dialog).toBeHidden();
  await editor.tab('Artwork');
  await take(page, 'artwork');
});
