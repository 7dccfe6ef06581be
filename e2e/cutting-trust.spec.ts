import sharp from 'sharp';
import { openedOn } from './support/cutout-view.js';
import { expect, test } from './support/test.js';

const AGAVE = { width: 1200, height: 1600 };

async function alphaOf(picture: Buffer): Promise<Buffer> {
  return sharp(picture).extractChannel(3).raw().toBuffer();
}

/** The mean of a matte in a shape that is made of upright rectangles, 0 to 255. @param shape - data of an SVG path in px of the photo. */
function meanIn(alpha: Buffer, shape: string): number {
  let [sum, count] = [0, 0];
  for (const [, x, y, width, height] of shape.matchAll(/M([\d.]+) ([\d.]+)h([\d.]+)v([\d.]+)/g)) {
    for (let v = Math.ceil(Number(y)); v < Number(y) + Number(height); v++) {
      for (let u = Math.ceil(Number(x)); u < Number(x) + Number(width); u++) {
        sum += alpha[v * AGAVE.width + u]!;
        count++;
      }
    }
  }
  expect(count).toBeGreaterThan(1000);
  return sum / count;
}

test('also-changed: what a stroke would change far away is held back, shown with a ring, taken or left', async ({ page }) => {
  const { view } = await openedOn(page, 'Agave cut out', 'agave-pot', AGAVE);
  await view.draw([
    [16, 478],
    [1190, 1362],
  ]);
  await view.settled();
  const boxed = await alphaOf(await view.subjectFile());
  await view.tool('Leave out');
  // A stroke on the wall at the far left; colours of it lie at the far right, too.
  await view.draw([
    [64, 911],
    [64, 1010],
  ]);
  await view.settled();
  const marked = await alphaOf(await view.subjectFile());
  const places = view.dialog.getByRole('list', { name: 'Also changed' }).getByRole('listitem');
  const held = await places.count();
  expect(held).toBeGreaterThan(1);
  await expect(view.dialog.getByRole('status').filter({ hasText: `change ${held} places elsewhere` })).toBeVisible();
  await expect(view.stage.locator('ellipse:not(.light)')).toHaveCount(held);

  await page.keyboard.press('n');
  await expect(places.first().getByRole('button', { name: 'Place 1: would be left out' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  const shape = (await view.stage.locator('path.held').getAttribute('d'))!;
  // It is as it was, to its very edge but for the softness there.
  expect(meanIn(boxed, shape)).toBeGreaterThan(200);
  expect(Math.abs(meanIn(marked, shape) - meanIn(boxed, shape))).toBeLessThan(3);
  await places.first().getByRole('button', { name: 'Take it too: place 1' }).click();
  await view.settled();
  await expect(places).toHaveCount(held - 1);
  expect(meanIn(await alphaOf(await view.subjectFile()), shape)).toBeLessThan(55);

  await view.dialog.getByRole('button', { name: 'Undo mark' }).click();
  await view.settled();
  expect((await alphaOf(await view.subjectFile())).equals(marked)).toBe(true);
  await view.dialog.getByRole('button', { name: 'Keep as it was' }).click();
  await expect(places).toHaveCount(0);
  await expect(view.stage.locator('ellipse:not(.light)')).toHaveCount(0);
});
