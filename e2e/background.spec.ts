import { Editor, largestDifference, pixelsOf } from './support/editor.js';
import { expect, test } from './support/test.js';

const picture = async (editor: Editor): Promise<Buffer> => {
  await editor.saved();
  return (await pixelsOf((await editor.export()).bytes)).data;
};

/** The furthest that a channel of a px is from another one. */
function mostColour(data: Buffer): number {
  let most = 0;
  for (let i = 0; i < data.length; i += 4) {
    const [r, g, b] = [data[i]!, data[i + 1]!, data[i + 2]!];
    most = Math.max(most, Math.max(r, g, b) - Math.min(r, g, b));
  }
  return most;
}

test('the photo behind a sheet is moved, turned grey, taken out and brought back like any other', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.panel.getByRole('button', { name: 'Photo', exact: true }).click();
  await page.getByRole('menuitem', { name: 'lake-dusk' }).click();
  const first = await picture(editor);
  await editor.panel.getByRole('button', { name: 'Move, tone or cut it out' }).click();
  await expect(editor.panel.getByRole('tab')).toHaveText([/Fit/, /Finish/]);
  await expect(page.locator('ka-grip-bar')).toContainText('moves the photo, Background stays');
  const at = await editor.at({ x: 0.5, y: 0.5 });
  await editor.drag(at, { x: at.x - 60, y: at.y });
  await expect(page.getByRole('button', { name: 'Undo: Move photo in Background' })).toBeVisible();
  const moved = await picture(editor);
  expect(largestDifference(first, moved)).toBeGreaterThan(40);
  // By keys as well, and it goes on covering the sheet.
  const right = editor.panel.getByRole('textbox', { name: 'To the right' });
  const before = Number(await right.inputValue());
  await editor.stage.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect.poll(async () => Number(await right.inputValue())).toBeGreaterThan(before);
  await expect(editor.panel).not.toContainText('is not covered');
  await editor.panel.getByRole('tab', { name: 'Finish' }).click();
  await editor.panel.getByRole('button', { name: /^Tone of the photo/ }).click();
  await editor.panel.getByRole('button', { name: 'Black and white' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Black and white of Background' })).toBeVisible();
  expect(mostColour(await picture(editor))).toBeLessThanOrEqual(1);
  await editor.stage.focus();
  await page.keyboard.press('Delete');
  await expect(editor.depth.getByRole('button', { name: /^Background/ })).toHaveCount(0);
  expect((await picture(editor)).subarray(0, 4)).toEqual(Buffer.from([255, 255, 255, 255]));
  await page.keyboard.press('Control+z');
  await expect(editor.depth.getByRole('button', { name: /^Background, locked/ })).toBeVisible();
  // While it is selected, a click on a photo of the supplies puts that behind the sheet, in the tone that was chosen.
  await editor.depth.getByRole('button', { name: /^Background, locked/ }).click();
  await editor.supplies.getByRole('button', { name: /^hare-leap: replace the photo in Background/ }).click();
  await expect(editor.panel.locator('.head p')).toContainText('hare-leap');
  await expect(editor.depth.getByRole('button', { name: /^hare-leap/ })).toHaveCount(0);
  expect(mostColour(await picture(editor))).toBeLessThanOrEqual(1);
});

test('nothing goes behind the photo behind a sheet, and a press on bare paper leaves it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.panel.getByRole('button', { name: 'Photo', exact: true }).click();
  await page.getByRole('menuitem', { name: 'lake-dusk' }).click();
  await editor.tab('Shapes');
  await editor.dragSupply('Circle', { x: 0.5, y: 0.5 });
  await editor.dragSupply('Square', { x: 0.5, y: 0.5 });
  await editor.stage.focus();
  await page.keyboard.press('Escape');
  const slab = editor.depth.getByRole('button', { name: /^Square/ });
  await slab.focus();
  await page.keyboard.press('Shift+F10');
  await page.getByRole('menuitem', { name: 'To the back' }).click();
  await expect(editor.depth.locator('.slab')).toHaveText([/Circle/, /Square/, /Background/, /Sheet colour/, /Sheet 1/]);
  const behind = editor.depth.getByRole('button', { name: /^Background, locked/ });
  await behind.focus();
  await page.keyboard.press('Shift+F10');
  await expect(page.getByRole('menuitem', { name: /Lock|One back|To the front/ })).toHaveCount(0);
  await page.keyboard.press('Escape');
  await behind.click();
  const { x, y } = await editor.at({ x: 0.05, y: 0.05 });
  await page.mouse.click(x, y);
  await expect(editor.panel).toContainText('Nothing is selected');
  // A click where only the photo lies does not take hold of it.
  await page.mouse.click(x, y);
  await expect(editor.panel).toContainText('Nothing is selected');
  await page.keyboard.press('Control+a');
  await expect(editor.panel.getByRole('heading', { name: '2 items' })).toBeVisible();
});
