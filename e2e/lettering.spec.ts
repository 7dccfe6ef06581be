import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

const FONT = readFileSync(fileURLToPath(new URL('../build/faces/shrikhand-latin.ttf', import.meta.url)));

test('after lettering was dropped, Enter types in it instead of adding another', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Lettering');
  await editor.dragSupply('Title', { x: 0.5, y: 0.5 });
  const words = editor.depth.getByRole('button', { name: /^Your title/ });
  await expect(words).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Text on the sheet')).toBeFocused();
  await expect(words).toHaveCount(1);
});

test('text is typed on the sheet: caret, selection, lines, undo, and what its edge and Delete do', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Lettering');
  await editor.supplies.getByRole('button', { name: 'Tall poster' }).click();
  const field = page.getByLabel('Text on the sheet');
  const words = page.locator('ka-grip-bar .words');
  // A new word is ready to be typed over; Escape leaves it as it is.
  await expect(field).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(words).toContainText('Delete removes POTTERY');
  // The middle types.
  const middle = await editor.at({ x: 0.5, y: 0.5 });
  await page.mouse.click(middle.x, middle.y);
  await expect(field).toBeFocused();
  await expect(words).toContainText('Delete removes letters');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Open');
  await page.keyboard.press('Enter');
  await page.keyboard.type('kiln');
  const text = editor.panel.getByLabel('Text', { exact: true });
  await expect(text).toHaveValue('Open\nkiln');
  await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('Delete');
  await expect(text).toHaveValue('Open\nki');
  await page.keyboard.press('Control+z');
  await expect(text).toHaveValue('POTTERY');
  await page.keyboard.press('Control+Shift+z');
  await expect(text).toHaveValue('Open\nki');
  await page.keyboard.press('Escape');
  await expect(field).toHaveCount(0);
  // The edge selects; Delete then removes the whole, and says so.
  const box = await boxOf(editor.stage.locator('.rule.outer'));
  await page.mouse.click(box.x + 3, box.y + box.height / 3);
  await expect(field).toHaveCount(0);
  await expect(words).toContainText('Delete removes Open ki');
  await page.keyboard.press('Delete');
  await expect(editor.depth.getByRole('button', { name: /^Open ki/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(editor.depth.getByRole('button', { name: /^Open ki/ })).toHaveCount(1);
  // Emptied lettering goes, with a way back.
  await editor.select('Open ki');
  await editor.stage.focus();
  await page.keyboard.press('Enter');
  await expect(field).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.press('Delete');
  await page.keyboard.press('Escape');
  await expect(page.getByText('had no text left')).toBeVisible();
  await expect(editor.depth.getByRole('button', { name: /^Lettering/ })).toHaveCount(0);
});

test('scripts, case, alignment, circle, splitting and joining', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Lettering');
  await editor.supplies.getByRole('button', { name: 'Big slab' }).click();
  const { panel } = editor;
  const text = panel.getByLabel('Text', { exact: true });
  for (const foreign of ['שלום', 'مرحبا', 'मिट्टी', 'Глина', 'Πηλός']) {
    await text.fill(foreign);
    await expect(panel.getByText('No face here has')).toHaveCount(0);
  }
  await text.fill('窯');
  await expect(panel.getByText('No face here has 窯')).toBeVisible();
  const size = panel.locator('.head p');
  const glyph = await size.textContent();
  await text.fill('Mugs');
  await expect(size).not.toHaveText(glyph!);
  const before = await size.textContent();
  await panel.getByRole('button', { name: 'CAPITALS' }).click();
  await expect(size).not.toHaveText(before!);
  await expect(text).toHaveValue('Mugs');
  await panel.getByRole('button', { name: 'Over a circle' }).click();
  await expect(panel.getByLabel('Radius')).toBeVisible();
  await panel.getByRole('button', { name: 'Under it' }).click();
  await expect(panel.getByLabel('Inside the circle')).toBeChecked();
  await panel.getByRole('button', { name: 'Straight' }).click();
  await panel.getByRole('button', { name: 'Split into letters' }).click();
  await expect(editor.depth.getByRole('button', { name: /^[Mugs](?!\w)/ })).toHaveCount(4);
  await panel.getByRole('button', { name: 'Join the letters' }).click();
  await expect(editor.depth.getByRole('button', { name: /^Mugs/ })).toHaveCount(1);
  await expect(text).toHaveValue('Mugs');
  await panel.getByRole('button', { name: 'Fill the width of the sheet' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Fill the sheet' })).toBeVisible();
  const widest = (await boxOf(editor.paper)).width * (1 - 2 * 0.06);
  await expect
    .poll(async () => (await boxOf(editor.stage.locator('[ka-selection-marks] .rule.outer'))).width / widest)
    .toBeCloseTo(1, 1);
  await panel.getByRole('button', { name: 'Gradient' }).click();
  await expect(panel.getByRole('group', { name: 'From' })).toBeVisible();
  await editor.saved();
});

test('a face of one’s own is added, used, and kept in sight when it is gone', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Lettering');
  await editor.supplies.getByRole('button', { name: 'Big slab' }).click();
  const { panel } = editor;
  await panel.locator('ka-face-list input[type=file]').setInputFiles([
    { name: 'broken.ttf', mimeType: 'font/ttf', buffer: FONT.subarray(0, 500) },
    { name: 'mine.ttf', mimeType: 'font/ttf', buffer: FONT },
  ]);
  await expect(page.getByText('broken.ttf: The font is damaged')).toBeVisible();
  await expect(panel.locator('button.face .visually-hidden')).toHaveText('Shrikhand');
  await panel.locator('button.face').click();
  await expect(page.getByRole('menuitem', { name: 'Shrikhand' })).toHaveCount(2);
  await page.keyboard.press('Escape');
  await editor.saved();
  const address = page.url();
  const faces = await page.evaluate(
    async () => ((await (await fetch('/api/faces')).json()) as { faces: { id: string }[] }).faces,
  );
  for (const { id } of faces) await page.request.delete(new URL(`/api/faces/${id}`, address).href);
  await page.goto(address);
  await editor.ready();
  await editor.select('KILN');
  await expect(
    panel.getByText('The face Shrikhand is not here. Its letters are kept as they were; what you type will be set in Shrikhand.'),
  ).toBeVisible();
});
