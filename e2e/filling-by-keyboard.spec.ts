import { Editor } from './support/editor.js';
import { tabTo } from './support/tab-to.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

test('a template is filled and exported by keyboard alone', async ({ page }) => {
  const editor = await Editor.home(page);
  await expect(editor.template('Oval card')).toBeVisible();
  await tabTo(page, /^Oval card$/);
  await page.keyboard.press('Enter');
  await editor.ready();
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Photo');
  // One's own photos are one stop; arrow keys go along them.
  await tabTo(page, /: replace the photo in Photo$/);
  const label = async (): Promise<string> => (await page.locator(':focus').getAttribute('aria-label')) ?? '';
  // Other journeys may have added photos, which come first.
  for (let n = 0; n < 10 && !(await label()).startsWith('lake-dusk'); n++) await page.keyboard.press('ArrowRight');
  await expect.poll(label).toBe('lake-dusk: replace the photo in Photo');
  await page.keyboard.press('Enter');
  await expect(editor.panel.locator('.head p')).toContainText('lake-dusk');
  // What else can be done with a photo is in its menu.
  await page.keyboard.press('Shift+F10');
  await expect(page.getByRole('menuitem', { name: 'Where it is used…' })).toBeVisible();
  await page.keyboard.press('Escape');
  await tabTo(page, /^Take With warm thanks away$/);
  await page.keyboard.press('Enter');
  await expect(editor.depth.getByRole('button', { name: /^With warm thanks/ })).toHaveCount(0);
  await editor.saved();
  await tabTo(page, /^Export PNG$/);
  const arriving = page.waitForEvent('download');
  await page.keyboard.press('Enter');
  expect((await arriving).suggestedFilename()).toContain('Oval card');
});

test('several photos are chosen and put in by keyboard; an item is copied, cut and pasted', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Three openings');
  await tabTo(page, /^Choose several$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /: choose$/);
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  await expect(editor.supplies).toContainText('2 chosen');
  await tabTo(page, /^Rays|^Export PNG$|^Fill empty openings$/);
  await editor.supplies.getByRole('button', { name: 'Fill empty openings' }).press('Enter');
  await expect(page.locator('.ka-notice').last()).toContainText('2 openings were filled.');
  await editor.select('Rays');
  const slabs = editor.depth.locator('ka-item-thumbnail');
  const before = await slabs.count();
  await page.keyboard.press('Control+c');
  await page.keyboard.press('Control+v');
  await expect(slabs).toHaveCount(before + 1);
  await page.keyboard.press('Control+x');
  await expect(slabs).toHaveCount(before);
  await page.keyboard.press('Control+v');
  await expect(slabs).toHaveCount(before + 1);
  await expect(page.getByRole('button', { name: 'Undo: Paste Rays' })).toBeVisible();
});

test('a photo is dragged into a slot by touch', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Oval card');
  const photo = await boxOf(editor.supplies.getByRole('button', { name: /^mug-teal/ }));
  const to = await editor.at({ x: 0.5, y: 0.43 });
  const client = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x?: number, y?: number) =>
    client.send('Input.dispatchTouchEvent', { type, touchPoints: x === undefined ? [] : [{ x, y: y!, id: 1 }] });
  const from = { x: photo.x + photo.width / 2, y: photo.y + photo.height / 2 };
  await touch('touchStart', from.x, from.y);
  for (let step = 1; step <= 10; step++) {
    await touch('touchMove', from.x + ((to.x - from.x) * step) / 10, from.y + ((to.y - from.y) * step) / 10);
  }
  await expect(page.locator('.ghost span')).toHaveText('Fill Photo');
  await touch('touchEnd');
  await expect(editor.panel.locator('.head p')).toContainText('mug-teal');
});
