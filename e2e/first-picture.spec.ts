import { Editor, largestDifference, pixelsOf } from './support/editor.js';
import { ownPhoto } from './support/own-photos.js';
import { expect, test } from './support/test.js';

// Large enough that a sheet of 1080 px is wholly seen at 1:1.
test.use({ viewport: { width: 1800, height: 1560 } });

test('from a new sheet to an exported picture that is equal to the screen', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Ellipse', { x: 0.5, y: 0.45 });
  await expect(editor.depth.getByRole('button', { name: /^Ellipse/ })).toHaveAttribute('aria-pressed', 'true');

  await editor.dropFiles([await ownPhoto('My jug', 1)], { x: 0.5, y: 0.45 });
  await expect(editor.panel).toContainText('My jug');

  // Moved and scaled inside: the opening stays where it is.
  const size = editor.panel.locator('.head p');
  const before = await size.textContent();
  await page.keyboard.press('p');
  await expect(page.locator('ka-grip-bar .words')).toContainText('moves the photo, Ellipse stays');
  await editor.dragOnSheet({ x: 0.5, y: 0.45 }, { x: 0.45, y: 0.5 });
  const middle = await editor.at({ x: 0.5, y: 0.5 });
  await page.mouse.move(middle.x, middle.y);
  await page.mouse.wheel(0, -400);
  await expect(editor.panel.getByRole('textbox', { name: 'Scale' })).not.toHaveValue('100');
  await expect(size).toHaveText(before!);

  await editor.tab('Lettering');
  await editor.dragSupply('Title', { x: 0.5, y: 0.88 });
  await editor.panel.getByLabel('Text', { exact: true }).fill('Kiln opens Saturday');
  await expect(editor.depth.getByRole('button', { name: /^Kiln opens Saturday/ })).toBeVisible();
  await page.keyboard.press('Escape');

  // Undo and redo name their steps and give the same picture back.
  await page.getByRole('button', { name: /^Undo: / }).click();
  await page.getByRole('button', { name: /^Redo: / }).click();
  await editor.saved();

  await page.reload();
  await editor.ready();
  await expect(editor.depth.locator('.scroll .slab')).toHaveCount(3);
  await expect(page.getByRole('button', { name: /^Undo: / })).toBeEnabled();

  await page.getByRole('button', { name: /zoom to 100 %$/ }).click();
  const { name, bytes } = await editor.export();
  expect(name).toBe('Post.png');
  const picture = await pixelsOf(bytes);
  expect([picture.width, picture.height]).toEqual([1080, 1080]);
  let shown: Buffer = Buffer.alloc(0);
  await expect
    .poll(async () => {
      shown = await editor.canvasPixels(1080, 1080);
      return largestDifference(shown, picture.data);
    })
    .toBeLessThanOrEqual(1);
  test.info().annotations.push({ type: 'largest difference', description: String(largestDifference(shown, picture.data)) });
});
