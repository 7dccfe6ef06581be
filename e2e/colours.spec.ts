import { Editor, pixelsOf } from './support/editor.js';
import { expect, test } from './support/test.js';

/** The colour in the middle of an exported picture, #rrggbb. */
async function middleOf(editor: Editor): Promise<string> {
  const { width, height, data } = await pixelsOf((await editor.export()).bytes);
  const at = 4 * (Math.floor(height / 2) * width + Math.floor(width / 2));
  return `#${data.subarray(at, at + 3).toString('hex')}`;
}

test('what has a colour of the project changes with it, on the sheet and in the file, and is taken back with it', async ({
  page,
}) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await editor.dragSupply('Circle', { x: 0.5, y: 0.5 });
  await editor.panel.getByRole('button', { name: 'Colour', exact: true }).click();
  await editor.panel.getByRole('button', { name: /^Accent of the project/ }).click();
  await expect(page.getByRole('button', { name: 'Undo: Colour Circle' })).toBeVisible();
  await expect(editor.panel.getByLabel('Colour as hex')).toHaveValue('#cf4a22');
  await expect(editor.panel.locator('.follows')).toHaveText('Accent');
  await editor.stage.focus();
  await page.keyboard.press('Escape');
  await editor.panel.getByRole('button', { name: /^Colours/ }).click();
  await editor.panel.getByRole('button', { name: 'Accent', exact: true }).click();
  const accent = editor.panel.getByLabel('Accent of the project as hex');
  await accent.fill('#336699');
  await accent.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo: Accent of the project' })).toBeVisible();
  await editor.saved();
  expect(await middleOf(editor)).toBe('#336699');
  await page.reload();
  await editor.ready();
  await editor.select('Circle');
  await expect(editor.panel.getByLabel('Colour as hex')).toHaveValue('#336699');
  await page.getByRole('button', { name: 'Undo: Accent of the project' }).click();
  await expect(editor.panel.getByLabel('Colour as hex')).toHaveValue('#cf4a22');
  // A colour of its own stays what it is.
  await editor.panel.getByRole('button', { name: 'Swatch #1d5a4c' }).click();
  await expect(editor.panel.locator('.follows')).toHaveCount(0);
  await editor.saved();
  expect(await middleOf(editor)).toBe('#1d5a4c');
});
