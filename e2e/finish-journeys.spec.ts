import { Journey } from './support/journey.js';
import { colourIn } from './support/pixels.js';
import { expectReference } from './support/reference.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

test('bold-word-finished: an inside outline in a colour of the photo, and a soft shadow', async ({ page }) => {
  const journey = await Journey.begin('bold-word-finished', page);
  const { editor } = journey;
  await journey.click(editor.preset('Poster'));
  await journey.click(editor.supplies.getByRole('tab', { name: 'Lettering' }));
  await journey.click(editor.supplies.getByRole('button', { name: 'Wide poster' }));
  await expect(page.getByLabel('Text on the sheet')).toBeFocused();
  await journey.type('TEA');
  await journey.click(editor.supplies.getByRole('tab', { name: 'Photos' }));
  await journey.click(editor.supplies.getByRole('button', { name: /^mug-teal: fill TEA/ }));
  await expect(editor.panel.locator('.head p')).toContainText('mug-teal');
  await journey.click(editor.panel.getByRole('tab', { name: 'Finish' }));
  await journey.click(editor.panel.getByRole('checkbox', { name: 'Outline' }));
  await expect(editor.panel.getByRole('button', { name: 'Inside' })).toHaveAttribute('aria-pressed', 'true');
  await journey.click(editor.panel.getByRole('button', { name: 'Take outline colour from the sheet' }));
  const place = await editor.at({ x: 0.476, y: 0.498 });
  const bar = page.locator('ka-colour-taker .bar');
  await page.mouse.move(place.x, place.y);
  await expect(bar).toContainText('#');
  const taken = /#[0-9a-f]{6}/.exec((await bar.textContent())!)![0];
  await journey.clickAt(place.x, place.y);
  await expect(editor.panel.getByRole('textbox', { name: 'Outline colour as hex' })).toHaveValue(taken);
  expect(taken).not.toBe('#ffffff');
  await journey.click(editor.panel.getByRole('checkbox', { name: 'Shadow' }));
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(13);
  await expectReference('bold-word-finished', bytes);
});

test('bordered-oval: a white border made thicker', async ({ page }) => {
  const journey = await Journey.begin('bordered-oval', page);
  const { editor } = journey;
  await editor.copyOf('Workshop card', 'Card with a border');
  await journey.click(page.getByRole('link', { name: 'Card with a border' }).first());
  await editor.ready();
  const { x, y } = await editor.at({ x: 0.5, y: 0.4 });
  await journey.clickAt(x, y);
  await expect(editor.panel.getByRole('textbox', { name: 'Name' })).toHaveValue('Oval');
  await journey.click(editor.panel.getByRole('tab', { name: 'Finish' }));
  await journey.fill(editor.panel.getByRole('textbox', { name: 'Width', exact: true }), '4');
  await expect(editor.panel.getByText('4 mm inside')).toBeVisible();
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(6);
  // 2 mm inside of the oval's left edge, which is 17.5 mm from the sheet's.
  expect(await colourIn(bytes, { x: 19.5 / 105, y: 59 / 148 })).toEqual([255, 255, 255]);
  await expectReference('bordered-oval', bytes);
});

test('moody-window: a mood curve over all', async ({ page }) => {
  const journey = await Journey.begin('moody-window', page);
  const { editor } = journey;
  await journey.click(editor.template('Backdrop poster'));
  await editor.ready();
  await journey.click(editor.supplies.getByRole('button', { name: /^window-room: / }));
  await expect(editor.panel.locator('.head p')).toContainText('window-room');
  await journey.press('Escape');
  await journey.click(editor.panel.getByRole('button', { name: /^Mood/ }));
  const square = editor.panel.locator('ka-tone-curve .square');
  const box = await boxOf(square);
  const at = (u: number, v: number) => ({ x: box.x + u * box.width, y: box.y + (1 - v) * box.height });
  await journey.drag(at(0.3, 0.3), at(0.3, 0.16));
  await journey.drag(at(0.75, 0.75), at(0.75, 0.62));
  await expect(editor.panel.getByRole('button', { name: /^Point \d of the curve/ })).toHaveCount(4);
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(7);
  await expectReference('moody-window', bytes);
});

test('readable-cover: a weak word made readable by remedies', async ({ page }) => {
  const journey = await Journey.begin('readable-cover', page);
  const { editor } = journey;
  await journey.click(editor.template('Backdrop poster'));
  await editor.ready();
  await journey.click(editor.supplies.getByRole('button', { name: /^paper-backdrop: / }));
  await expect(page.getByText('paper-backdrop').first()).toBeVisible();
  // White letters on white paper.
  await journey.click(editor.depth.getByRole('button', { name: /^LATE/ }));
  await journey.click(editor.panel.getByRole('tab', { name: 'Finish' }));
  const fold = editor.panel.getByRole('button', { name: /^Can it be read/ });
  await journey.click(fold);
  const share = async (): Promise<number> => Number(/(\d+) %/.exec((await fold.textContent())!)?.[1] ?? 0);
  const remedy = editor.panel.locator('.remedies button').first();
  await expect(remedy).toBeVisible({ timeout: 20_000 });
  const before = await share();
  const gain = Number(/\+(\d+) %/.exec((await remedy.textContent())!)![1]);
  expect(gain).toBeGreaterThan(5);
  await journey.click(remedy);
  // What was predicted is what it brings.
  await expect.poll(share, { timeout: 20_000 }).toBeGreaterThanOrEqual(before + gain - 1);
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(8);
  await expectReference('readable-cover', bytes);
});
