import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

test('sheets are added, copied, ordered and removed; another size keeps the arrangement and is undone', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Card');
  await editor.tab('Lettering');
  await editor.supplies.getByRole('button', { name: 'Title' }).click();
  // Before it is typed in, Escape is for something else.
  await expect(page.getByLabel('Text on the sheet')).toBeFocused();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  const sheet = (name: string) => editor.depth.getByRole('button', { name: new RegExp(`^\\d ${name}, page`) });
  const menu = async (name: string, entry: string): Promise<void> => {
    await sheet(name).focus();
    await page.keyboard.press('Shift+F10');
    await page.getByRole('menuitem', { name: entry }).click();
    await expect(page.getByRole('menu')).toHaveCount(0);
  };
  await editor.depth.getByRole('button', { name: 'Add a sheet' }).click();
  await expect(sheet('Sheet 2')).toHaveAttribute('aria-pressed', 'true');
  await expect(editor.depth).toContainText('Nothing on the sheet yet.');
  await menu('Sheet 1', 'Copy');
  await expect(editor.depth.getByRole('button', { name: '2 Sheet 3, page 2 of 3' })).toBeVisible();
  await expect(editor.depth.getByRole('button', { name: /^Your title/ })).toBeVisible();
  await menu('Sheet 3', 'One page later');
  await expect(editor.depth.getByRole('button', { name: '3 Sheet 3, page 3 of 3' })).toBeVisible();
  await menu('Sheet 2', 'Remove');
  await expect(page.locator('.ka-notice').last()).toContainText('Sheet 2 was removed with all that lies on it.');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(sheet('Sheet 2')).toBeVisible();

  await sheet('Sheet 1').click();
  await editor.panel.getByRole('textbox', { name: 'Width', exact: true }).fill('210');
  await editor.panel.getByRole('textbox', { name: 'Width', exact: true }).press('Enter');
  await editor.panel.getByRole('textbox', { name: 'Height', exact: true }).fill('148');
  await editor.panel.getByRole('textbox', { name: 'Height', exact: true }).press('Enter');
  await editor.panel.getByRole('button', { name: 'Resize' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Resize the sheet' })).toBeVisible();
  await editor.select('Your title');
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  const [left, width] = await Promise.all(
    ['From the left', 'Width'].map(async (name) =>
      Number(await editor.panel.getByRole('textbox', { name: name, exact: true }).inputValue()),
    ),
  );
  // It lay in the middle, and lies there again.
  expect(left! + width! / 2).toBeCloseTo(105, 0);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await expect(editor.panel.getByRole('textbox', { name: 'Width', exact: true })).toHaveValue('105');
  await editor.panel.getByRole('button', { name: 'For…' }).click();
  await page.getByRole('menuitem', { name: /^Wide banner/ }).click();
  await expect(editor.panel.getByRole('textbox', { name: 'Width', exact: true })).not.toHaveValue('105');
});

test('the ground is a gradient with its colours on the sheet, or a photo blurred and faded', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.panel.getByRole('button', { name: 'Gradient' }).click();
  const stops = page.locator('ka-gradient-stops .stop');
  await expect(stops).toHaveCount(2);
  await editor.panel.getByRole('button', { name: 'Add a colour' }).click();
  await expect(stops).toHaveCount(3);
  const middle = await boxOf(stops.nth(1));
  const from = { x: middle.x + middle.width / 2, y: middle.y + middle.height / 2 };
  await editor.drag(from, { x: from.x, y: from.y + 80 });
  await expect(page.getByRole('button', { name: 'Undo: Move a colour of the gradient' })).toBeVisible();
  const at = editor.panel.getByRole('textbox', { name: 'At', exact: true }).nth(1);
  await expect.poll(async () => Number(await at.inputValue())).toBeGreaterThan(60);
  await stops.nth(1).focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect.poll(async () => Number(await at.inputValue())).toBeLessThan(60);
  await editor.panel.getByRole('checkbox', { name: 'Round' }).check();
  await editor.panel.getByRole('button', { name: 'Photo', exact: true }).click();
  await page.getByRole('menuitem', { name: 'lake-dusk' }).click();
  for (const [field, value] of [
    ['Blur', '12'],
    ['Fade', '60'],
  ] as const) {
    await editor.panel.getByRole('textbox', { name: field, exact: true }).fill(value);
    await editor.panel.getByRole('textbox', { name: field, exact: true }).press('Enter');
  }
  await expect(page.getByRole('button', { name: 'Undo: Fade the background' })).toBeVisible();
  await editor.saved();
  await page.reload();
  await editor.ready();
  await expect(editor.panel.getByRole('textbox', { name: 'Blur', exact: true })).toHaveValue('12');
  await expect(editor.panel.getByRole('textbox', { name: 'Fade', exact: true })).toHaveValue('60');
});

test('the finished sheet is looked at alone, and compared with how it was before', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Circle', exact: true }).click();
  const outline = editor.stage.locator('.rule.outer');
  await expect(outline).toBeVisible();
  await editor.stage.focus();
  await page.keyboard.down('c');
  await expect(editor.depth.getByRole('button', { name: /^Circle/ })).toHaveCount(0);
  await page.keyboard.up('c');
  await expect(editor.depth.getByRole('button', { name: /^Circle/ })).toBeVisible();
  await page.keyboard.press('l');
  await expect(editor.depth).toBeHidden();
  await expect(editor.panel).toBeHidden();
  await expect(outline).toHaveCount(0);
  // Nothing is changed by what is only looked at.
  await page.keyboard.press('Delete');
  const middle = await boxOf(editor.stage);
  const from = { x: middle.x + middle.width / 2, y: middle.y + middle.height / 2 };
  await editor.drag(from, { x: from.x + 30, y: from.y });
  await page.keyboard.press('l');
  await expect(editor.depth).toBeVisible();
  await expect(outline).toBeVisible();
  await expect(page.getByRole('button', { name: 'Undo: Add Circle' })).toBeVisible();
});
