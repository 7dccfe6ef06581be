import { Editor, pixelsOf } from './support/editor.js';
import { expect, test } from './support/test.js';

test('templates are found by words, and one begins a project whose main place is chosen', async ({ page }) => {
  const editor = await Editor.home(page);
  await page.getByRole('link', { name: 'All templates' }).click();
  await expect(page.getByRole('button', { name: /^Begin from / })).toHaveCount(8);
  await page.getByRole('searchbox').fill('zebra');
  await expect(page.getByRole('main')).toContainText('No template is found by these words.');
  await page.getByRole('searchbox').fill('shop square');
  await page.getByRole('button', { name: 'Begin from Three openings 1080 × 1080 px' }).click();
  await editor.ready();
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Large photo');
  await expect(page.locator('ka-editor-header')).toContainText('4 samples left');
  await editor.supplies.getByRole('button', { name: /^hare-leap: replace/ }).click();
  await expect(page.locator('ka-editor-header')).toContainText('3 samples left');
  // A caption is filled by typing over it.
  await editor.stage.getByRole('button', { name: 'Sample · What it is about' }).click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Leaping hare');
  await page.keyboard.press('Escape');
  await expect(page.locator('ka-editor-header')).toContainText('2 samples left');
});

test('a project is saved as a template, begun from, renamed, removed and brought back', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.open('Workshop card');
  await page.getByRole('button', { name: 'More for this project' }).click();
  await page.getByRole('menuitem', { name: 'Save as template…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name', { exact: true }).fill('Evening card');
  await dialog.getByLabel('Words by which it is found').fill('workshop evening');
  await dialog.getByLabel('Hint for Oval').fill('A plant');
  await dialog.getByRole('checkbox', { name: 'Plants need pots' }).check();
  await dialog.getByRole('button', { name: 'Save template' }).click();
  await expect(page.locator('.ka-notice')).toContainText('The template Evening card was saved.');
  await page.goto(new URL('/templates', process.env['KADROSYN_ADDRESS']).href);
  await page.getByRole('button', { name: 'More for Evening card' }).click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('Plant card');
  await page.getByRole('dialog').getByRole('button', { name: 'Rename' }).click();
  await page.getByRole('button', { name: 'More for Plant card' }).click();
  await page.getByRole('menuitem', { name: 'Remove' }).click();
  await expect(page.getByRole('button', { name: /^Begin from Plant card/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring back' }).click();
  await page.getByRole('button', { name: /^Begin from Plant card/ }).click();
  await editor.ready();
  await expect(editor.stage.getByRole('button', { name: 'Sample · A plant' })).toBeVisible();
  await expect(page.locator('ka-editor-header')).toContainText('2 samples left');
});

test('marks of samples, folds and empty openings are never exported', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Folded programme');
  await expect(editor.stage.locator('line.fold')).toHaveCount(1);
  await editor.depth.getByRole('button', { name: /^\d Inside/ }).click();
  await expect(editor.depth.getByRole('button', { name: /^The day/ })).toBeVisible();
  await editor.depth.getByRole('button', { name: /^\d Outside/ }).click();
  await editor.depth.getByRole('button', { name: /^Front photo/ }).click();
  await editor.panel.getByRole('button', { name: 'Take photo out' }).click();
  await expect(editor.stage.locator('path.empty')).toHaveCount(1);
  await editor.saved();
  await page.getByRole('button', { name: /^Export PNG/ }).click();
  const arriving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export all the same' }).click();
  const chunks: Buffer[] = [];
  for await (const chunk of await (await arriving).createReadStream()) chunks.push(chunk as Buffer);
  const { width, height, data } = await pixelsOf(Buffer.concat(chunks));
  const at = (x: number, y: number): number[] => {
    const i = 4 * (Math.round(y * height) * width + Math.round(x * width));
    return [...data.subarray(i, i + 3)];
  };
  // Right of the fold, where the front's opening is empty, there is paper and nothing else.
  for (let y = 0.3; y < 0.85; y += 0.01) expect(at(0.75, y)).toEqual([0xfb, 0xf8, 0xf1]);
  for (let y = 0.02; y < 0.98; y += 0.01) expect(at(0.502, y)).toEqual([0xfb, 0xf8, 0xf1]);
});
