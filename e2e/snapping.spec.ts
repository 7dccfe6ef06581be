import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';

test('what is moved comes to lie on centres and edges, says why, and goes freely while a key is held', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Circle', exact: true }).click();
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  const place = async (): Promise<number[]> =>
    Promise.all(['From the left', 'From the top'].map(async (name) => Number(await editor.panel.getByLabel(name).inputValue())));
  const [x, y] = await place();
  const reason = page.locator('ka-snap-lines span');
  // Four px on the screen off the middle, it stays on it.
  const middle = await editor.at({ x: 0.5, y: 0.5 });
  await editor.drag(middle, { x: middle.x + 3, y: middle.y + 120 }, async () => {
    await expect(reason.first()).toHaveText('sheet centre');
  });
  await expect(reason).toHaveCount(0);
  await expect.poll(async () => (await place())[0]).toBe(x);
  await expect.poll(async () => (await place())[1]).toBeGreaterThan(y! + 100);
  await page.keyboard.press('Control+z');
  await page.keyboard.down('Control');
  await editor.drag(middle, { x: middle.x + 4, y: middle.y + 120 }, () => expect(reason).toHaveCount(0));
  await page.keyboard.up('Control');
  await expect.poll(async () => (await place())[0]).not.toBe(x);
});

test('an item is aligned on the sheet, within its margins', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.copyOf('Workshop card', 'Card to align on');
  await editor.open('Card to align on');
  await editor.select('Oval');
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  await editor.panel.getByRole('button', { name: 'Left', exact: true }).click();
  await expect(editor.panel.getByLabel('From the left')).toHaveValue('6');
  await editor.panel.getByRole('button', { name: 'Top', exact: true }).click();
  await expect(editor.panel.getByLabel('From the top')).toHaveValue('6');
  await editor.panel.getByRole('button', { name: 'Centre', exact: true }).click();
  await expect(editor.panel.getByLabel('From the left')).toHaveValue('17.5');
  await expect(page.getByRole('button', { name: 'Undo: Centre within the margins: Oval' })).toBeVisible();
  for (let step = 0; step < 3; step++) await page.keyboard.press('Control+z');
});
