import sharp from 'sharp';
import { CutoutView, openedOn } from './support/cutout-view.js';
import { Editor } from './support/editor.js';
import { ownPhoto, removePhotos } from './support/own-photos.js';
import { expect, test } from './support/test.js';

test.afterEach(({ request }) => removePhotos(request, ['large-disc']));

test('strokes that come while others are worked out overtake them; all are obeyed', async ({ page }) => {
  const { view } = await openedOn(page, 'Overtaken', 'hare-leap', { width: 1600, height: 1200 });
  await view.draw([
    [320, 10],
    [1250, 730],
  ]);
  await page.keyboard.press('3');
  // Three strokes at once, over the hare.
  for (const x of [600, 700, 800]) {
    await view.draw([
      [x, 300],
      [x, 420],
    ]);
  }
  await page.keyboard.press('2');
  await view.draw([
    [100, 1000],
    [200, 1000],
  ]);
  await expect(view.dialog.locator('.marks')).toHaveText('box, 1 keep, 3 leave out');
  await view.settled();
  const alpha = await sharp(await view.subjectFile())
    .extractChannel(3)
    .raw()
    .toBuffer();
  const at = (x: number, y: number): number => alpha[y * 1600 + x]!;
  expect([600, 700, 800].map((x) => at(x, 360))).toEqual([0, 0, 0]);
  expect(at(150, 1000)).toBe(255);
});

test('a photo of 24 megapixels is cut out; making it is stopped and begun again', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Poster');
  const size = { width: 6000, height: 4000 };
  await editor.dropFiles([await ownPhoto('large-disc', 3, size.width, size.height)], { x: 0.5, y: 0.5 });
  const opener = editor.panel.getByRole('button', { name: 'Cut out the subject…' });
  await expect(opener).toBeEnabled({ timeout: 60_000 });
  await opener.click();
  const view = new CutoutView(page, size);
  await view.ready();
  await view.draw([
    [2700, 500],
    [4750, 2700],
  ]);
  await view.settled();
  await view.dialog.getByRole('button', { name: 'Use cutout' }).click();
  await view.dialog.getByRole('button', { name: 'Stop' }).click();
  await expect(view.dialog.getByRole('button', { name: 'Use cutout' })).toBeEnabled();
  await expect(view.dialog.locator('.marks')).toHaveText('box');
  await view.use();
  await expect(editor.panel.getByRole('button', { name: 'Subject only' })).toHaveAttribute('aria-pressed', 'true');
  await editor.saved();
});
