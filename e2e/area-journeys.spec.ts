import { expectAccessible } from './support/accessible.js';
import { Breakout } from './support/breakout.js';
import { pixelsOf } from './support/editor.js';
import { Journey } from './support/journey.js';
import { onPost } from './support/on-post.js';
import { removePhotos } from './support/own-photos.js';
import { focusOf, restoreFocus } from './support/photo-focus.js';
import { expectReference } from './support/reference.js';
import { standingInFront } from './support/standing-in-front.js';
import { expect, test } from './support/test.js';

/** Px of a photo that lies in the middle of a post, in an exported picture. */
function pxOnPost(at: readonly [number, number]): number {
  const { x, y } = onPost(at);
  return 4 * (Math.round(y * 1080) * 1080 + Math.round(x * 1080));
}

function apart(a: Buffer, b: Buffer, at: number): number {
  return Math.max(...[0, 1, 2].map((c) => Math.abs(a[at + c]! - b[at + c]!)));
}

test('pane with things: what stands before a pane stays in front of what is put into it', async ({ page, request }) => {
  // The plant's leaves stand before the lower edge of the pane.
  const photo = await standingInFront('plant-at-the-window', 'window-room', 'agave-pot', { left: 230, top: 560, height: 240 });
  const journey = await Journey.begin('pane-with-things', page);
  const { editor } = journey;
  await journey.click(editor.preset('Post'));
  await editor.ready();
  await journey.dropFile(photo, { x: 0.5, y: 0.5 });
  await expect(editor.depth.getByRole('button', { name: /^plant-at-the-window/ })).toBeVisible();
  await editor.photosShown();
  await editor.dragSupply(/^lake-dusk/, onPost([400, 430]), async () => {
    await expect(page.getByText('Into the frame')).toBeVisible();
  });
  await expect(editor.panel.getByText('Something stands in front of the area.')).toBeVisible();
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(6);
  const after = (await pixelsOf(bytes)).data;
  // The plant is as it was; the sky beside it is the lake's.
  await journey.click(page.getByRole('button', { name: /^Undo: lake-dusk into Area/ }));
  await editor.saved();
  const before = (await pixelsOf((await editor.export()).bytes)).data;
  for (const at of [
    [395, 625],
    [385, 645],
    [405, 650],
  ] as const)
    expect(apart(before, after, pxOnPost(at)), String(at)).toBeLessThanOrEqual(6);
  for (const at of [
    [200, 400],
    [400, 430],
    [470, 500],
  ] as const)
    expect(apart(before, after, pxOnPost(at)), String(at)).toBeGreaterThan(25);
  await expectReference('pane-with-things', bytes, 1);
  await removePhotos(request, ['plant-at-the-window']);
});

test('mirror in a photo: a figure comes out of it, over its frame', async ({ page, request }) => {
  const focus = await focusOf(request, ['team-knife']);
  const journey = await Journey.begin('area-mirror', page);
  const { editor } = journey;
  await journey.click(editor.preset('Post'));
  await editor.ready();
  await journey.click(editor.supplies.getByRole('button', { name: /^frame-wall/ }));
  await editor.photosShown();
  await editor.dragSupply(/^team-knife/, onPost([670, 440]), async () => {
    await expect(page.getByText('Into the frame')).toBeVisible();
  });
  await expect(editor.panel.getByLabel('Takes light slider')).toBeVisible();
  await journey.click(editor.panel.getByRole('tab', { name: 'Break out' }));
  await journey.click(editor.panel.getByRole('button', { name: 'Stand it upright and let it out' }));
  const breakout = new Breakout(editor);
  expect(await breakout.subjectFound()).toBe(true);
  await expect.poll(() => breakout.outCount()).toBeGreaterThanOrEqual(1);
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(9);
  await expectReference('area-mirror', bytes, 1);
  await restoreFocus(request, focus);
});

test('card on a table: a photo on it, in the light that falls there', async ({ page }) => {
  const journey = await Journey.begin('card-on-table', page);
  const { editor } = journey;
  await journey.click(editor.preset('Post'));
  await editor.ready();
  await journey.click(editor.supplies.getByRole('button', { name: /^card-table/ }));
  await editor.photosShown();
  await editor.dragSupply(/^hills-kiln/, onPost([600, 550]), async () => {
    await expect(page.getByText('Into the frame')).toBeVisible();
  });
  await expect(editor.panel.getByText('Nothing was seen in front of it.')).toBeVisible();
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(5);
  await expectReference('card-on-table', bytes, 1);
});

test('what looks like the surface is said to be in front by a stroke, by mouse and by keys', async ({ page, request }) => {
  const photo = await standingInFront('heron-at-the-frame', 'frame-tilt', 'heron-shore', { left: 560, top: 420, height: 420 });
  const journey = await Journey.begin('front-by-hand', page);
  const { editor } = journey;
  await editor.begin('Post');
  await journey.dropFile(photo, { x: 0.5, y: 0.5 });
  await expect(editor.depth.getByRole('button', { name: /^heron-at-the-frame/ })).toBeVisible();
  await editor.photosShown();
  await editor.dragSupply(/^lake-dusk/, onPost([500, 300]), async () => {
    await expect(page.getByText('Into the frame')).toBeVisible();
  });
  await expect(editor.panel.getByText('Something stands in front of the area.')).toBeVisible();
  await editor.saved();
  const before = (await pixelsOf((await editor.export()).bytes)).data;
  await journey.click(editor.panel.getByRole('button', { name: 'Mark what is in front…' }));
  await expectAccessible(page);
  const [from, to] = [await editor.at(onPost([420, 250])), await editor.at(onPost([440, 300]))];
  await journey.drag(from, to);
  const undo = page.getByRole('button', { name: /^Undo: This is in front of Area/ });
  await expect(undo).toBeVisible();
  // The sheet in the frame is seen again, where the stroke went.
  await editor.saved();
  const after = (await pixelsOf((await editor.export()).bytes)).data;
  expect(apart(before, after, pxOnPost([430, 275]))).toBeGreaterThan(25);
  expect(apart(before, after, pxOnPost([430, 400]))).toBeLessThanOrEqual(2);
  // Not in front after all: the brush goes by arrow keys from the middle, Enter dabs.
  await page.getByRole('button', { name: 'This is not' }).click();
  await page.locator('body').press('ArrowRight');
  await page.locator('body').press('Enter');
  await expect(page.getByRole('button', { name: /^Undo: This is not in front of Area/ })).toBeVisible();
  await page.locator('body').press('Escape');
  await expect(page.locator('[data-front-marking]')).toBeHidden();
  // Over all of it, and how much of the light it takes: steps of their own.
  await editor.panel.getByRole('button', { name: 'Lie over it' }).click();
  await expect(page.getByRole('button', { name: /^Undo: Lay over all/ })).toBeVisible();
  await editor.panel.getByLabel('Takes light slider').press('Home');
  await expect(page.getByRole('button', { name: /^Undo: Light on Area/ })).toBeVisible();
  await editor.saved();
  const unlit = (await pixelsOf((await editor.export()).bytes)).data;
  // The light there is warm and dim.
  expect(unlit[pxOnPost([500, 250]) + 2]!).toBeGreaterThan(after[pxOnPost([500, 250]) + 2]! + 8);
  await removePhotos(request, ['heron-at-the-frame']);
});
