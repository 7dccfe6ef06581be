import { Editor, pixelsOf } from './support/editor.js';
import { ownPhoto, removePhotos } from './support/own-photos.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

const RIBBON = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 300 100" width="300" height="100">
  <path d="M0 20H300L270 50L300 80H0L30 50Z" fill="#cf4a22"/><path d="M60 40H240V60H60Z" fill="#fbf8f1"/></svg>`;

test.afterEach(({ request }) => removePhotos(request, ['Grey bowl', 'Arrival 412', 'Arrival 413']));

test('the row of photos has its places before the pictures have come', async ({ page }) => {
  const held: (() => void)[] = [];
  await page.route(/\/api\/photos\/[^/]+\/thumbnail/, async (route) => {
    await new Promise<void>((resolve) => held.push(resolve));
    await route.continue();
  });
  const editor = await Editor.home(page);
  await editor.begin('Post');
  const photos = editor.supplies.locator('.photo');
  const places = () => photos.evaluateAll((all) => all.slice(0, 8).map((photo) => Math.round(photo.getBoundingClientRect().x)));
  await expect.poll(() => held.length).toBeGreaterThanOrEqual(8);
  const before = await places();
  for (const go of held.splice(0)) go();
  const come = () =>
    photos.locator('img').evaluateAll((all) => all.filter((image) => (image as HTMLImageElement).naturalWidth > 0).length);
  await expect.poll(come).toBeGreaterThanOrEqual(8);
  expect(await places()).toEqual(before);
});

test('a photo that is there already is said to be, and shown', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  const bowl = await ownPhoto('Grey bowl', 411, 400, 300);
  const file = { name: bowl.name, mimeType: bowl.type, buffer: bowl.bytes };
  const input = editor.supplies.locator('input[type=file][multiple]');
  await input.setInputFiles([file]);
  const tile = editor.supplies.getByRole('button', { name: /^Grey bowl(?!.*adding): / });
  await expect(tile).toBeVisible();
  await expect(page.locator('.ka-notice')).toHaveCount(0);
  // It lies far to the right by another order, and the row is shown elsewhere.
  await editor.supplies.getByLabel('Order of the photos').selectOption('Largest first');
  await expect(tile).not.toBeInViewport();
  await input.setInputFiles([{ ...file, name: 'copy of it.jpg' }]);
  await expect(page.locator('.ka-notice').last()).toContainText('This photo is in the supplies already: Grey bowl.');
  await expect(tile).toBeInViewport();
  await expect(tile).toHaveClass(/pointed/);
  await expect(editor.supplies.getByRole('button', { name: /^copy of it/ })).toHaveCount(0);
});

test('what is under the pointer stays there when photos arrive before it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  const third = editor.supplies.locator('.photo').nth(2);
  const name = (await third.getAttribute('aria-label'))!;
  await third.hover();
  const pointed = editor.supplies.getByRole('button', { name, exact: true });
  const before = (await boxOf(pointed)).x;
  const photos = await Promise.all([412, 413].map((seed) => ownPhoto(`Arrival ${seed}`, seed, 600, 400)));
  await editor.supplies
    .locator('input[type=file][multiple]')
    .setInputFiles(photos.map(({ name, type, bytes }) => ({ name, mimeType: type, buffer: bytes })));
  await expect(editor.supplies.locator('.photo img[src^="/api"]').nth(1)).toBeAttached();
  await expect(editor.supplies.getByRole('button', { name: /^Arrival 413: / })).toBeAttached();
  await expect.poll(async () => Math.abs((await boxOf(pointed)).x - before)).toBeLessThanOrEqual(1);
  // Once the pointer is elsewhere, what has come is seen.
  await editor.stage.hover();
  await expect(editor.supplies.getByRole('button', { name: /^Arrival 41/ }).first()).toBeInViewport();
});

test('what was used last is a group of its own, and everything else keeps its place', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  const row = editor.supplies.getByRole('group', { name: 'Shapes' });
  const names = () => row.locator(':scope > .cell').evaluateAll((all) => all.map((one) => one.textContent.trim()));
  const before = await names();
  await editor.supplies.getByRole('button', { name: 'Heart', exact: true }).click();
  await expect(editor.depth.getByRole('button', { name: /^Heart/ })).toBeVisible();
  expect(await names()).toEqual(before);
  await editor.tab('Lettering');
  await editor.tab('Shapes');
  await expect(editor.supplies.getByRole('group', { name: 'Recent' }).getByRole('button')).toHaveText(['Heart']);
  expect(await names()).toEqual(before);
  await editor.supplies.getByRole('button', { name: 'Heart, used last' }).click();
  await expect(editor.depth.getByRole('button', { name: /^Heart/ })).toHaveCount(2);
});

test('several photos fill all empty openings in the order in which they were chosen', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  for (const [shape, x] of [
    ['Circle', 0.75],
    ['Square', 0.25],
    ['Heart', 0.5],
  ] as const) {
    await editor.dragSupply(shape, { x, y: 0.5 });
  }
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: 'Choose several' }).click();
  for (const name of ['glaze-rust', 'glaze-teal', 'glaze-celadon', 'lake-dusk']) {
    await editor.supplies.getByRole('button', { name: new RegExp(`^${name}: choose`) }).click();
  }
  await expect(editor.supplies).toContainText('4 chosen');
  await editor.supplies.getByRole('button', { name: 'Fill empty openings' }).click();
  await expect(page.locator('.ka-notice').last()).toContainText('3 openings were filled. One photo found no place.');
  for (const [shape, photo] of [
    ['Square', 'glaze-rust'],
    ['Heart', 'glaze-teal'],
    ['Circle', 'glaze-celadon'],
  ] as const) {
    await editor.select(shape);
    await expect(editor.panel.locator('.head p')).toContainText(photo);
  }
  await page.keyboard.press('Control+z');
  await expect(editor.panel).not.toContainText('glaze');
});

test('own photos are renamed, tagged, found by tag, sorted, removed and brought back', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  const file = await ownPhoto('IMG 2041', 11);
  await editor.supplies
    .locator('input[type=file][multiple]')
    .setInputFiles([{ name: file.name, mimeType: file.type, buffer: file.bytes }]);
  const more = (name: string) => editor.supplies.getByRole('button', { name: `More for ${name}`, exact: true });
  await more('IMG 2041').click();
  await expect(page.getByRole('menu')).toContainText('1400 × 1000 px, sharp over the whole sheet');
  await page.getByRole('menuitem', { name: 'Rename…' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('Striped bowl');
  await page.getByRole('dialog').getByRole('button', { name: 'Rename' }).click();
  await more('Striped bowl').click();
  await page.getByRole('menuitem', { name: 'Tags…' }).click();
  await page.getByRole('dialog').getByRole('textbox').fill('autumn, stripes');
  await page.getByRole('dialog').getByRole('button', { name: 'Keep tags' }).click();
  await editor.supplies.getByRole('searchbox').fill('autumn');
  await expect(editor.supplies.locator('.photo')).toHaveCount(1);
  const own = editor.supplies.getByRole('button', { name: /^Striped bowl[,:]/ });
  await own.click();
  await editor.saved();
  await more('Striped bowl').click();
  await page.getByRole('menuitem', { name: 'Where it is used…' }).click();
  await expect(page.getByRole('dialog').getByRole('link', { name: 'Badge' }).first()).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await more('Striped bowl').click();
  await page.getByRole('menuitem', { name: 'Remove from the supplies' }).click();
  const notice = page.locator('.ka-notice').last();
  await expect(notice).toContainText('Striped bowl was removed from the supplies. What shows it goes on showing it.');
  await expect(own).toHaveCount(0);
  // The item that shows it is still there, after a reload as well.
  await expect(editor.depth.getByRole('button', { name: /^Striped bowl/ })).toBeVisible();
  await notice.getByRole('button', { name: 'Bring back' }).click();
  await expect(own).toBeVisible();
  await editor.supplies.getByRole('searchbox').fill('');
  await editor.supplies.getByLabel('Order of the photos').selectOption('By name');
  await expect(editor.supplies.locator('.photo').first()).toHaveAttribute('aria-label', /^agave-pot/);
  await editor.supplies.getByLabel('Order of the photos').selectOption('Used last');
  await expect(editor.supplies.locator('.photo').first()).toHaveAttribute('aria-label', /^Striped bowl/);
});

test('the picture library is searched by words, shown in pages, and used by click and by drag', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.supplies.getByRole('button', { name: 'Picture library' }).click();
  const pictures = editor.supplies.locator('.photo');
  await expect(editor.supplies.getByRole('status')).toHaveText('33 pictures');
  await expect(pictures).toHaveCount(12);
  await editor.supplies.getByRole('button', { name: 'More pictures' }).click();
  await expect(pictures).toHaveCount(24);
  await editor.supplies.getByRole('searchbox').fill('glaze tex');
  await expect(pictures).toHaveCount(3);
  await editor.supplies.getByRole('searchbox').fill('zebra');
  await expect(editor.supplies).toContainText('Nothing is found by these words');
  await editor.supplies.getByRole('searchbox').fill('kite');
  await editor.supplies.getByRole('button', { name: /^Kite with a long tail, from the picture library/ }).click();
  await expect(editor.panel.locator('.head p')).toContainText('Loose photo');
  await editor.tab('Shapes');
  await editor.dragSupply('Circle', { x: 0.3, y: 0.3 });
  await editor.tab('Photos');
  await editor.supplies.getByRole('searchbox').fill('loupe');
  await editor.dragSupply(/^Loupe, from the picture library/, { x: 0.3, y: 0.3 });
  await expect(editor.panel.locator('.head p')).toContainText('loupe');
});

test('a picture library that is slow or fails is said, and nothing else stops', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  let fails = true;
  let held = (): void => undefined;
  await page.route('**/api/library/pictures?*', async (route) => {
    if (fails) {
      const body = {
        code: 'library-failed',
        message: 'The picture library can not be reached. Try again in a while.',
        detail: {},
      };
      await route.fulfill({ status: 502, json: body });
      return;
    }
    await new Promise<void>((resolve) => (held = resolve));
    await route.continue().catch(() => undefined);
  });
  await editor.supplies.getByRole('button', { name: 'Picture library' }).click();
  await expect(editor.supplies.getByRole('alert')).toContainText('The picture library can not be reached.');
  fails = false;
  await editor.supplies.getByRole('button', { name: 'Try again' }).click();
  await expect(editor.supplies.getByRole('status')).toHaveText('It takes long to answer…');
  await editor.supplies.getByRole('button', { name: 'Stop' }).click();
  await expect(editor.supplies.getByRole('alert')).toContainText('The search was stopped.');
  held();
  await editor.supplies.getByRole('button', { name: 'My photos' }).click();
  await expect(editor.supplies.getByRole('button', { name: /^mug-teal: / })).toBeVisible();
});

test('artwork is found, laid, recoloured by a swatch, and stays a drawing', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Artwork');
  await editor.supplies.getByRole('radio', { name: 'Rings' }).click();
  await editor.supplies.getByRole('searchbox').fill('seal');
  await editor.supplies.getByRole('button', { name: 'Seal ring' }).click();
  await editor.panel.getByRole('group', { name: 'Colour 1' }).getByRole('button', { name: 'Swatch #1d5a4c' }).click();
  await expect(editor.panel.getByLabel('Colour 1 as hex')).toHaveValue('#1d5a4c');
  await editor.saved();
  const { bytes } = await editor.export();
  expect(bytes.length).toBeGreaterThan(1000);
  // What was used last stands first when the tab is opened again.
  await editor.tab('Shapes');
  await editor.tab('Artwork');
  await expect(editor.supplies.locator('.piece').first()).toContainText('Seal ring');
});

test('an own drawing becomes artwork in its colours', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Artwork');
  await editor.supplies
    .locator('input[type=file]')
    .setInputFiles([{ name: 'My ribbon.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(RIBBON) }]);
  const own = editor.supplies.getByRole('button', { name: 'My ribbon', exact: true });
  await own.click();
  await expect(editor.depth.getByRole('button', { name: /^My ribbon/ })).toBeVisible();
  await expect(editor.panel.locator('.head p')).toContainText('Artwork');
  // Let go over the sheet, a drawing asks what it is to be.
  await editor.dropFiles(
    [{ name: 'Second.svg', type: 'image/svg+xml', bytes: Buffer.from(RIBBON.replace('#cf4a22', '#1d5a4c')) }],
    {
      x: 0.5,
      y: 0.3,
    },
  );
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('As artwork it keeps its 2 colours, which can be changed, and is sharp at any size.');
  await dialog.getByRole('button', { name: 'Keep its colours, as artwork' }).click();
  await expect(editor.depth.getByRole('button', { name: /^Second/ })).toBeVisible();
  await expect(editor.panel.getByLabel('Colour 1 as hex')).toHaveValue('#1d5a4c');
  await editor.saved();
  // What there is no place for makes it a picture, and that is said before.
  await editor.dropFiles(
    [
      {
        name: 'Third.svg',
        type: 'image/svg+xml',
        bytes: Buffer.from(RIBBON.replace('</svg>', '<text y="20">Kiln</text></svg>')),
      },
    ],
    { x: 0.5, y: 0.7 },
  );
  await expect(dialog).toContainText('As artwork it becomes a picture of 4096 px, since it holds text.');
  await dialog.getByRole('button', { name: 'Keep its colours, as artwork' }).click();
  await expect(editor.panel.locator('.head p')).toContainText('Third');
  await expect(editor.supplies.getByRole('button', { name: 'Third', exact: true })).toBeVisible();
  await expect(editor.supplies.getByRole('button', { name: 'Second', exact: true })).toHaveCount(0);
});

test('photos are swapped by their target, and by the menu', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Circle', { x: 0.25, y: 0.3 });
  await editor.dragSupply('Square', { x: 0.75, y: 0.7 });
  await editor.tab('Photos');
  await editor.dragSupply(/^glaze-teal/, { x: 0.25, y: 0.3 });
  await editor.dragSupply(/^glaze-rust/, { x: 0.75, y: 0.7 });
  await page.keyboard.press('p');
  await editor.dragOnSheet({ x: 0.75, y: 0.7 }, { x: 0.25, y: 0.3 }, () => editor.moveOntoTarget('Swap photos'));
  await expect(editor.panel.locator('.head p')).toContainText('glaze-rust');
  await editor.select('Square');
  await expect(editor.panel.locator('.head p')).toContainText('glaze-teal');
  await editor.panel.getByRole('button', { name: 'Swap with…' }).click();
  await page.getByRole('menuitem', { name: 'Circle' }).click();
  await expect(page.getByRole('menu')).toHaveCount(0);
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Circle');
  await expect(editor.panel.locator('.head p')).toContainText('glaze-teal');
  // Taken out by a drag onto the bare sheet, loose and whole.
  await editor.dragOnSheet({ x: 0.25, y: 0.3 }, { x: 0.2, y: 0.9 }, () => editor.moveOntoTarget('Lay loose'));
  await expect(editor.panel.locator('.head p')).toContainText('Loose photo');
  await editor.select('Circle');
  await expect(editor.panel).toContainText('Click a photo below to fill it');
});

test('of a drawing with many colours one is chosen at a time', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  const stripes = ['#cf4a22', '#1d5a4c', '#e8b33f', '#20272a', '#7b94ac']
    .map((colour, index) => `<rect x="${index * 20}" width="20" height="60" fill="${colour}"/>`)
    .join('');
  await editor.dropFiles(
    [{ name: 'Stripes.svg', type: 'image/svg+xml', bytes: Buffer.from(`<svg viewBox="0 0 100 60">${stripes}</svg>`) }],
    { x: 0.5, y: 0.5 },
  );
  await page.getByRole('dialog').getByRole('button', { name: 'Keep its colours, as artwork' }).click();
  const colours = editor.panel.getByRole('group', { name: 'Colours of the drawing' });
  await expect(colours.getByRole('button')).toHaveCount(5);
  await colours.getByRole('button', { name: 'Colour 3, #e8b33f' }).click();
  await editor.panel.getByRole('group', { name: 'Colour 3' }).getByRole('button', { name: 'Swatch #1d5a4c' }).click();
  await expect(colours.getByRole('button', { name: 'Colour 3, #1d5a4c' })).toHaveAttribute('aria-pressed', 'true');
  await editor.saved();
  const { bytes } = await editor.export();
  const { width, height, data } = await pixelsOf(bytes);
  const middle = 4 * (Math.floor(height / 2) * width + Math.floor(width / 2));
  expect([...data.subarray(middle, middle + 3)]).toEqual([0x1d, 0x5a, 0x4c]);
});
