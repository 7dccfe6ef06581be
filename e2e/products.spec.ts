import { expectAccessible } from './support/accessible.js';
import { boxOf } from './support/box-of.js';
import { Editor, pixelsOf } from './support/editor.js';
import { Journey } from './support/journey.js';
import { readFile } from 'node:fs/promises';
import type { Locator } from '@playwright/test';
import sharp from 'sharp';
import { expect, test } from './support/test.js';

interface Picture {
  readonly width: number;
  readonly data: Buffer;
}

const at = ({ data, width }: Picture, x: number, y: number): readonly [number, number, number] => {
  const i = 4 * (y * width + x);
  return [data[i]!, data[i + 1]!, data[i + 2]!];
};
/** The largest difference of any channel. */
const apart = (a: readonly number[], b: readonly number[]): number => Math.max(...a.map((value, i) => Math.abs(value - b[i]!)));

test('a photo is printed on a mug: dropped onto it, 60 mm wide, exported', async ({ page }) => {
  const journey = await Journey.begin('mug-listing', page);
  const { editor } = journey;
  await journey.click(editor.preset('Shop picture'));
  await editor.ready();
  await journey.click(page.getByRole('tab', { name: 'Mockups' }));
  await journey.click(editor.supplies.getByRole('button', { name: /^Mug side, 180 × 65.5 mm/ }));
  await editor.photosShown();
  await journey.click(page.getByRole('tab', { name: 'Photos' }));
  await editor.dragSupply(/^glaze-rust/, { x: 0.44, y: 0.5 }, async () => {
    // What letting go would do stands beside the pointer; the button of that name is in the panel.
    await expect(page.locator('span:not(.mdc-button__label)', { hasText: /^Print on Mug side$/ })).toBeVisible();
  });
  await expect(page.getByRole('button', { name: 'Undo: Print glaze-rust on Mug side' })).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Artwork/ })).toHaveAttribute('aria-checked', 'true');
  const width = editor.panel.getByLabel('Width');
  await journey.fill(width, '60');
  await expect(page.getByRole('button', { name: 'Undo: glaze-rust 60 mm wide' })).toBeVisible();
  await expect(width).toHaveValue('60');
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(8);
  const seen = await pixelsOf(bytes);
  // 60 mm of a wall with a radius of 42 mm, in the middle of what its scene says: from 503 to 1249 px, at the height of its middle.
  // The glaze is far redder than the mug, in its shade too.
  const isPrinted = (x: number): boolean => {
    const rows = Array.from({ length: 60 }, (_, row) => at(seen, x, 970 + row));
    const [red, blue] = [0, 2].map((c) => rows.reduce((sum, colour) => sum + colour[c]!, 0)) as [number, number];
    return (red - blue) / red > 0.3;
  };
  expect([495, 511, 700, 1050, 1241, 1257].map(isPrinted)).toEqual([false, true, true, true, true, false]);
  await editor.saved();
  // The file for the printer is the imprint by itself, in true size.
  const arriving = page.waitForEvent('download');
  await editor.panel.getByRole('button', { name: 'PNG for the printer' }).click();
  const file = sharp(await (await arriving).path());
  expect(await file.metadata()).toMatchObject({ width: 2126, height: 774, density: 300, hasAlpha: true });
  const flat = await file.raw().toBuffer();
  // Clear in the corners, printed in the middle.
  const alphas = [0, 2125, 387 * 2126 + 1063].map((px) => flat[4 * px + 3]);
  expect(alphas).toEqual([0, 0, 255]);
  await page.reload();
  await editor.ready();
  await editor.select('Mug side,');
  await expect(editor.panel.getByLabel('Width')).toHaveValue('60');
});

test('ready artwork is printed on a bag, in ink that lets the canvas be seen or covers it', async ({ page }) => {
  const journey = await Journey.begin('tote-print', page);
  const { editor } = journey;
  await journey.click(editor.preset('Shop picture'));
  await editor.ready();
  await journey.click(page.getByRole('tab', { name: 'Mockups' }));
  await journey.click(editor.supplies.getByRole('button', { name: /^Front of the bag/ }));
  await editor.photosShown();
  await journey.click(page.getByRole('tab', { name: 'Photos' }));
  await editor.dragSupply(/^glaze-teal/, { x: 0.5, y: 0.62 });
  await expect(page.getByRole('button', { name: 'Undo: Print glaze-teal on Front of the bag' })).toBeVisible();
  await expect(editor.panel.getByRole('textbox', { name: 'Opaque' })).toHaveValue('25');
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(7);
  const clear = await pixelsOf(bytes);
  await journey.fill(editor.panel.getByRole('textbox', { name: 'Opaque' }), '100');
  await expect(page.getByRole('button', { name: 'Undo: Ink of Front of the bag' })).toBeVisible();
  await editor.saved();
  const opaque = await pixelsOf((await editor.export()).bytes);
  const lightness = (picture: Picture): number => {
    let sum = 0;
    for (let x = 800; x < 1200; x += 10) for (let y = 1100; y < 1350; y += 10) sum += Math.max(...at(picture, x, y));
    return sum;
  };
  // Opaque ink reflects more than what canvas lets through.
  expect(lightness(opaque)).toBeGreaterThan(1.08 * lightness(clear));
  // Beside the print nothing is different.
  expect(apart(at(opaque, 700, 700), at(clear, 700, 700))).toBe(0);
  await expect(editor.depth.getByRole('button', { name: /^glaze-teal, printed on Front of the bag, 1 of 1/ })).toBeVisible();
  // Its artwork is seen on the other products too.
  await editor.tab('Mockups');
  await expect(editor.supplies.getByRole('button', { name: /^Mug side/ }).locator('canvas')).toBeVisible({ timeout: 20_000 });
  // Without the folds it lies elsewhere, by a few px.
  await editor.panel.getByRole('textbox', { name: 'Follows folds' }).fill('0');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo: Folds of Front of the bag' })).toBeVisible();
  await editor.saved();
  const flat = await pixelsOf((await editor.export()).bytes);
  expect(apart(at(flat, 700, 700), at(opaque, 700, 700))).toBe(0);
  let differing = 0;
  for (let y = 900; y < 1500; y += 3)
    for (let x = 700; x < 1300; x += 3) if (apart(at(flat, x, y), at(opaque, x, y)) > 6) differing++;
  expect(differing).toBeGreaterThan(200);
});

test('artwork on a plain ground is seen when it is printed, and comes without it', async ({ page }) => {
  const disc = Buffer.from(
    '<svg width="400" height="400"><rect width="400" height="400" fill="#fff"/><circle cx="200" cy="200" r="150" fill="#264"/></svg>',
  );
  const editor = await Editor.home(page);
  await editor.begin('Shop picture');
  await editor.tab('Mockups');
  await editor.supplies.getByRole('button', { name: /^Mug side/ }).click();
  await editor.photosShown();
  await editor.tab('Photos');
  const bytes = await sharp(disc).png().toBuffer();
  const input = editor.supplies.locator('input[type=file][multiple]');
  await input.setInputFiles([{ name: 'Stamp.png', mimeType: 'image/png', buffer: bytes }]);
  await expect(editor.supplies.getByRole('button', { name: /^Stamp: / })).toBeVisible();
  await editor.dragSupply(/^Stamp: /, { x: 0.44, y: 0.5 });
  await expect(page.getByRole('button', { name: 'Undo: Print Stamp on Mug side' })).toBeVisible();
  await expect(editor.panel).toContainText('Stamp has a plain ground, which is printed with it.');
  await expect(editor.panel.getByRole('img', { name: 'Stamp without its ground' })).toBeVisible();
  await expectAccessible(page);
  await editor.panel.getByRole('button', { name: 'Clear it…' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Use cutout' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Cut out Stamp in Stamp' })).toBeVisible();
  await expect(editor.panel).not.toContainText('plain ground');
  await editor.saved();
  const arriving = page.waitForEvent('download');
  await editor.panel.getByRole('button', { name: 'PNG for the printer' }).click();
  const { data, info } = await sharp(await (await arriving).path())
    .raw()
    .toBuffer({ resolveWithObject: true });
  const alphas = new Uint8Array(info.width * info.height).map((_, i) => data[4 * i + 3]!);
  const opaque = alphas.filter((alpha) => alpha === 255).length;
  const seen = alphas.filter((alpha) => alpha > 0).length;
  // A disc: no more of its square than pi / 4 of its middle three quarters, which its own bounds say.
  let [first, last] = [info.width, -1];
  alphas.forEach((alpha, i) => {
    if (alpha > 0) [first, last] = [Math.min(first, i % info.width), Math.max(last, i % info.width)];
  });
  const across = last - first + 1;
  expect(opaque / across ** 2).toBeGreaterThan(0.76);
  expect(seen / across ** 2).toBeLessThan(0.81);
});

test('artwork is moved, turned round and taken off where it lies on the mug, by pointer and by keys', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.copyOf('Mug listing', 'Mug by hand');
  await editor.open('Mug by hand');
  await editor.photosShown();
  const undo = (name: string) => page.getByRole('button', { name: `Undo: ${name}` });
  const press = await editor.at({ x: 0.44, y: 0.48 });
  await page.mouse.click(press.x, press.y);
  await expect(editor.panel.getByRole('heading', { name: 'Mug side' })).toBeAttached();
  await expect(editor.panel).toContainText('Imprint, 180 × 65.5 mm');
  await expect(editor.panel.getByLabel('Width')).toHaveValue('50');
  await expect(page.getByText('moves Kiln mark on the product')).toBeVisible();
  await expectAccessible(page);

  await editor.dragOnSheet({ x: 0.44, y: 0.48 }, { x: 0.5, y: 0.46 });
  await expect(undo('Move Kiln mark')).toBeVisible();
  await page.keyboard.press('Control+z');
  // What is taken back is seen on the mug: it does not leave for the flat sheet.
  await expect(editor.panel).toContainText('Imprint, 180 × 65.5 mm');
  await editor.stage.focus();
  await page.keyboard.press('ArrowRight');
  await expect(undo('Move Kiln mark')).toBeVisible();

  const round = editor.panel.getByRole('textbox', { name: 'Round it' });
  await round.fill('40');
  await round.press('Enter');
  await expect(undo('Turn Mug side round the product')).toBeVisible();
  await expect(editor.panel).toContainText('Imprint, 180 × 65.5 mm');

  await editor.panel.getByLabel('Width').fill('190');
  await editor.panel.getByLabel('Width').press('Enter');
  await expect(editor.panel).toContainText(/Kiln mark reaches [\d.]+ mm beyond what can be printed, 180 × 65.5 mm/);

  await editor.panel.getByRole('button', { name: 'Open flat' }).click();
  await expect(editor.depth.getByRole('button', { name: 'Mug side 180 × 65.5 mm, imprint' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await editor.depth.getByRole('button', { name: /^1 Listing/ }).click();
  await editor.select('Mug side,');
  await editor.stage.focus();
  await page.keyboard.press('Delete');
  await expect(undo('Remove Kiln mark from Mug side')).toBeVisible();
  await expect(editor.panel).toContainText('Nothing is printed yet.');
  await page.keyboard.press('o');
  await page.keyboard.press('Delete');
  await expect(undo('Remove Mug side')).toBeVisible();
  await expect(editor.depth.getByText('Imprints')).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(editor.depth.getByText('Imprints')).toBeVisible();
});

test('a photo is printed on the lid of a box by keys alone, from the first page to the file', async ({ page }) => {
  const editor = await Editor.home(page);
  /** Goes there and presses Enter. */
  const enter = async (what: Locator): Promise<void> => {
    await what.focus();
    await expect(what).toBeFocused();
    await page.keyboard.press('Enter');
  };
  await enter(editor.preset('Shop picture'));
  await editor.ready();
  await enter(editor.supplies.getByRole('tab', { name: 'Mockups' }));
  await enter(editor.supplies.getByRole('button', { name: /^Lid of the box, 204 × 134 mm/ }));
  await editor.photosShown();
  await editor.saved();
  const bare = await pixelsOf((await editor.export()).bytes);
  await enter(editor.panel.getByRole('button', { name: 'Print on Lid of the box' }));
  await expect(page.getByRole('button', { name: 'Undo: Imprint on Lid of the box' })).toBeVisible();
  await expect(editor.panel).toContainText('Nothing is printed yet.');
  await enter(editor.supplies.getByRole('tab', { name: 'Photos' }));
  await enter(editor.supplies.getByRole('button', { name: /^glaze-teal/ }));
  await expect(page.getByRole('button', { name: 'Undo: Print glaze-teal on Lid of the box' })).toBeVisible();
  await editor.stage.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('button', { name: 'Undo: Move glaze-teal' })).toBeVisible();
  await editor.saved();
  const arriving = page.waitForEvent('download');
  await enter(page.getByRole('button', { name: /^Export PNG/ }));
  const printed = await pixelsOf(await readFile(await (await arriving).path()));
  // px of its picture, which is 1200 px, on the sheet, which is 2000.
  const on = (x: number, y: number): number => {
    const [u, v] = [Math.round((x * 2000) / 1200), Math.round((y * 2000) / 1200)];
    return apart(at(printed, u, v), at(bare, u, v));
  };
  expect(Math.min(...[600, 620, 640].map((x) => on(x, 440)))).toBeGreaterThan(20);
  // Beside the lid, on its front and on the wall nothing is different.
  expect([on(600, 620), on(300, 380), on(1000, 540), on(900, 200)]).toEqual([0, 0, 0, 0]);
});

test('a mockup is made of a photo: a wall that is round by its handles, its true size, and something printed on it', async ({
  page,
}) => {
  const journey = await Journey.begin('own-mockup', page);
  const { editor } = journey;
  await journey.click(editor.preset('Post'));
  await editor.ready();
  await journey.click(editor.supplies.getByRole('button', { name: /^mug-teal/ }));
  await editor.photosShown();
  await journey.press('f');
  await journey.click(page.getByRole('button', { name: 'Corners by hand' }));
  await journey.press('Enter');
  await journey.click(editor.panel.getByRole('button', { name: 'It is a round wall' }));
  await expect(page.getByRole('button', { name: /^Undo: Imprint on Area/ })).toBeVisible();
  await expect(page.locator('[data-bar]')).toHaveCount(6);
  const handle = await boxOf(page.locator('[data-bar="4"] .over'));
  const from = { x: handle.x + handle.width / 2, y: handle.y + handle.height / 2 };
  await journey.drag(from, { x: from.x, y: from.y + 12 });
  await expect(page.getByRole('button', { name: /^Undo: Middle of the upper arc of Area/ })).toBeVisible();
  const moved = await boxOf(page.locator('[data-bar="4"] .over'));
  expect(moved.y - handle.y).toBeCloseTo(12, 0);
  await journey.fill(editor.panel.getByLabel('Diameter of it'), '90');
  await journey.click(editor.supplies.getByRole('button', { name: /^hare-leap/ }));
  await expect(page.getByRole('button', { name: /^Undo: Print hare-leap on Area/ })).toBeVisible();
  const { actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(12);
  // By keys: the same handle, where the grip is on the imprint.
  await page.getByRole('radio', { name: /^Imprint/ }).click();
  await editor.panel.getByRole('button', { name: 'Middle of the upper arc' }).focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(page.getByRole('button', { name: /^Undo: Middle of the upper arc of Area/ })).toBeVisible();
  await expectAccessible(page);
  await editor.saved();
  // It is a mockup from now on, in every project.
  const other = await Editor.home(page);
  await other.begin('Post');
  await other.tab('Mockups');
  await expect(other.supplies.getByRole('button', { name: /^Area \d+, 141 × [\d.]+ mm/ }).first()).toBeVisible();
});
