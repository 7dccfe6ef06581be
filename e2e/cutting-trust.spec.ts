import sharp from 'sharp';
import { openedOn } from './support/cutout-view.js';
import { expect, test } from './support/test.js';

const AGAVE = { width: 1200, height: 1600 };

async function alphaOf(picture: Buffer): Promise<Buffer> {
  return sharp(picture).extractChannel(3).raw().toBuffer();
}

/** The columns, px of the photo, between which two mattes differ; null where they are equal to the bit. */
function differing(a: Buffer, b: Buffer): readonly [number, number] | null {
  let [left, right] = [Infinity, -Infinity];
  for (let i = 0; i < a.length; i++) {
    if (a[i] === b[i]) continue;
    [left, right] = [Math.min(left, i % AGAVE.width), Math.max(right, i % AGAVE.width)];
  }
  return right < 0 ? null : [left, right];
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
  const [, right] = differing(boxed, marked)!;
  expect(right).toBeLessThan(500);
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
  await places.first().getByRole('button', { name: 'Take it too: place 1' }).click();
  await view.settled();
  await expect(places).toHaveCount(held - 1);
  const taken = await alphaOf(await view.subjectFile());
  expect(differing(marked, taken)![0]).toBeGreaterThan(500);

  await view.dialog.getByRole('button', { name: 'Undo mark' }).click();
  await view.settled();
  expect(differing(marked, await alphaOf(await view.subjectFile()))).toBeNull();
  await view.dialog.getByRole('button', { name: 'Keep as it was' }).click();
  await expect(places).toHaveCount(0);
  await expect(view.stage.locator('ellipse:not(.light)')).toHaveCount(0);
});
