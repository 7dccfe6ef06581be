import { Journey } from './support/journey.js';
import { expect, test } from './support/test.js';

test('poster-pdf: a poster as a page in its true size, with sharp letters', async ({ page }) => {
  const journey = await Journey.begin('poster-pdf', page);
  const { editor } = journey;
  await editor.open('Open kiln poster');
  await journey.click(page.getByRole('button', { name: /^Export size/ }));
  await journey.click(page.getByRole('menuitemradio', { name: /PDF, true size/ }));
  const { bytes, actions } = await journey.export();
  // Opening it is the first of them.
  expect(actions).toBeLessThanOrEqual(4);
  const file = bytes.toString('latin1');
  expect(file).toMatch(/^%PDF-1\.7/);
  // 297 x 420 mm in points, to a tenth of a mm.
  const [, width, height] = /\/MediaBox \[0 0 ([0-9.]+) ([0-9.]+)\]/.exec(file)!;
  expect(Math.abs((Number(width) / 72) * 25.4 - 297)).toBeLessThan(0.1);
  expect(Math.abs((Number(height) / 72) * 25.4 - 420)).toBeLessThan(0.1);
  // The photo in the word is a picture with its alpha; all other words are outlines, and no font is asked for.
  expect(file.match(/\/Subtype \/Image/g)).toHaveLength(2);
  expect(file).not.toContain('/BaseFont');
});
