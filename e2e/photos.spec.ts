import sharp from 'sharp';
import { Editor } from './support/editor.js';
import { ownPhoto } from './support/own-photos.js';
import { expect, test } from './support/test.js';

test('a sample photo is replaced and everything else stays', async ({ page }) => {
  const editor = await Editor.home(page);
  await page.getByRole('button', { name: 'More for Open kiln day' }).first().click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await editor.open('Open kiln day, copy');
  await editor.select('Heron');
  const box = await editor.panel.locator('.head p').textContent();
  await editor.supplies.getByRole('button', { name: /^hare-leap: replace the photo in Heron/ }).click();
  await expect(editor.panel.locator('.head p')).toHaveText(box!.replace('heron-shore', 'hare-leap'));
  await expect(editor.depth.locator('.scroll .slab')).toHaveCount(5);
  await page.keyboard.press('Control+z');
  await expect(editor.panel.locator('.head p')).toHaveText(box!);
  await page.keyboard.press('Control+Shift+z');
  await editor.saved();
  await page.reload();
  await editor.ready();
  await editor.select('Heron');
  await expect(editor.panel.locator('.head p')).toContainText('hare-leap');
});

test('three bad uploads are explained and leave nothing behind, the good one arrives', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  const good = await ownPhoto('Good one', 2);
  const whole = await ownPhoto('cut off', 3);
  const huge = await sharp({ create: { width: 12_000, height: 11_000, channels: 3, background: '#888888' } })
    .png()
    .toBuffer();
  const input = editor.supplies.locator('input[type=file][multiple]');
  await input.setInputFiles([
    { name: 'letter.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('Dear kiln, …') },
    { name: 'cut off.jpg', mimeType: 'image/jpeg', buffer: whole.bytes.subarray(0, whole.bytes.length / 2) },
    { name: 'huge.png', mimeType: 'image/png', buffer: huge },
    { name: good.name, mimeType: good.type, buffer: good.bytes },
  ]);
  const notice = page.locator('.ka-notice');
  await expect(notice).toContainText('letter.jpg: This is not a JPEG, PNG, WebP or SVG picture', { timeout: 40_000 });
  await expect(notice).toContainText('cut off.jpg: The picture is damaged or cut off');
  await expect(notice).toContainText('huge.png: The picture has 12000 × 11000 pixels');
  await expect(editor.supplies.getByRole('button', { name: /^Good one: / })).toBeVisible();
  for (const name of ['letter', 'cut off', 'huge']) {
    await expect(editor.supplies.getByRole('button', { name: new RegExp(`^${name}: `) })).toHaveCount(0);
  }
  await page.reload();
  await editor.ready();
  await expect(editor.supplies.getByRole('button', { name: /^Good one: / })).toBeVisible();
  await expect(editor.supplies.getByRole('button', { name: /^letter: / })).toHaveCount(0);
});

test('a photo that can not be stored after all leaves every sheet, and the project goes on', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  let release = (): void => undefined;
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/api/photos', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    await held;
    const error = { code: 'damaged', message: 'The picture is damaged or cut off, so it can not be read.' };
    await route.fulfill({ json: { files: [{ fileName: 'Doomed.jpg', error }] } });
  });
  await editor.dropFiles([await ownPhoto('Doomed', 41)], { x: 0.5, y: 0.5 });
  await expect(editor.depth.getByRole('button', { name: /^Doomed/ })).toBeVisible();
  await editor.depth.getByRole('button', { name: /^1 Sheet 1, page/ }).focus();
  await page.keyboard.press('Shift+F10');
  await page.getByRole('menuitem', { name: 'Copy' }).click();
  await expect(editor.depth.getByRole('button', { name: /^2 .*, page 2 of 2/ })).toBeVisible();
  release();
  await expect(page.locator('.ka-notice').last()).toContainText('Doomed.jpg: The picture is damaged');
  await editor.saved();
  await page.reload();
  await editor.ready();
  await expect(editor.depth.getByRole('button', { name: /page 2 of 2/ })).toBeVisible();
});

test('a photo that was taken away for good comes back with the step that needs it, or that step says why not', async ({
  page,
  request,
}) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.dropFiles([await ownPhoto('Swept', 43)], { x: 0.5, y: 0.5 });
  const slab = editor.depth.getByRole('button', { name: /^Swept/ });
  await expect(slab).toBeVisible();
  await editor.saved();
  const server = process.env['KADROSYN_ADDRESS']!;
  const { photos } = (await (await request.get(`${server}/api/photos`)).json()) as { photos: { id: string; name: string }[] };
  const { id } = photos.find(({ name }) => name === 'Swept')!;
  const takeAwayForGood = async (): Promise<void> => {
    await page.keyboard.press('Control+z');
    await expect(slab).toHaveCount(0);
    await editor.saved();
    for (const address of [`/api/photos/${id}`, `/api/bin/photos/${id}`])
      expect((await request.delete(`${server}${address}`)).status()).toBe(204);
  };
  await takeAwayForGood();
  await page.keyboard.press('Control+Shift+z');
  await expect(slab).toBeVisible();
  await editor.saved();
  expect((await request.get(`${server}/api/photos/${id}/master`)).status()).toBe(200);
  await takeAwayForGood();
  // A window that has neither read the file nor kept what was fetched.
  await page.route(new RegExp(`/api/photos/${id}/(master|screen)$`), (route) => route.fulfill({ status: 404, json: {} }));
  await page.reload();
  await editor.ready();
  await page.keyboard.press('Control+Shift+z');
  await expect(page.locator('.ka-notice').last()).toContainText(
    'Take out Swept, which could not be stored. It was taken away for good',
  );
  await editor.saved();
  await page.reload();
  await editor.ready();
  await expect(slab).toBeVisible();
});

test('a picture with a clear ground is artwork from the first moment on', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await page.route('**/api/photos', (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()));
  const disc =
    '<svg xmlns="http://www.w3.org/2000/svg" width="300" height="300"><circle cx="150" cy="150" r="120" fill="#cf4a22"/></svg>';
  const bytes = await sharp(Buffer.from(disc)).png().toBuffer();
  await editor.dropFiles([{ name: 'Disc of clay.png', type: 'image/png', bytes }], { x: 0.5, y: 0.5 });
  await editor.select('Disc of clay');
  await expect(editor.panel.locator('.head p')).toContainText('Artwork');
});

test('while a photo is dragged, the words say what will happen, and Escape ends it with nothing changed', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Circle', { x: 0.3, y: 0.3 });
  await editor.tab('Photos');
  const word = page.locator('.ghost span');
  await editor.dragSupply(/^glaze-teal/, { x: 0.3, y: 0.3 }, () => expect(word).toHaveText('Fill Circle'));
  await expect(editor.panel).toContainText('glaze-teal');
  await editor.dragSupply(/^glaze-rust/, { x: 0.3, y: 0.3 }, () => expect(word).toHaveText('Replace Circle'));
  await expect(editor.panel).toContainText('glaze-rust');
  await editor.dragSupply(/^lake-dusk/, { x: 0.75, y: 0.75 }, () => expect(word).toHaveText('Lay on top'));
  await expect(editor.depth.locator('.scroll .slab')).toHaveCount(3);

  // A loose picture never swallows a photo, except on its own target.
  await editor.dragSupply(/^vases-trio/, { x: 0.62, y: 0.68 }, () => expect(word).toHaveText('Lay on top'));
  await expect(editor.depth.locator('.scroll .slab')).toHaveCount(4);
  await page.keyboard.press('Control+z');
  await editor.dragSupply(/^vases-trio/, { x: 0.75, y: 0.75 }, async () => {
    await expect(word).toHaveText('Lay on top');
    await editor.moveOntoTarget('Replace');
    await expect(word).toHaveText('Replace');
  });
  await expect(editor.depth.locator('.scroll .slab')).toHaveCount(3);
  await expect(editor.panel).toContainText('vases-trio');

  await editor.dragSupply(/^agave-pot/, { x: 0.3, y: 0.3 }, async () => {
    await expect(word).toHaveText('Replace Circle');
    await page.keyboard.press('Escape');
  });
  await editor.select('Circle');
  await expect(editor.panel).toContainText('glaze-rust');
});

test('a picture moved across an opening lies on top; only its target puts it inside', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Square', { x: 0.3, y: 0.3 });
  await editor.tab('Photos');
  await editor.dragSupply(/^mug-teal/, { x: 0.7, y: 0.75 });
  await page.keyboard.press('b');
  const chip = page.locator('ka-sheet-stage .chip');
  await editor.dragOnSheet({ x: 0.7, y: 0.75 }, { x: 0.42, y: 0.45 }, () => expect(chip).toHaveText('Put inside'));
  await expect(editor.depth.locator('.scroll .slab')).toHaveCount(3);
  await page.keyboard.press('Control+z');
  await editor.dragOnSheet({ x: 0.7, y: 0.75 }, { x: 0.3, y: 0.3 }, () => editor.moveOntoTarget('Put inside'));
  await expect(editor.depth.locator('.scroll .slab')).toHaveCount(2);
  await expect(editor.panel).toContainText('mug-teal');
});

test('Delete follows the grip and says so', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Arch', { x: 0.5, y: 0.5 });
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^heron-shore: fill Arch/ }).click();
  await page.keyboard.press('p');
  await page.keyboard.press('Delete');
  await expect(page.locator('.ka-notice')).toContainText('The photo was taken out; Arch stays.');
  await expect(editor.depth.locator('.scroll .slab')).toHaveCount(2);
  await page.keyboard.press('o');
  await page.keyboard.press('Delete');
  await expect(page.locator('.ka-notice').last()).toContainText('Arch was removed.');
  await expect(editor.depth.locator('.scroll .slab')).toHaveCount(1);
  await page.locator('.ka-notice').last().getByRole('button', { name: 'Undo' }).click();
  await page.keyboard.press('Control+z');
  await editor.select('Arch');
  await expect(editor.panel).toContainText('heron-shore');
});

test('a photo from the desktop shows at once while its upload is still going on', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  let [tries, release] = [0, (): void => undefined];
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/api/photos', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    if (++tries === 1) return route.abort();
    await held;
    await route.continue();
  });
  await editor.dropFiles([await ownPhoto('Slow jug', 4)], { x: 0.5, y: 0.5 });
  await expect(editor.supplies.getByText('trying again')).toBeVisible();
  // Sooner than after its pause, when the browser says that it is connected.
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect.poll(() => tries).toBe(2);
  await expect(editor.depth.getByRole('button', { name: /^Slow jug/ })).toBeVisible();
  await expect(page.locator('ka-editor-header .saved')).toHaveText('Saves when the photo has arrived');
  release();
  await editor.saved();
});

test('two fingers scale and turn the photo', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Square', { x: 0.5, y: 0.5 });
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^bowls-top/ }).click();
  await page.keyboard.press('p');
  const { x, y } = await editor.at({ x: 0.5, y: 0.5 });
  const client = await page.context().newCDPSession(page);
  const touch = (type: string, points: readonly (readonly [number, number])[]) =>
    client.send('Input.dispatchTouchEvent', {
      type: type as 'touchStart',
      touchPoints: points.map(([px, py], id) => ({ x: px, y: py, id })),
    });
  await touch('touchStart', [[x - 40, y]]);
  await touch('touchStart', [
    [x - 40, y],
    [x + 40, y],
  ]);
  for (let step = 1; step <= 6; step++) {
    const [reach, rise] = [40 + step * 8, step * 6];
    await touch('touchMove', [
      [x - reach, y - rise],
      [x + reach, y + rise],
    ]);
  }
  await touch('touchEnd', []);
  await expect(page.getByRole('button', { name: 'Undo: Scale photo in Square' })).toBeVisible();
  const turn = async (): Promise<number> => Number(await editor.panel.getByLabel('Turn').inputValue());
  await expect.poll(turn).toBeGreaterThan(15);
  await expect.poll(turn).toBeLessThan(30);
});
