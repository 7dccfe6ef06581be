import { Editor } from './support/editor.js';
import { tabTo } from './support/tab-to.js';
import { expect, test } from './support/test.js';

test('a whole job by keyboard alone: shapes, sizes, several selected, a group, a photo, export', async ({ page }) => {
  const editor = await Editor.home(page);
  await expect(editor.preset('Post')).toBeVisible();
  await tabTo(page, /^Post/);
  await page.keyboard.press('Enter');
  await editor.ready();
  await tabTo(page, /^Photos$/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  // The first shape, twice.
  await tabTo(page, /^(Circle|Square|Rectangle)$/);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(editor.depth.locator('ka-item-thumbnail')).toHaveCount(2);
  await editor.stage.focus();
  for (let step = 0; step < 12; step++) await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Control+a');
  await expect(editor.panel.getByRole('heading', { name: '2 items' })).toBeVisible();
  await tabTo(page, /^Left$/);
  for (let step = 0; step < 4; step++) await page.keyboard.press('ArrowRight');
  await expect(page.locator(':focus')).toHaveText('Middle');
  await page.keyboard.press('Enter');
  await editor.stage.focus();
  await page.keyboard.press('Control+g');
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Group');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(page.getByRole('button', { name: 'Undo: Move Group' })).toBeVisible();
  // Into the group by its slab.
  await page.keyboard.press('Shift+Tab');
  await tabTo(page, /^Group, group of 2/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await tabTo(page, /^Shapes$/);
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  await tabTo(page, /^heron-shore: fill /);
  await page.keyboard.press('Enter');
  await expect(editor.panel.locator('.head p')).toContainText('heron-shore');
  await editor.saved();
  await tabTo(page, /^Export PNG$/);
  const arriving = page.waitForEvent('download');
  await page.keyboard.press('Enter');
  expect((await arriving).suggestedFilename()).toMatch(/\.png$/);
});

test.describe('by touch', () => {
  test.use({ hasTouch: true });

  test('a whole job by touch alone: shapes, several selected, moved, aligned, looked at, exported', async ({ page }) => {
    const editor = await Editor.home(page);
    await editor.preset('Post').tap();
    await editor.ready();
    await editor.supplies.getByRole('tab', { name: 'Shapes' }).tap();
    await editor.supplies.getByRole('button', { name: 'Circle', exact: true }).tap();
    const client = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: { x: number; y: number }) =>
      client.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [{ ...at, id: 1 }] : [] });
    const swipe = async (from: { x: number; y: number }, to: { x: number; y: number }): Promise<void> => {
      await touch('touchStart', from);
      for (let step = 1; step <= 10; step++) {
        await touch('touchMove', { x: from.x + ((to.x - from.x) * step) / 10, y: from.y + ((to.y - from.y) * step) / 10 });
      }
      await touch('touchEnd');
    };
    const middle = await editor.at({ x: 0.5, y: 0.5 });
    await swipe(middle, await editor.at({ x: 0.25, y: 0.3 }));
    await expect(page.getByRole('button', { name: 'Undo: Move Circle' })).toBeVisible();
    // A tap right after a swipe only ends the swipe, in every browser.
    await page.waitForTimeout(600);
    await editor.supplies.getByRole('button', { name: 'Square', exact: true }).tap();
    await expect(editor.depth.locator('.scroll .slab')).toHaveCount(3);
    await page.getByRole('button', { name: 'view, ways to work and to look' }).tap();
    await page.getByRole('menuitemcheckbox', { name: 'Select several' }).tap();
    await expect(page.getByText('Selecting several:')).toBeVisible();
    await expect(page.getByRole('menu')).toHaveCount(0);
    const circle = await editor.at({ x: 0.12, y: 0.3 });
    await page.touchscreen.tap(circle.x, circle.y);
    await expect(editor.panel.getByRole('heading', { name: '2 items' })).toBeVisible();
    await page.getByRole('button', { name: 'Done' }).tap();
    await editor.panel.getByRole('button', { name: 'Left', exact: true }).tap();
    await expect(page.getByRole('button', { name: 'Undo: Align 2 items' })).toBeVisible();
    await editor.panel.getByRole('button', { name: 'Group' }).tap();
    await expect(editor.panel.getByLabel('Name')).toHaveValue('Group');
    await page.getByRole('button', { name: 'Look', exact: true }).tap();
    await expect(editor.depth).toBeHidden();
    await page.getByRole('button', { name: 'Back to work' }).tap();
    await expect(editor.depth).toBeVisible();
    await editor.saved();
    const arriving = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Export PNG' }).tap();
    expect((await arriving).suggestedFilename()).toMatch(/\.png$/);
  });
});
