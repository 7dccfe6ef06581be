import { Editor, largestDifference, pixelsOf } from './support/editor.js';
import { expect, test } from './support/test.js';

// Large enough that a sheet of 800 px is wholly seen at 1:1.
test.use({ viewport: { width: 1500, height: 1240 } });

test('outline, shadow, shade, tone, effects and mood are shown as they are exported', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Circle', exact: true }).click();
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^mug-teal: fill Circle/ }).click();
  const { panel } = editor;
  await expect(panel.locator('.head p')).toContainText('mug-teal');
  await panel.getByRole('tab', { name: 'Finish' }).click();
  const set = async (field: string, value: string): Promise<void> => {
    const input = panel.getByRole('textbox', { name: field, exact: true });
    await input.fill(value);
    await input.press('Enter');
  };
  for (const part of ['Outline', 'Shadow', 'Inner shade']) await panel.getByRole('checkbox', { name: part, exact: true }).check();
  await panel.getByRole('button', { name: 'Outside' }).click();
  await panel.getByRole('button', { name: /^Tone of the photo/ }).click();
  await set('Warmth', '40');
  await set('Fade', '30');
  await panel.getByRole('button', { name: /^Blur and effects/ }).click();
  await set('Grain', '60');
  await set('Dark edges', '50');
  await page.keyboard.press('Escape');
  await editor.stage.focus();
  await page.keyboard.press('Escape');
  await panel.getByRole('button', { name: /^Mood/ }).click();
  await set('Contrast', '25');
  await page.getByRole('button', { name: /zoom to 100 %$/ }).click();
  const { bytes } = await editor.export();
  const picture = await pixelsOf(bytes);
  expect([picture.width, picture.height]).toEqual([800, 800]);
  await expect
    .poll(async () => largestDifference(await editor.canvasPixels(800, 800), picture.data), { timeout: 15_000 })
    .toBeLessThanOrEqual(1);
});
