import { expectAccessible } from './support/accessible.js';
import { Editor, largestDifference, pixelsOf } from './support/editor.js';
import { expect, test } from './support/test.js';

/** A place of bare paper on the poster in the frame, px of the sheet. */
const [X, Y] = [571, 536];

test('a poster hangs in a frame as it is: changed on its own sheet, taken out, shown again, and not removed meanwhile', async ({
  page,
}) => {
  const editor = await Editor.home(page);
  await editor.copyOf('Kiln poster on the wall', 'Poster in a frame');
  await editor.open('Poster in a frame');
  const sheet = (name: string) => editor.depth.getByRole('button', { name: new RegExp(`^\\d ${name}, page`) });
  const seen = async (): Promise<number[]> => {
    await editor.saved();
    const { data, width } = await pixelsOf((await editor.export()).bytes);
    return [...data.subarray(4 * (Y * width + X), 4 * (Y * width + X) + 3)];
  };
  const [red, green, blue] = (await seen()) as [number, number, number];
  // Nearly white, in the light of the room.
  expect(Math.min(red, green, blue)).toBeGreaterThan(195);

  await editor.select('Leaning frame');
  await expect(editor.panel).toContainText('Shows the sheet Poster as it is now.');
  await expectAccessible(page);
  await editor.panel.getByRole('button', { name: 'Go to Poster' }).click();
  await expect(sheet('Poster')).toHaveAttribute('aria-pressed', 'true');
  await editor.panel.getByLabel('Colour as hex').fill('1d5a4c');
  await editor.panel.getByLabel('Colour as hex').press('Enter');

  await sheet('Poster').focus();
  await page.keyboard.press('Shift+F10');
  await page.getByRole('menuitem', { name: 'Remove' }).click();
  await expect(page.locator('.ka-notice').last()).toContainText(
    'Poster was not removed: it is shown in Leaning frame on On the wall. Take it out there first.',
  );

  // What is shown on the wall can not show the wall.
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Arch', exact: true }).click();
  await editor.panel.getByRole('button', { name: 'Show a sheet…' }).click();
  const wall = page.getByRole('menuitem', { name: 'On the wall' });
  await expect(wall).toBeDisabled();
  await expect(wall).toContainText('shows this sheet itself');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');

  await sheet('On the wall').click();
  const [nowRed, nowGreen] = (await seen()) as [number, number];
  expect(nowRed).toBeLessThan(60);
  expect(nowGreen - nowRed).toBeGreaterThan(30);

  await editor.select('Leaning frame');
  await editor.panel.getByRole('button', { name: 'Take sheet out' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Take sheet out of Leaning frame' })).toBeVisible();
  const [bare] = (await seen()) as [number];
  expect(bare).toBeGreaterThan(150);
  await editor.panel.getByRole('button', { name: 'Show a sheet…' }).click();
  await page.getByRole('menuitem', { name: 'Poster' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Show Poster in Leaning frame' })).toBeVisible();
  expect(await seen()).toEqual([nowRed, nowGreen, expect.any(Number)]);

  // It is moved and scaled in its opening like a photo.
  await editor.panel.getByRole('button', { name: 'Mirror' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Mirror sheet in Leaning frame' })).toBeVisible();
  await editor.panel.getByRole('textbox', { name: 'Scale', exact: true }).fill('150');
  await editor.panel.getByRole('textbox', { name: 'Scale', exact: true }).press('Enter');
  await expect(page.getByRole('button', { name: 'Undo: Scale sheet in Leaning frame' })).toBeVisible();
});

test.describe('at 1:1', () => {
  // Large enough that all of the sheet is seen.
  test.use({ viewport: { width: 2160, height: 1480 } });

  test('a shown sheet is seen on the stage as it is exported, to the step', async ({ page }) => {
    const editor = await Editor.home(page);
    await editor.open('Kiln poster on the wall');
    await page.getByRole('button', { name: /zoom to 100 %$/ }).click();
    const { width, height, data } = await pixelsOf((await editor.export()).bytes);
    expect([width, height]).toEqual([1600, 1067]);
    await expect
      .poll(async () => largestDifference(await editor.canvasPixels(width, height), data), { timeout: 20_000 })
      .toBeLessThanOrEqual(1);
  });
});
