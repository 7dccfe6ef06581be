import { Editor } from './support/editor.js';
import { colourIn } from './support/pixels.js';
import { tabTo } from './support/tab-to.js';
import { expect, test } from './support/test.js';

test('a whole job by keyboard alone: an oval gets a wider line, its photo a tone, the sheet a mood, export', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.copyOf('Workshop card', 'Card by keys');
  await expect(page.getByRole('link', { name: /^Card by keys/ }).first()).toBeVisible();
  await tabTo(page, /^Card by keys/);
  await page.keyboard.press('Enter');
  await editor.ready();
  // Slabs are one stop as well: the oval is the last of four.
  await tabTo(page, /^Throw one/);
  for (let step = 0; step < 3; step++) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(editor.panel.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Oval');
  // The tabs are one stop; arrow keys go along them.
  await tabTo(page, /^Fit$/);
  for (let step = 0; step < 2; step++) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await tabTo(page, /^Width slider$/);
  const width = editor.panel.getByRole('textbox', { name: 'Width', exact: true });
  await expect(width).toHaveValue('1.4');
  for (let step = 0; step < 3; step++) await page.keyboard.press('PageUp');
  await expect.poll(async () => Number(await width.inputValue())).toBeGreaterThan(1.4);
  // Keys on one slider are one step together.
  await expect(page.getByRole('button', { name: 'Undo: Outline of Oval' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(width).toHaveValue('1.4');
  await tabTo(page, /^Tone of the photo/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Black and white$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo: Black and white of Oval' })).toBeVisible();
  // Out of the item: the sheet has the panel.
  await editor.stage.focus();
  await page.keyboard.press('Escape');
  await tabTo(page, /^Mood/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Point 1 of the curve/);
  await page.keyboard.press('Shift+ArrowUp');
  await expect(editor.panel.getByRole('button', { name: 'Point 1 of the curve: 0 % becomes 10 %' })).toBeVisible();
  await editor.saved();
  await page.keyboard.press('F6');
  await tabTo(page, /^Export PNG$/);
  const arriving = page.waitForEvent('download');
  await page.keyboard.press('Enter');
  const download = await arriving;
  const chunks: Buffer[] = [];
  for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
  // The plant is grey now, and nothing is quite black.
  const [r, g, b] = await colourIn(Buffer.concat(chunks), { x: 0.5, y: 0.36 });
  expect(Math.max(r!, g!, b!) - Math.min(r!, g!, b!)).toBeLessThanOrEqual(2);
  expect(Math.min(r!, g!, b!)).toBeGreaterThan(20);
});
