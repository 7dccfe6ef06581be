import sharp from 'sharp';
import { boxOf } from './support/box-of.js';
import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';

for (const shape of ['Heart', 'Star', 'Polygon', 'Trapezoid']) {
  test(`${shape}: from the projects page to an exported picture with a photo in it`, async ({ page }) => {
    const editor = await Editor.home(page);
    await editor.begin('Badge');
    await editor.tab('Shapes');
    await editor.supplies.getByRole('button', { name: shape }).click();
    await expect(editor.panel.locator('.head')).toContainText(shape);
    await editor.tab('Photos');
    await editor.supplies.getByRole('button', { name: new RegExp(`^lake-dusk: fill ${shape}`) }).click();
    await expect(editor.panel.locator('.head p')).toContainText('lake-dusk');
    await editor.saved();
    const { bytes } = await editor.export();
    const { data, info } = await sharp(bytes).removeAlpha().raw().toBuffer({ resolveWithObject: true });
    const at = (x: number, y: number): number[] => {
      const o = (Math.floor(y * info.height) * info.width + Math.floor(x * info.width)) * 3;
      return [...data.subarray(o, o + 3)];
    };
    const ground = at(0.02, 0.02);
    expect(at(0.5, 0.52)).not.toEqual(ground);
    // Half the side of the sheet is taken: beyond its box nothing is covered.
    expect(at(0.5, 0.2)).toEqual(ground);
    expect(at(0.9, 0.5)).toEqual(ground);
  });
}

test('a corner of four is moved by arrow keys, in one step, and seen large while keys are on it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Four corners', exact: true }).click();
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  const loupe = editor.stage.locator('ka-corner-loupe canvas');
  await expect(loupe).toHaveCount(0);
  const corner = editor.stage.locator('[data-bar="3"]');
  const before = await boxOf(corner);
  const button = editor.panel.getByRole('button', { name: 'Bottom left', exact: true });
  await button.focus();
  await expect(loupe).toBeVisible();
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await boxOf(corner)).y).toBeLessThan(before.y - 2);
  await page.getByRole('button', { name: 'Undo: Corner 4 of Four corners' }).click();
  await expect.poll(async () => Math.abs((await boxOf(corner)).y - before.y)).toBeLessThan(0.5);
  await expect(loupe).toHaveCount(0);
  // By pointer it is shown as long as the button is held.
  const at = await boxOf(corner);
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + 40, at.y - 30, { steps: 4 });
  await expect(loupe).toBeVisible();
  await page.mouse.up();
  await expect(loupe).toHaveCount(0);
});
