import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';

test('letters that follow a face of the project change with it, in one step; others are set to follow one', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Folded programme');
  await editor.select('Open kiln');
  const faceOf = editor.panel.getByRole('button', { name: /^Face / });
  await expect(faceOf).toHaveAccessibleName('Face Headline, Alfa Slab One');
  const before = await editor.panel.locator('.head p').textContent();
  await editor.stage.focus();
  await page.keyboard.press('Escape');
  await editor.panel.getByRole('button', { name: /^Faces/ }).click();
  await editor.panel.getByRole('button', { name: 'Headline Alfa Slab One' }).click();
  await page.getByRole('menuitem', { name: 'Anton', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Undo: Headline in Anton' })).toBeVisible();
  await expect(editor.panel.getByRole('button', { name: 'Headline Anton' })).toBeVisible();
  for (const name of ['Open kiln', 'Where we are']) {
    await editor.select(name);
    await expect(faceOf).toHaveAccessibleName('Face Headline, Anton');
  }
  await editor.select('Open kiln');
  // Its box is measured anew: Anton is narrower.
  await expect(editor.panel.locator('.head p')).not.toHaveText(before!);
  await editor.select('A programme for the day');
  await expect(faceOf).toHaveAccessibleName('Face Text, Archivo');
  await faceOf.click();
  await page.getByRole('menuitem', { name: 'Headline of the project, Anton' }).click();
  await expect(faceOf).toHaveAccessibleName('Face Headline, Anton');
  await editor.saved();
  await page.reload();
  await editor.ready();
  await editor.select('Where we are');
  await expect(faceOf).toHaveAccessibleName('Face Headline, Anton');
  await page.getByRole('button', { name: 'Undo: Change face' }).click();
  await page.getByRole('button', { name: 'Undo: Headline in Anton' }).click();
  await expect(faceOf).toHaveAccessibleName('Face Headline, Alfa Slab One');
});
