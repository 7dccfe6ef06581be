import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

test('an item is locked, hidden, renamed and sent to the back from the depth panel, by keyboard too', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  for (const shape of ['Circle', 'Square', 'Heart']) {
    await editor.supplies.getByRole('button', { name: shape, exact: true }).click();
  }
  const menu = async (name: string, entry: string): Promise<void> => {
    await editor.depth.getByRole('button', { name: new RegExp(`^${name}`) }).focus();
    await page.keyboard.press('Shift+F10');
    await page.getByRole('menuitem', { name: entry }).click();
    await expect(page.getByRole('menu')).toHaveCount(0);
  };
  await menu('Heart', 'Lock');
  await expect(editor.depth.getByRole('button', { name: 'Heart, locked, 1 of 3 from the front' })).toBeVisible();
  // A click on the sheet now reaches what lies behind it.
  await page.keyboard.press('Escape');
  const { x, y } = await editor.at({ x: 0.5, y: 0.5 });
  await page.mouse.click(x, y);
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Square');
  await menu('Heart', 'Unlock');
  await menu('Square', 'Hide');
  await expect(editor.depth.getByRole('button', { name: 'Square, hidden, 2 of 3 from the front' })).toBeVisible();
  await menu('Square', 'Show');
  await menu('Heart', 'To the back');
  await expect(editor.depth.getByRole('button', { name: 'Heart, 3 of 3 from the front' })).toBeVisible();
  await menu('Circle', 'Rename…');
  await page.getByRole('dialog').getByLabel('Name').fill('Moon');
  await page.getByRole('dialog').getByRole('button', { name: 'Rename' }).click();
  await expect(editor.depth.getByRole('button', { name: /^Moon/ })).toBeVisible();
  await menu('Moon', 'Remove');
  const notice = page.locator('.ka-notice').last();
  await expect(notice).toContainText('Moon was removed.');
  // It stands in the header, and clicks go through all but its button.
  const box = await boxOf(notice);
  expect(box.y + box.height).toBeLessThan(60);
  const isThrough = await page.evaluate(
    ([left, top]) => document.elementFromPoint(left!, top!)?.closest('.ka-notice') === null,
    [box.x + 12, box.y + box.height / 2],
  );
  expect(isThrough).toBe(true);
  // It takes back what it is about, whatever was done since.
  await menu('Heart', 'To the front');
  await notice.getByRole('button', { name: 'Undo' }).click();
  await expect(editor.depth.getByRole('button', { name: /^Moon/ })).toBeVisible();
  await expect(editor.depth.getByRole('button', { name: 'Heart, 1 of 3 from the front' })).toBeVisible();
});

test('what lies behind is reached by the list of all that is under the pointer', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  for (const shape of ['Circle', 'Square', 'Heart']) {
    await editor.supplies.getByRole('button', { name: shape, exact: true }).click();
  }
  const { x, y } = await editor.at({ x: 0.5, y: 0.5 });
  await page.mouse.click(x, y, { button: 'right' });
  const menu = page.getByRole('menu');
  await expect(menu).toContainText('Under here');
  await expect(menu.getByRole('menuitem')).toHaveText(['Heart', 'Square', 'Circle']);
  await menu.getByRole('menuitem', { name: 'Circle' }).click();
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Circle');
});
