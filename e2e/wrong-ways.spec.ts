import { Editor } from './support/editor.js';
import { expect, test, type Locator, type Page } from './support/test.js';

/** Each usual mistake is prevented, or said and taken back in one step. */

const slabs = (editor: Editor): Locator => editor.depth.locator('ka-item-thumbnail');
const word = (page: Page): Locator => page.locator('.ghost span');
const notice = (page: Page): Locator => page.locator('.ka-notice').last();

test('a photo let go over a full-sheet picture lies on top of it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Backdrop poster');
  await editor.supplies.getByRole('button', { name: /^slate-backdrop: replace/ }).click();
  const before = await slabs(editor).count();
  await editor.dragSupply(/^mug-teal/, { x: 0.1, y: 0.4 }, () => expect(word(page)).toHaveText('Lay on top'));
  await expect(slabs(editor)).toHaveCount(before + 1);
  await editor.select('Picture');
  await expect(editor.panel.locator('.head p')).toContainText('slate-backdrop');
  await page.keyboard.press('Control+z');
  await expect(slabs(editor)).toHaveCount(before);
  // Its own target is the only way in.
  await editor.dragSupply(/^mug-teal/, { x: 0.1, y: 0.4 }, () => editor.moveOntoTarget('Replace'));
  await expect(slabs(editor)).toHaveCount(before);
  await expect(editor.panel.locator('.head p')).toContainText('mug-teal');
});

test('a photo let go over the bare sheet leaves its background; a target makes it one', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.dragSupply(/^paper-backdrop/, { x: 0.5, y: 0.5 }, () => expect(word(page)).toHaveText('Lay on top'));
  await expect(slabs(editor)).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await editor.dragSupply(/^paper-backdrop/, { x: 0.5, y: 0.4 }, () => editor.moveOntoTarget('As background'));
  await expect(page.getByRole('button', { name: 'Undo: paper-backdrop as background' })).toBeVisible();
  await expect(slabs(editor)).toHaveCount(1);
  await expect(editor.depth.getByRole('button', { name: /^Background, locked/ })).toBeVisible();
  await expect(editor.panel).toContainText('paper-backdrop');
});

test('a photo let go over an overlay reaches the slot below it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Badge with a ring');
  const before = await slabs(editor).count();
  // On the ring itself, beside its letters, where the face reaches under it.
  await editor.dragSupply(/^team-brush/, { x: 0.5 + 0.34, y: 0.5 }, () => expect(word(page)).toHaveText('Fill Face'));
  await expect(slabs(editor)).toHaveCount(before);
  await expect(editor.panel.locator('.head p')).toContainText('team-brush');
});

test('a photo let go beside a slot says so before, and the slot keeps its sample', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Oval card');
  const before = await slabs(editor).count();
  await editor.dragSupply(/^mug-teal/, { x: 0.06, y: 0.06 }, () => expect(word(page)).toHaveText('Lay on top'));
  await expect(slabs(editor)).toHaveCount(before + 1);
  await expect(editor.stage.getByRole('button', { name: 'Sample · Your photo' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(slabs(editor)).toHaveCount(before);
});

test('artwork let go over an opening lies on it, and is never swallowed', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Oval card');
  const before = await slabs(editor).count();
  await editor.tab('Artwork');
  await editor.dragSupply('Leaf sprig', { x: 0.5, y: 0.43 }, () => expect(word(page)).toHaveText('Lay Leaf sprig on top'));
  await expect(slabs(editor)).toHaveCount(before + 1);
  await editor.select('Photo');
  await expect(editor.panel.locator('.head p')).toContainText('vases-trio');
});

test('Delete on a slot follows the grip, says what is lost, and is one step back', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Oval card');
  await page.keyboard.press('p');
  await expect(page.locator('ka-grip-bar')).toContainText('Delete takes the photo out, Photo stays');
  await page.keyboard.press('Delete');
  await expect(notice(page)).toContainText('The photo was taken out; Photo stays.');
  await expect(editor.stage.getByRole('button', { name: 'Empty · Your photo' })).toBeVisible();
  for (const grip of ['o', 'b']) {
    await page.keyboard.press(grip);
    await expect(page.locator('ka-grip-bar')).toContainText('Delete removes the place Photo');
    await page.keyboard.press('Delete');
    await expect(notice(page)).toContainText('Photo was a place to fill (“Your photo”). It was removed.');
    await page.keyboard.press('Control+z');
    await editor.select('Photo');
  }
  await page.keyboard.press('Control+z');
  await expect(editor.panel.locator('.head p')).toContainText('vases-trio');
});

test('an overlay that belongs to a slot is said when it is deleted, and comes back in one step', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Badge with a ring');
  const before = await slabs(editor).count();
  await editor.select('Ring');
  await page.keyboard.press('Delete');
  await expect(notice(page)).toContainText('Ring lay over the place for “Somebody of the team”. It was removed.');
  await expect(slabs(editor)).toHaveCount(before - 1);
  await notice(page).getByRole('button', { name: 'Undo' }).click();
  await expect(slabs(editor)).toHaveCount(before);
});

test('what will be seen of a slot under its overlay is outlined while it is chosen', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Badge with a ring');
  await expect(editor.stage.locator('path.seen').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(editor.stage.locator('path.seen')).toHaveCount(0);
});

test('a loose photo moved across an opening is not absorbed', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Oval card');
  await page.keyboard.press('Escape');
  await editor.dragSupply(/^mug-teal/, { x: 0.12, y: 0.06 });
  await page.keyboard.press('b');
  const before = await slabs(editor).count();
  await editor.dragOnSheet({ x: 0.12, y: 0.06 }, { x: 0.5, y: 0.4 }, () =>
    expect(editor.stage.locator('.chip')).toHaveText('Put inside'),
  );
  await expect(slabs(editor)).toHaveCount(before);
  await editor.select('Photo');
  await expect(editor.panel.locator('.head p')).toContainText('vases-trio');
});

test('a sample left in place is listed before the export', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Gift voucher');
  await expect(page.locator('ka-editor-header')).toContainText('3 samples left');
  const exports: string[] = [];
  page.on('request', (request) => {
    if (request.method() === 'POST' && request.url().endsWith('/exports')) exports.push(request.url());
  });
  const button = page.getByRole('button', { name: /^Export PNG/ });
  await button.click();
  const dialog = page.getByRole('dialog', { name: '3 samples are still in place' });
  await expect(dialog.getByRole('listitem')).toHaveCount(3);
  await dialog.getByRole('button', { name: 'Go to it: 40' }).click();
  await expect(editor.panel.getByLabel('Name')).toHaveValue('40');
  expect(exports).toEqual([]);
  await button.click();
  const arriving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export all the same' }).click();
  await arriving;
  expect(exports).toHaveLength(1);
});

test('what is pasted replaces only what is selected, and says so', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Oval card');
  const paste = (): Promise<void> =>
    page.evaluate(async () => {
      const canvas = new OffscreenCanvas(300, 200);
      const context = canvas.getContext('2d')!;
      context.fillStyle = `hsl(${Math.random() * 360} 50% 50%)`;
      context.fillRect(0, 0, 300, 200);
      const data = new DataTransfer();
      data.items.add(new File([await canvas.convertToBlob()], 'Pasted.png', { type: 'image/png' }));
      document.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    });
  const before = await slabs(editor).count();
  await page.keyboard.press('Escape');
  await paste();
  await expect(slabs(editor)).toHaveCount(before + 1);
  await editor.select('Photo');
  await expect(editor.panel.locator('.head p')).toContainText('vases-trio');
  await paste();
  await expect(notice(page)).toContainText('The pasted photo replaced the one in Photo.');
  await notice(page).getByRole('button', { name: 'Undo' }).click();
  await expect(editor.panel.locator('.head p')).toContainText('vases-trio');
});
