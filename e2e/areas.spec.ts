import { expectAccessible } from './support/accessible.js';
import { boxOf } from './support/box-of.js';
import { Editor, pixelsOf } from './support/editor.js';
import { Journey } from './support/journey.js';
import { onPost } from './support/on-post.js';
import { expect, test, type Page } from './support/test.js';

/** The blank sheet in the frame of the sample frame-wall, as its scene says, px of the photo. */
const FRAMED = { left: 437, top: 276, right: 903, bottom: 602 };
const MIDDLE = onPost([670, 440]);
/** Frames that are mockups have names; other journeys may have found more areas in the same photo before. */
const AREA = /^(Area \d|Frame on the wall|Leaning frame)/;

/** Of px inside and outside of the framed sheet, how many two exports differ in. */
function differing(before: Buffer, after: Buffer): { inside: number; outside: number } {
  const changed = { inside: 0, outside: 0 };
  const counted = { inside: 0, outside: 0 };
  const scale = 648 / 1600;
  for (let y = 0; y < 1080; y++) {
    for (let x = 0; x < 1080; x++) {
      const [px, py] = [(x + 0.5 - 216) / scale, (y + 0.5 - 324) / scale];
      const within = (by: number): boolean =>
        px > FRAMED.left + by && px < FRAMED.right - by && py > FRAMED.top + by && py < FRAMED.bottom - by;
      // Around the edge it is neither.
      const where = within(8) ? 'inside' : within(-8) ? null : 'outside';
      if (!where) continue;
      const at = 4 * (y * 1080 + x);
      counted[where]++;
      if ([0, 1, 2].some((c) => Math.abs(before[at + c]! - after[at + c]!) > 6)) changed[where]++;
    }
  }
  return { inside: changed.inside / counted.inside, outside: changed.outside / counted.outside };
}

async function withFrame(page: Page, photo: string): Promise<Editor> {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.supplies.getByRole('button', { name: new RegExp(`^${photo}`) }).click();
  await expect(editor.depth.getByRole('button', { name: new RegExp(`^${photo}`) })).toBeVisible();
  await editor.photosShown();
  return editor;
}

test('a picture in a photographed frame: held over it, let go, exported', async ({ page }) => {
  const journey = await Journey.begin('framed-print', page);
  const { editor } = journey;
  await editor.begin('Post');
  await journey.click(editor.supplies.getByRole('button', { name: /^frame-wall/ }));
  await editor.photosShown();
  await editor.dragSupply(/^lake-dusk/, MIDDLE, async () => {
    await expect(page.getByText('Into the frame')).toBeVisible();
  });
  await expect(page.getByRole('button', { name: /^Undo: lake-dusk into (Area|Frame on the wall)/ })).toBeVisible();
  await expect(editor.panel.getByRole('heading', { name: AREA })).toBeVisible();
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(5);
  await page.getByRole('button', { name: /^Undo: lake-dusk into (Area|Frame on the wall)/ }).click();
  await editor.saved();
  const before = await pixelsOf((await editor.export()).bytes);
  const { inside, outside } = differing(before.data, (await pixelsOf(bytes)).data);
  expect(inside).toBeGreaterThan(0.98);
  expect(outside).toBe(0);
});

test('an area is pointed at, taken, and filled by a click; it is listed with the photo in every project', async ({ page }) => {
  const editor = await withFrame(page, 'window-room');
  await page.keyboard.press('f');
  const { x, y } = await editor.at(onPost([300, 480]));
  await page.mouse.move(x, y);
  await expect(page.locator('[data-area-form]')).toBeVisible();
  await expectAccessible(page);
  await page.mouse.click(x, y);
  await expect(page.locator('ka-area-finder')).toBeHidden();
  await expect(editor.panel.getByRole('heading', { name: AREA })).toBeVisible();
  await editor.supplies.getByRole('button', { name: /^hills-kiln: fill Area 1/ }).click();
  await expect(page.getByRole('button', { name: 'Undo: Fill Area 1' })).toBeVisible();
  await editor.saved();
  // Another project knows it.
  const other = await withFrame(page, 'window-room');
  await other.panel.getByRole('button', { name: 'Opening in Area 1' }).click();
  await expect(other.panel.getByRole('heading', { name: AREA })).toBeVisible();
  await other.select('window-room');
  await other.panel.getByRole('button', { name: 'More about Area 1' }).click();
  await page.getByRole('menuitem', { name: 'Remove' }).click();
  await expect(other.panel.getByRole('button', { name: 'Opening in Area 1' })).toBeHidden();
  await page.getByRole('button', { name: 'Undo: Remove area Area 1' }).click();
  await expect(other.panel.getByRole('button', { name: 'Opening in Area 1' })).toBeVisible();
  await other.panel.getByRole('button', { name: 'More about Area 1' }).click();
  await page.getByRole('menuitem', { name: 'Remove' }).click();
  await other.saved();
});

test('what hangs in a frame goes with it, to the px, and comes back with it', async ({ page }) => {
  const editor = await withFrame(page, 'frame-tilt');
  await editor.dragSupply(/^hills-kiln/, onPost([600, 480]), async () => {
    await expect(page.getByText('Into the frame')).toBeVisible();
  });
  await expect(editor.panel).toContainText(/Lies in (Area \d+|Leaning frame) of frame-tilt and goes with it\./);
  await expect(page.getByText('moves with frame-tilt')).toBeVisible();
  await expect(editor.panel.getByLabel('Takes light slider')).toBeVisible();
  await editor.saved();
  const before = await pixelsOf((await editor.export()).bytes);
  await editor.select('frame-tilt');
  await editor.stage.focus();
  for (let step = 0; step < 4; step++) await page.keyboard.press('Shift+ArrowRight');
  await editor.saved();
  const after = await pixelsOf((await editor.export()).bytes);
  let worst = 0;
  for (let y = 330; y < 750; y++) {
    for (let x = 220; x < 820; x++) {
      const [from, to] = [4 * (y * 1080 + x), 4 * (y * 1080 + x + 40)];
      for (let c = 0; c < 3; c++) worst = Math.max(worst, Math.abs(before.data[from + c]! - after.data[to + c]!));
    }
  }
  expect(worst).toBeLessThanOrEqual(2);
  const rows = editor.depth.getByRole('button', { name: /^(Area \d|Leaning frame|frame-tilt)/ });
  await expect(rows).toHaveCount(2);
  await page.keyboard.press('Delete');
  await expect(rows).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: Remove frame-tilt/ }).click();
  await expect(rows).toHaveCount(2);
  await editor.select('(Area \\d|Leaning frame)');
  await editor.panel.getByRole('button', { name: 'Take it off' }).click();
  await expect(editor.panel).not.toContainText('goes with it');
  await editor.saved();
});

test('a loose photo that is moved over a frame and held there goes into it', async ({ page }) => {
  const editor = await withFrame(page, 'frame-wall');
  await editor.supplies.getByRole('button', { name: /^kite-tail/ }).click();
  const rows = editor.depth.getByRole('button', { name: /^(kite-tail|frame-wall|Area \d|Frame on the wall)/ });
  await expect(rows).toHaveText([/^kite-tail/, /^frame-wall/]);
  await editor.photosShown();
  await page.keyboard.press('b');
  await editor.dragOnSheet({ x: 0.5, y: 0.5 }, MIDDLE, async () => {
    await expect(editor.stage.locator('.chip')).toHaveText('Into the frame');
  });
  await expect(rows).toHaveText([AREA, /^frame-wall/]);
  await expect(editor.panel).toContainText(/Lies in (Area \d+|Frame on the wall) of frame-wall and goes with it\./);
  // One step back, and it lies loose where it was.
  await page.getByRole('button', { name: /^Undo: kite-tail into (Area|Frame on the wall)/ }).click();
  await expect(rows).toHaveText([/^kite-tail/, /^frame-wall/]);
  await editor.saved();
});

test('an area is found, stepped through and corrected by keys alone', async ({ page }) => {
  const editor = await withFrame(page, 'frame-tilt');
  await page.keyboard.press('f');
  const hint = page.locator('.ka-stage-hint');
  await expect(hint).toContainText('Point at a pane');
  // From the middle of the photo to the left, into the frame.
  await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.locator('[data-area-form]')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(editor.panel.getByRole('heading', { name: AREA })).toBeVisible();
  // Corners by hand: reached by Tab, moved by arrow keys.
  await editor.select('frame-tilt');
  await page.keyboard.press('f');
  await hint.getByRole('button', { name: 'Corners by hand' }).click();
  const corner = page.getByRole('button', { name: 'Upper left corner, moved by arrow keys' });
  await corner.focus();
  // Where it stands, not its box: the ring of the keys makes that larger.
  const left = async (): Promise<number> => Number(/\(([\d.]+)/.exec((await corner.getAttribute('transform'))!)![1]);
  const before = await left();
  for (let step = 0; step < 10; step++) await page.keyboard.press('Shift+ArrowLeft');
  // 40 px of the photo, 648 of the sheet for 1600.
  const zoom = (await boxOf(editor.paper)).width / 1080;
  await expect.poll(async () => (before - (await left())) / zoom).toBeCloseTo((40 * 648) / 1600, 0);
  await expect(page.locator('ka-corner-loupe canvas')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(page.locator('ka-area-finder')).toBeHidden();
  await editor.saved();
});
