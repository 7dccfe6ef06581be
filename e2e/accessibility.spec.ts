import { expectAccessible } from './support/accessible.js';
import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

test('axe finds nothing on the projects page', async ({ page }) => {
  await Editor.home(page);
  await expect(page.getByRole('link', { name: /Open kiln day/ }).first()).toBeVisible();
  await expectAccessible(page);
});

test('axe finds nothing in the editor', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.open('Open kiln day');
  await expectAccessible(page);
  await editor.select('Heron');
  await expectAccessible(page);
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  await editor.tab('Shapes');
  await expectAccessible(page);
  await editor.select('OPEN KILN');
  await editor.tab('Lettering');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'What for?' }).click();
  const panel = page.getByRole('dialog', { name: 'What for?' });
  for (const purpose of ['A screen', 'A shop', 'Paper', 'Layers']) {
    await panel.getByRole('button', { name: purpose }).click();
    await expectAccessible(page);
  }
});

test('axe finds nothing while filling', async ({ page }) => {
  const editor = await Editor.home(page);
  await page.goto(new URL('/templates', process.env['KADROSYN_ADDRESS']).href);
  await expect(page.getByRole('button', { name: /^Begin from / })).toHaveCount(8);
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Begin from Folded programme/ }).click();
  await editor.ready();
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Export PNG/ }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'More for this project' }).click();
  await page.getByRole('menuitem', { name: 'Save as template…' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await editor.supplies.getByRole('button', { name: 'Choose several' }).click();
  await editor.supplies.getByRole('button', { name: /^lake-dusk.*: choose$/ }).click();
  await expectAccessible(page);
  await editor.supplies.getByRole('button', { name: 'Done' }).click();
  await editor.supplies.getByRole('button', { name: 'More for lake-dusk' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await editor.supplies.getByRole('button', { name: 'Picture library' }).click();
  await expect(editor.supplies.getByRole('status')).toHaveText('33 pictures');
  await expectAccessible(page);
  await editor.tab('Artwork');
  await editor.supplies.getByRole('button', { name: 'Wreath' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await editor.panel.getByRole('button', { name: 'Trim the sheet…' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: 'My photos' }).click();
  await editor.supplies.getByRole('button', { name: /^stall/ }).click();
  await editor.panel.getByRole('button', { name: 'Straighten…' }).click();
  await expectAccessible(page);
});

test('axe finds nothing while arranging', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.open('Open kiln programme');
  await editor.depth.getByRole('button', { name: /^2 Inside/ }).click();
  await page.keyboard.press('r');
  await expectAccessible(page);
  await editor.panel.getByRole('button', { name: 'Gradient' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Control+a');
  await expectAccessible(page);
  await page.keyboard.press('Control+g');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'view, ways to work and to look' }).click();
  await page.getByRole('menuitemcheckbox', { name: 'Select several' }).click();
  await expect(page.getByRole('menu')).toHaveCount(0);
  await expectAccessible(page);
  for (let step = 0; step < 2; step++) await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Done' }).click();
  await editor.select('Potter');
  await editor.panel.getByText('Scatter windows…').click();
  await expect(editor.panel.getByRole('radiogroup', { name: 'Veil colour, from the photo' }).getByRole('radio')).not.toHaveCount(
    0,
  );
  await expectAccessible(page);
  await editor.panel.getByRole('button', { name: 'Correct the focus…' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Look', exact: true }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Back to work' }).click();
  await page.keyboard.press('r');
});

test('axe finds nothing while finishing', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.copyOf('Workshop card', 'Card to look at');
  await editor.open('Card to look at');
  await editor.panel.getByRole('button', { name: /^Mood/ }).click();
  await editor.panel.getByRole('button', { name: /^Colours/ }).click();
  await editor.panel
    .getByRole('button', { name: /, in \d+ places|, in one place/ })
    .first()
    .click();
  await expect(editor.panel.locator('ka-tone-curve canvas')).toBeVisible();
  await expectAccessible(page);
  await editor.select('Oval');
  await editor.panel.getByRole('tab', { name: 'Finish' }).click();
  for (const part of ['Rim', 'Inner shade']) await editor.panel.getByRole('checkbox', { name: part, exact: true }).check();
  await editor.panel.getByRole('button', { name: /^Tone of the photo/ }).click();
  await editor.panel.getByRole('button', { name: /^Blur and effects/ }).click();
  await editor.panel.getByRole('button', { name: 'Two inks' }).click();
  await editor.panel.getByRole('button', { name: 'Outline colour, any colour' }).click();
  await expect(editor.panel.locator('ka-tone-curve canvas')).toBeVisible();
  await expectAccessible(page);
  await editor.panel.getByRole('button', { name: 'Blend: Normal' }).click();
  await expect(page.getByRole('menuitemradio', { name: 'Multiply' })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('menu')).toHaveCount(0);
  await editor.panel.getByRole('button', { name: 'Take outline colour from the sheet' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await editor.select('Plants need pots');
  await editor.panel.getByRole('tab', { name: 'Finish' }).click();
  await editor.panel.getByRole('button', { name: /^Can it be read/ }).click();
  await expect(editor.panel.locator('.letters li').first()).toBeVisible();
  await expectAccessible(page);
});

test('axe finds nothing while drawing and typing', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Four corners' }).click();
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  await expectAccessible(page);
  await editor.panel.getByRole('button', { name: 'Edit points' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await editor.supplies.getByRole('button', { name: 'From a drawing…' }).click();
  await page.getByLabel('Code of the drawing').fill('<svg><text>x</text><path d="M0 0H9V9Z"/></svg>');
  await expect(page.getByText('Not used for the outline: one text.')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await editor.tab('Lettering');
  await editor.supplies.getByRole('button', { name: 'Big slab' }).click();
  await expect(page.getByLabel('Text on the sheet')).toBeFocused();
  await expectAccessible(page);
  await editor.panel.getByRole('button', { name: 'Over a circle' }).click();
  await editor.panel.getByRole('button', { name: 'Gradient' }).click();
  await editor.panel.locator('button.face').click();
  await expect(page.getByRole('menuitem', { name: 'Anton' })).toBeVisible();
  await expectAccessible(page);
});

test('nothing scrolls sideways and nothing is below the fold at 1280 x 800', async ({ page }) => {
  const editor = await Editor.home(page);
  const sideways = () => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  await expect.poll(sideways).toBe(0);
  await editor.open('Workshop card');
  await expect.poll(sideways).toBe(0);
  for (const part of [editor.depth, editor.panel, editor.supplies, page.locator('ka-grip-bar')]) {
    const box = await boxOf(part);
    expect(box.y + box.height).toBeLessThanOrEqual(801);
    expect(box.x + box.width).toBeLessThanOrEqual(1281);
  }
});
