import { Journey } from './support/journey.js';
import { expectReference } from './support/reference.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

const MUG = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 100"><script>alert(1)</script>
  <path fill-rule="evenodd" d="M10 5H85V25H95A25 25 0 0 1 95 75H85V80A15 15 0 0 1 70 95H25A15 15 0 0 1 10 80ZM85 37V63H93A13 13 0 0 0 93 37Z"/></svg>`;

test('bold-word: a photo in a bold word, placed so that its focus shows', async ({ page }) => {
  const journey = await Journey.begin('bold-word', page);
  const { editor } = journey;
  await journey.click(editor.preset('Poster'));
  await journey.click(editor.supplies.getByRole('tab', { name: 'Lettering' }));
  await journey.click(editor.supplies.getByRole('button', { name: 'Wide poster' }));
  await expect(page.getByLabel('Text on the sheet')).toBeFocused();
  await journey.type('TEA');
  await journey.click(editor.supplies.getByRole('tab', { name: 'Photos' }));
  await journey.click(editor.supplies.getByRole('button', { name: /^team-mug: fill TEA/ }));
  await expect(editor.panel.locator('.head p')).toContainText('team-mug');
  await journey.click(editor.panel.getByRole('tab', { name: 'Fit' }));
  const share = editor.panel.locator('ka-share-section .news');
  const focusShown = async (): Promise<number> => Number(/(\d+) % of its focus/.exec((await share.textContent())!)?.[1]);
  await expect(share).toContainText('of its focus');
  const before = await focusShown();
  await journey.click(editor.panel.getByRole('button', { name: 'Widen to show more' }));
  await expect.poll(focusShown).toBeGreaterThan(before);
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(9);
  await expectReference('bold-word', bytes);
});

test('four-corners: a photo in perspective', async ({ page }) => {
  const journey = await Journey.begin('four-corners', page);
  const { editor } = journey;
  await journey.click(editor.preset('Badge'));
  await journey.click(editor.supplies.getByRole('tab', { name: 'Shapes' }));
  await journey.click(editor.supplies.getByRole('button', { name: 'Four corners' }));
  const corner = await boxOf(editor.stage.locator('[data-bar="1"]'));
  const from = { x: corner.x + corner.width / 2, y: corner.y + corner.height / 2 };
  await journey.drag(from, { x: from.x + 60, y: from.y - 70 });
  await journey.click(editor.supplies.getByRole('tab', { name: 'Photos' }));
  await journey.click(editor.supplies.getByRole('button', { name: /^glaze-celadon: fill Four corners/ }));
  await expect(editor.panel.locator('.head p')).toContainText('glaze-celadon');
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(8);
  await expectReference('four-corners', bytes);
});

test('own-outline: an outline from a drawing with a photo', async ({ page }) => {
  const journey = await Journey.begin('own-outline', page);
  const { editor } = journey;
  await journey.click(editor.preset('Badge'));
  await journey.dropFile({ name: 'mug.svg', type: 'image/svg+xml', bytes: Buffer.from(MUG) }, { x: 0.5, y: 0.5 });
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('img', { name: 'The outline' })).toBeVisible();
  await expect(dialog).toContainText('Not used for the outline: one script.');
  await journey.click(dialog.getByRole('button', { name: 'Put on the sheet' }));
  await journey.click(editor.supplies.getByRole('button', { name: /^glaze-teal: fill mug/ }));
  await expect(editor.panel.locator('.head p')).toContainText('glaze-teal');
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(7);
  await expectReference('own-outline', bytes);
  // It was kept, for other projects too.
  await editor.tab('Shapes');
  await editor.supplies.getByRole('radio', { name: 'My own' }).click();
  await expect(editor.supplies.getByRole('button', { name: 'mug', exact: true })).toBeVisible();
  await expect(page.locator('script', { hasText: 'alert(1)' })).toHaveCount(0);
});
