import { Journey } from './support/journey.js';
import { expectReference } from './support/reference.js';
import { expect, test } from './support/test.js';

test('column-circle: an exact circle fitted to its column, its photo clear of the caption', async ({ page }) => {
  const journey = await Journey.begin('column-circle', page);
  const { editor } = journey;
  await journey.click(editor.template('Folded programme'));
  await editor.ready();
  // The round opening on the back page, 88 mm across and off its column's middle.
  const { x, y } = await editor.at({ x: 74 / 297, y: 132 / 210 });
  await journey.clickAt(x, y);
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Back photo');
  await journey.click(editor.panel.getByRole('tab', { name: 'Size' }));
  await journey.fill(editor.panel.getByRole('textbox', { name: 'Width', exact: true }), '50mm');
  await expect(editor.panel.getByRole('textbox', { name: 'Height', exact: true })).toHaveValue('50');
  await expect(editor.panel.getByLabel('Within')).toHaveValue('column');
  await journey.click(editor.panel.getByRole('button', { name: 'Centre', exact: true }));
  // The back page within its margin of 10 mm reaches from 10 to 138.5 mm.
  await expect(editor.panel.getByLabel('From the left')).toHaveValue('49.2');
  const { bytes, actions } = await journey.export({ evenSamples: true });
  expect(actions).toBeLessThanOrEqual(7);
  await expectReference('column-circle', bytes);
  await editor.panel.getByRole('tab', { name: 'Fit' }).click();
  await expect(editor.panel.locator('ka-covered-notice')).toBeEmpty();
});

test('scattered-prints: five over one photo, the veil in a colour picked from it', async ({ page }) => {
  const journey = await Journey.begin('scattered-prints', page);
  const { editor } = journey;
  await journey.click(editor.preset('Wide banner'));
  await editor.ready();
  await journey.click(editor.panel.getByRole('button', { name: 'Photo', exact: true }));
  await journey.click(page.getByRole('menuitem', { name: 'bowls-top' }));
  await expect(page.getByRole('button', { name: 'Undo: bowls-top as background' })).toBeVisible();
  await journey.click(editor.panel.getByText('Scatter windows…'));
  const colours = editor.panel.getByRole('radiogroup', { name: 'Veil colour, from the photo' }).getByRole('radio');
  await journey.click(colours.nth(1));
  await expect(colours.nth(1)).toHaveAttribute('aria-checked', 'true');
  await journey.click(editor.panel.getByRole('button', { name: 'Scatter 5' }));
  await expect(editor.panel.getByRole('heading', { name: '5 items' })).toBeVisible();
  await expect(editor.depth.getByRole('button', { name: /^Print \d,/ })).toHaveCount(5);
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(8);
  await expectReference('scattered-prints', bytes);
});

test('register-word: a cover whose wide letters over a panel show the photo in register', async ({ page }) => {
  const journey = await Journey.begin('register-word', page);
  const { editor } = journey;
  await journey.click(editor.preset('Card'));
  await editor.ready();
  await journey.click(editor.panel.getByRole('button', { name: 'Photo', exact: true }));
  await journey.click(page.getByRole('menuitem', { name: 'glaze-teal' }));
  await expect(page.getByRole('button', { name: 'Undo: glaze-teal as background' })).toBeVisible();
  await journey.click(editor.supplies.getByRole('tab', { name: 'Lettering' }));
  await journey.click(editor.supplies.getByRole('button', { name: 'Word in a panel' }));
  await expect(page.getByLabel('Text on the sheet')).toBeFocused();
  await page.keyboard.press('Control+a');
  await journey.type('TEAL');
  await journey.press('Escape');
  await expect(editor.depth.getByRole('button', { name: /^TEAL/ })).toBeVisible();
  await editor.panel.getByRole('tab', { name: 'Fit' }).click();
  await expect(editor.panel).toContainText('Shows its part of one photo, with the background.');
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(9);
  await expectReference('register-word', bytes);
});
