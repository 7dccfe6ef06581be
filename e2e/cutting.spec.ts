import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { actionsOf, countActions, sumOf } from './support/action-count.js';
import { CutoutView, openedOn, type OnPhoto } from './support/cutout-view.js';
import { Editor } from './support/editor.js';
import { removePhotos } from './support/own-photos.js';
import { tabTo } from './support/tab-to.js';
import { expect, test } from './support/test.js';

const PICTURES = fileURLToPath(new URL('../demo/pictures/', import.meta.url));
const HARE = { width: 1600, height: 1200 };
const HERON = { width: 1200, height: 1600 };
/** Corners of a box around the hare, and of one that also holds a part of the bowl. */
const HARE_BOX: readonly OnPhoto[] = [
  [320, 10],
  [1250, 730],
];

test.afterEach(({ request }) => removePhotos(request, ['seal']));

/** What a picture's alpha and the true one have in common, as a share of what either holds. */
async function overlap(picture: Buffer, name: string): Promise<number> {
  const truth = await sharp(await readFile(`${PICTURES}alpha/${name}.alpha.png`))
    .extractChannel(0)
    .raw()
    .toBuffer();
  const found = await sharp(picture).extractChannel(3).raw().toBuffer();
  expect(found.length).toBe(truth.length);
  let [both, either] = [0, 0];
  for (let i = 0; i < truth.length; i++) {
    const [a, b] = [truth[i]! >= 128, found[i]! >= 128];
    if (a && b) both++;
    if (a || b) either++;
  }
  return both / either;
}

test('cutout-heron: a box and three strokes among reeds, in six actions from the opened view', async ({ page }) => {
  await countActions(page);
  const { editor, view } = await openedOn(page, 'Heron cut out', 'heron-shore', HERON);
  const counted = async (): Promise<number> => sumOf(await actionsOf(page));
  const opened = await counted();
  const actions: (() => Promise<void>)[] = [
    () =>
      view.draw([
        [310, 370],
        [880, 1280],
      ]),
    () => page.keyboard.press('2'),
    () =>
      view.draw([
        [335, 425],
        [420, 405],
        [470, 400],
        [505, 445],
        [475, 600],
        [505, 690],
        [640, 820],
        [830, 905],
        [640, 870],
        [632, 960],
        [622, 1200],
      ]),
    () =>
      view.draw(
        [
          [560, 1230],
          [575, 1000],
          [555, 930],
          [480, 860],
          [425, 760],
          [400, 640],
          [430, 520],
          [430, 470],
          [330, 470],
        ],
        'right',
      ),
    () =>
      view.draw(
        [
          [690, 1230],
          [680, 1000],
          [720, 950],
          [880, 960],
          [880, 880],
          [780, 790],
          [620, 700],
          [560, 640],
          [550, 560],
          [580, 480],
          [640, 440],
          [700, 430],
        ],
        'right',
      ),
  ];
  for (const act of actions) {
    await act();
    await view.settled();
  }
  const marked = await counted();
  const found = await overlap(await view.subjectFile(), 'heron-shore');
  expect(found).toBeGreaterThan(0.69);
  const looked = await counted();
  await view.use();
  const taken = marked - opened + (await counted()) - looked;
  process.stdout.write(`cutout-heron: ${taken} actions, overlap ${found.toFixed(3)}\n`);
  expect(taken).toBeLessThanOrEqual(6);
  await expect(editor.panel.getByRole('button', { name: 'Subject only' })).toHaveAttribute('aria-pressed', 'true');
});

test('a subject is refined by strokes, shown alone, outlined along its silhouette, and exported', async ({ page }) => {
  const { editor, view } = await openedOn(page, 'Hare cut out', 'hare-leap', HARE);
  await view.draw(HARE_BOX);
  await view.settled();
  expect(await overlap(await view.subjectFile(), 'hare-leap')).toBeGreaterThan(0.95);
  // The tail is left out by a stroke, and taken in again.
  await view.tool('Leave out');
  await view.draw([
    [430, 380],
    [460, 410],
  ]);
  await view.settled();
  const without = await sharp(await view.subjectFile())
    .extractChannel(3)
    .raw()
    .toBuffer();
  expect(without[395 * 1600 + 445]).toBe(0);
  await page.keyboard.press('Control+z');
  await view.settled();
  await view.tool('Keep');
  await view.draw([
    [430, 380],
    [460, 410],
  ]);
  await view.settled();
  const kept = await view.subjectFile();
  expect(await overlap(kept, 'hare-leap')).toBeGreaterThan(0.95);
  await view.use();
  await expect(editor.panel.getByRole('button', { name: 'Subject only' })).toHaveAttribute('aria-pressed', 'true');
  await editor.saved();
  const { bytes } = await editor.export();
  const { data, info } = await sharp(bytes).removeAlpha().raw().toBuffer({ resolveWithObject: true });
  const colourAt = (x: number, y: number): number[] => [...data.subarray(3 * (y * info.width + x), 3 * (y * info.width + x) + 3)];
  // Where the bowl was, the sheet shows: its colour.
  expect(colourAt(540, 1000)).toEqual([0xe9, 0xdc, 0xc3]);
  await page.keyboard.press('Control+z');
  await expect(editor.panel.getByRole('button', { name: 'Cut out the subject…' })).toBeVisible();
});

test('a mask is painted by hand, in any place and with a soft brush', async ({ page }) => {
  const { view } = await openedOn(page, 'Painted by hand', 'hare-leap', HARE);
  await view.tool('Brush');
  await view.dialog.getByRole('slider', { name: /^Size/ }).fill('120');
  await view.dialog.getByRole('slider', { name: 'Softness' }).fill('0');
  await view.draw([
    [300, 900],
    [700, 900],
  ]);
  await view.settled();
  await view.dialog.getByRole('button', { name: 'Erase' }).click();
  await view.draw([
    [500, 850],
    [500, 950],
  ]);
  await view.settled();
  const alpha = await sharp(await view.subjectFile())
    .extractChannel(3)
    .raw()
    .toBuffer();
  const at = (x: number, y: number): number => alpha[y * 1600 + x]!;
  expect([at(350, 900), at(650, 900)]).toEqual([255, 255]);
  expect([at(500, 900), at(350, 1000), at(350, 500)]).toEqual([0, 0, 0]);
});

test('a cutout is taken up again and changed; the older revision stays as it is', async ({ page, request }) => {
  const { editor, view } = await openedOn(page, 'Taken up again', 'hare-leap', HARE);
  await view.dialog.getByRole('textbox', { name: 'Name of this cutout' }).fill('The leaping hare');
  await view.draw(HARE_BOX);
  await view.settled();
  await view.use();
  await editor.saved();
  await page.reload();
  await editor.ready();
  await editor.select('Heron');
  await editor.panel.getByRole('button', { name: 'Change the cutout…' }).click();
  await view.ready();
  await expect(view.dialog.getByRole('textbox', { name: 'Name of this cutout' })).toHaveValue('The leaping hare');
  await expect(view.dialog.locator('.marks')).toHaveText('box');
  await view.settled();
  expect(await overlap(await view.subjectFile(), 'hare-leap')).toBeGreaterThan(0.95);
  await view.tool('Leave out');
  await view.draw([
    [430, 380],
    [460, 410],
  ]);
  await view.settled();
  await view.use();
  const address = process.env['KADROSYN_ADDRESS']!;
  const { photos } = (await (await request.get(`${address}/api/photos`)).json()) as { photos: { id: string; name: string }[] };
  const hare = photos.find(({ name }) => name === 'hare-leap')!;
  const { cutouts } = (await (await request.get(`${address}/api/photos/${hare.id}/cutouts`)).json()) as {
    cutouts: { name: string; revisions: { matteSha256: string; marks: unknown[] }[] }[];
  };
  const { revisions } = cutouts.find(({ name }) => name === 'The leaping hare')!;
  expect(revisions.map(({ marks }) => marks.length)).toEqual([1, 2]);
  expect(new Set(revisions.map(({ matteSha256 }) => matteSha256)).size).toBe(2);
});

test('a suggestion is made where something stands out, and honestly declined in clutter', async ({ page }) => {
  const { view } = await openedOn(page, 'Suggested', 'mug-blank', { width: 2000, height: 2000 });
  await page.keyboard.press('s');
  await view.settled();
  expect(await overlap(await view.subjectFile(), 'mug-blank')).toBeGreaterThan(0.95);
  await page.keyboard.press('Escape');
  await expect(view.dialog).toBeHidden();
  const cluttered = await openedOn(page, 'Cluttered', 'bowls-top', { width: 1600, height: 1200 });
  await page.keyboard.press('s');
  await expect(cluttered.view.dialog.getByRole('status').getByText('No subject stands out clearly here')).toBeVisible({
    timeout: 60_000,
  });
  await expect(cluttered.view.dialog.getByRole('button', { name: 'Use cutout' })).toBeDisabled();
});

test('artwork on a flat background is offered to be cleared, and no pale rim stays', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Poster');
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="600" height="600"><rect width="600" height="600" fill="#fff"/>
    <circle cx="300" cy="300" r="180" fill="none" stroke="#7a1f1f" stroke-width="90"/></svg>`;
  const bytes = await sharp(Buffer.from(svg)).png().toBuffer();
  await editor.dropFiles([{ name: 'seal.png', type: 'image/png', bytes }], { x: 0.5, y: 0.5 });
  await expect(editor.panel.getByText('This picture lies on one flat colour.')).toBeVisible();
  const view = new CutoutView(page, { width: 600, height: 600 });
  await editor.panel.getByRole('button', { name: 'Clear its background…' }).click();
  await view.ready();
  await expect(view.dialog.locator('.marks')).toHaveText('flat background cleared');
  await view.settled();
  const { data } = await sharp(await view.subjectFile())
    .raw()
    .toBuffer({ resolveWithObject: true });
  const at = (x: number, y: number): number[] => [...data.subarray(4 * (y * 600 + x), 4 * (y * 600 + x) + 4)];
  expect(at(10, 10)[3]).toBe(0);
  expect(at(300, 300)[3]).toBe(255);
  // Soft px are ink, not paper.
  let palest = 0;
  for (let i = 0; i < data.length; i += 4) if (data[i + 3]! > 30 && data[i + 3]! < 225) palest = Math.max(palest, data[i + 1]!);
  expect(palest).toBeLessThan(120);
  await view.dialog.getByRole('checkbox', { name: 'Also inside the subject' }).check();
  await view.settled();
  const inside = await sharp(await view.subjectFile())
    .extractChannel(3)
    .raw()
    .toBuffer();
  expect(inside[300 * 600 + 300]).toBe(0);
  await view.use();
  await expect(editor.panel.getByRole('button', { name: 'Subject only' })).toHaveAttribute('aria-pressed', 'true');
});

test('a cutout is made by keys alone, and left without a trace by Escape', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.copyOf('Open kiln day', 'Cut by keys');
  await editor.open('Cut by keys');
  await editor.select('Heron');
  const opener = editor.panel.getByRole('button', { name: 'Cut out the subject…' });
  await opener.focus();
  await page.keyboard.press('Enter');
  const view = new CutoutView(page, HERON);
  await view.ready();
  await tabTo(page, /^Photo\./);
  await page.keyboard.press('2');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  for (let n = 0; n < 4; n++) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(view.dialog.locator('.marks')).toHaveText('1 keep');
  await view.settled();
  await page.keyboard.press('Control+z');
  await expect(view.dialog.locator('.marks')).toHaveText('');
  await page.keyboard.press('Control+y');
  await expect(view.dialog.locator('.marks')).toHaveText('1 keep');
  // The first Escape puts the cross away, the second one leaves.
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(view.dialog).toBeHidden();
  await expect(opener).toBeFocused();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});

test('marks that were not used are there again when the view is opened once more', async ({ page }) => {
  const { editor, view } = await openedOn(page, 'Left and come back', 'hare-leap', HARE);
  await view.draw(HARE_BOX);
  await view.settled();
  await view.dialog.getByRole('button', { name: 'Cancel' }).click();
  await expect(view.dialog).toBeHidden();
  await editor.panel.getByRole('button', { name: 'Cut out the subject…' }).click();
  await view.ready();
  await expect(view.dialog.locator('.marks')).toHaveText('box');
  await expect(view.dialog.getByText('Your marks from before are here again')).toBeVisible();
  await view.dialog.getByRole('button', { name: 'Undo mark' }).click();
  await expect(view.dialog.locator('.marks')).toHaveText('');
});
