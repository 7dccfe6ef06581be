import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';

test('an outline is drawn with a hole, kept, changed and edited, and the photo stays', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await page.getByRole('button', { name: 'Draw an outline' }).click();
  const click = async (x: number, y: number): Promise<void> => {
    const at = await editor.at({ x, y });
    await page.mouse.click(at.x, at.y);
  };
  for (const [x, y] of [
    [0.3, 0.25],
    [0.7, 0.25],
    [0.7, 0.7],
    [0.3, 0.7],
    [0.3, 0.25],
  ] as const)
    await click(x, y);
  await page.getByRole('button', { name: 'Add a hole' }).click();
  for (const [x, y] of [
    [0.45, 0.4],
    [0.55, 0.4],
    [0.5, 0.5],
    [0.45, 0.4],
  ] as const)
    await click(x, y);
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(editor.panel.locator('.head')).toContainText('Free path');
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^lake-dusk: fill Drawn/ }).click();
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  await editor.panel.getByRole('button', { name: 'Keep in supplies' }).click();
  await expect(page.getByText('The outline of Drawn is in the supplies')).toBeVisible();
  // Another outline, the same photo.
  await editor.panel.getByRole('button', { name: 'Change outline…' }).click();
  await page.getByRole('menuitem', { name: 'Ring' }).click();
  await expect(editor.panel.locator('.head p')).toHaveText(/^Ring, .* · lake-dusk$/);
  await editor.panel.getByLabel('Hole').fill('30');
  await editor.panel.getByLabel('Hole').press('Enter');
  // Its points by keyboard: the first is moved and another is made a curve.
  await editor.panel.getByRole('button', { name: 'Edit points' }).click();
  const points = page.getByRole('button', { name: /^Point 1 of 4/ });
  await points.first().focus();
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('Enter');
  await expect(editor.panel.locator('.head p')).toHaveText(/^Free path, .* · lake-dusk$/);
  await editor.saved();
});

test('two openings become one', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Square' }).click();
  await editor.supplies.getByRole('button', { name: 'Circle' }).click();
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  await editor.panel.getByRole('button', { name: 'Combine…' }).click();
  await page.getByRole('menuitem', { name: 'Subtract Square' }).click();
  await expect(page.getByText('Nothing would be left of Circle')).toBeVisible();
  await editor.select('Square');
  await editor.panel.getByRole('button', { name: 'Combine…' }).click();
  await page.getByRole('menuitem', { name: 'Subtract Circle' }).click();
  await expect(page.getByText('Square and Circle are one opening now.')).toBeVisible();
  await expect(editor.depth.getByRole('button', { name: /^Circle/ })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(editor.depth.getByRole('button', { name: /^Circle/ })).toHaveCount(1);
});

test('shapes are found by search and by kind; a bad drawing is refused in words', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('searchbox').fill('oval');
  await expect(editor.supplies.locator('.piece')).toHaveText(['Ellipse']);
  await editor.supplies.getByRole('searchbox').fill('');
  await editor.supplies.getByRole('radio', { name: 'Paper' }).click();
  await expect(editor.supplies.locator('.piece')).toHaveText(['Ticket', 'Torn paper', 'Speech']);
  await editor.supplies.getByRole('button', { name: 'From a drawing…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Code of the drawing').fill('<svg><g><path d="M0 0');
  await expect(dialog.getByRole('alert')).toContainText('no well-formed SVG');
  await expect(dialog.getByRole('button', { name: 'Put on the sheet' })).toBeDisabled();
  await dialog.getByLabel('Code of the drawing').fill('M0 0H10V10Z');
  await dialog.getByRole('button', { name: 'Put on the sheet' }).click();
  await expect(editor.panel.locator('.head')).toContainText('Free path');
});
