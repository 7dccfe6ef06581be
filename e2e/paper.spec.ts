import sharp from 'sharp';
import { Editor } from './support/editor.js';
import { Journey } from './support/journey.js';
import { expect, test } from './support/test.js';

/** Width and height of a box of the first page, mm. */
function sizeOf(file: string, box: string): [number, number] {
  const [left, bottom, right, top] = new RegExp(`/${box} \\[([^\\]]*)\\]`).exec(file)![1]!.trim().split(' ').map(Number);
  const mm = 25.4 / 72;
  return [(right! - left!) * mm, (top! - bottom!) * mm];
}

test('poster-pdf: a poster as a page in its true size, with sharp letters', async ({ page }) => {
  const journey = await Journey.begin('poster-pdf', page);
  const { editor } = journey;
  await editor.open('Open kiln poster');
  await journey.click(page.getByRole('button', { name: 'What for?' }));
  await journey.click(page.getByRole('dialog').getByRole('button', { name: 'Paper' }));
  const { bytes, actions } = await journey.export();
  // Opening it is the first of them.
  expect(actions).toBeLessThanOrEqual(4);
  const file = bytes.toString('latin1');
  expect(file).toMatch(/^%PDF-1\.7/);
  // 297 x 420 mm, to a tenth of a mm.
  expect(sizeOf(file, 'TrimBox').map((mm) => Math.round(mm * 10) / 10)).toEqual([297, 420]);
  // The photo in the word is a picture with its alpha; all other words are outlines, and no font is asked for.
  expect(file.match(/\/Subtype \/Image/g)).toHaveLength(2);
  expect(file).not.toContain('/BaseFont');
});

test('programme-folded: both sides of a folded sheet in one file, with bleed and fold marks', async ({ page }) => {
  const journey = await Journey.begin('programme-folded', page);
  const { editor } = journey;
  await editor.open('Open kiln programme');
  await journey.click(page.getByRole('button', { name: 'What for?' }));
  const panel = page.getByRole('dialog', { name: 'What for?' });
  await journey.click(panel.getByRole('button', { name: 'Paper' }));
  // A sheet with a fold and bleed has marks, and all sheets go onto paper, until somebody says otherwise.
  await expect(panel.getByRole('button', { name: 'All 2' })).toHaveAttribute('aria-pressed', 'true');
  await expect(panel.getByLabel('Cut and fold marks')).toBeChecked();
  await expect(panel).toContainText('2 pages of 315 × 228 mm.');
  const { name, bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(4);
  expect(name).toBe('Open kiln programme.pdf');
  const file = bytes.toString('latin1');
  expect(file.match(/\/Type \/Page\n/g)).toHaveLength(2);
  expect(sizeOf(file, 'TrimBox').map((mm) => Math.round(mm * 10) / 10)).toEqual([297, 210]);
  expect(sizeOf(file, 'BleedBox').map((mm) => Math.round(mm * 10) / 10)).toEqual([303, 216]);
});

test('jpeg-under-500: a picture for a shop that is no larger than 500 KB', async ({ page }) => {
  const journey = await Journey.begin('jpeg-under-500', page);
  const { editor } = journey;
  await editor.open('Open kiln poster');
  await journey.click(page.getByRole('button', { name: 'What for?' }));
  const panel = page.getByRole('dialog', { name: 'What for?' });
  await journey.click(panel.getByRole('button', { name: 'A shop' }));
  await expect(panel.getByRole('status')).toHaveText(/^Quality \d+: (about )?\d+ KB$/, { timeout: 30_000 });
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(4);
  expect(bytes.length).toBeLessThanOrEqual(500_000);
  const { width, format } = await sharp(bytes).metadata();
  expect([width, format]).toEqual([2000, 'jpeg']);
  // Asked again by one click, it is the same; and it is listed for a day.
  await expect(page.getByRole('button', { name: 'Export JPEG' })).toBeVisible();
  await page.getByRole('button', { name: 'What for?' }).click();
  await expect(panel.getByRole('listitem')).toContainText([/Open kiln poster\.jpg.*KB, today/]);
});

test('many on one sheet: a card as often as the paper has room for it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.open('Workshop card');
  await page.getByRole('button', { name: 'What for?' }).click();
  const panel = page.getByRole('dialog', { name: 'What for?' });
  await panel.getByRole('button', { name: 'Paper' }).click();
  await panel.getByRole('button', { name: 'Many on one' }).click();
  await expect(panel).toContainText('One page of 297 × 210 mm, 2 on it.');
  await panel.getByRole('button', { name: 'A3' }).click();
  await expect(panel).toContainText('One page of 297 × 420 mm, 4 on it.');
  const { bytes } = await editor.export();
  const file = bytes.toString('latin1');
  expect(file.match(/\/Type \/Page\n/g)).toHaveLength(1);
  expect(sizeOf(file, 'MediaBox').map((mm) => Math.round(mm * 10) / 10)).toEqual([297, 420]);
});

test('a programme is printed by the browser, each side on a page of its own size', async ({ page, context }) => {
  // What would be printed is kept; the browser's own dialog needs a person.
  await page.addInitScript(() => {
    window.print = () => {
      (window.top as unknown as { printed: string }).printed = document.documentElement.outerHTML;
      window.dispatchEvent(new Event('afterprint'));
    };
  });
  const editor = await Editor.home(page);
  await editor.open('Open kiln programme');
  await page.getByRole('button', { name: 'What for?' }).click();
  const panel = page.getByRole('dialog', { name: 'What for?' });
  await panel.getByRole('button', { name: 'Paper' }).click();
  await panel.getByRole('textbox', { name: 'Pictures at' }).fill('60');
  await panel.getByRole('textbox', { name: 'Pictures at' }).press('Enter');
  await panel.getByRole('button', { name: 'Print…' }).click();
  await expect(page.getByText('2 pages were given to the browser to print, without bleed.')).toBeVisible({ timeout: 30_000 });
  await expect(page.locator('iframe')).toHaveCount(0);
  const body = await page.evaluate(() => (window as unknown as { printed: string }).printed);

  const paper = await context.newPage();
  const address = new URL('/printed', page.url()).href;
  await paper.route(address, (route) => route.fulfill({ contentType: 'text/html', body }));
  await paper.goto(address);
  const sizes = await paper
    .locator('img')
    .evaluateAll((images) => images.map((image) => (image as HTMLImageElement).naturalWidth));
  // 297 mm at 60 dpi, twice.
  expect(sizes).toEqual([702, 702]);
  const file = (await paper.pdf({ preferCSSPageSize: true, printBackground: true })).toString('latin1');
  expect(file.match(/\/Type \/Page\n/g)).toHaveLength(2);
  for (const [index, mm] of sizeOf(file, 'MediaBox').entries()) expect(Math.abs(mm - [297, 210][index]!)).toBeLessThan(0.5);
});
