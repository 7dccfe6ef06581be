import { Editor, largestDifference, pixelsOf } from './support/editor.js';
import { expect, test } from './support/test.js';

test('openings join a photo in register, move it together, and leave', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.panel.getByRole('button', { name: 'Photo', exact: true }).click();
  await page.getByRole('menuitem', { name: 'lake-dusk' }).click();
  const whole = await pixelsOf((await editor.export()).bytes);
  await editor.tab('Shapes');
  for (const shape of ['Circle', 'Heart']) {
    await editor.supplies.getByRole('button', { name: shape, exact: true }).click();
    await editor.panel.getByRole('tab', { name: 'Fit' }).click();
    await editor.panel.getByRole('button', { name: 'With the background' }).click();
    await expect(editor.panel).toContainText('Shows its part of one photo, with the background');
  }
  // Through its windows the sheet is the same as without them.
  await editor.saved();
  const windows = await pixelsOf((await editor.export()).bytes);
  expect(largestDifference(whole.data, windows.data)).toBeLessThanOrEqual(1);
  await page.keyboard.press('p');
  const { x, y } = await editor.at({ x: 0.5, y: 0.5 });
  await editor.drag({ x, y }, { x: x + 90, y });
  await expect(page.getByRole('button', { name: 'Undo: Move photo in Heart' })).toBeVisible();
  await editor.saved();
  const moved = await pixelsOf((await editor.export()).bytes);
  expect(largestDifference(whole.data, moved.data)).toBeGreaterThan(60);
  await editor.panel.getByRole('button', { name: 'Leave the register' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Heart leaves the register' })).toBeVisible();
  await editor.saved();
  // It keeps what it shows.
  expect(largestDifference(moved.data, (await pixelsOf((await editor.export()).bytes)).data)).toBeLessThanOrEqual(1);
});

test('the focus of a photo is corrected, remembered with it, and fits go by it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Circle', exact: true }).click();
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^stall: fill Circle/ }).click();
  const right = editor.panel.getByLabel('To the right');
  await editor.panel.getByRole('button', { name: /^(Correct the focus|Say what it is about)…$/ }).click();
  await expect(page.getByText('What every fit keeps in sight.')).toBeVisible();
  // To the left edge of the photo, by keys.
  for (let step = 0; step < 80; step++) await page.keyboard.press('ArrowLeft');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Focus of stall' })).toBeVisible();
  await editor.panel.getByRole('button', { name: 'On the subject' }).click();
  await expect.poll(async () => Number(await right.inputValue())).toBeGreaterThan(20);
  const onSubject = Number(await right.inputValue());
  await editor.saved();
  // Another project fits the same photo by the same focus.
  await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Circle', exact: true }).click();
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^stall: fill Circle/ }).click();
  await editor.panel.getByRole('button', { name: 'On the subject' }).click();
  await expect(right).toHaveValue(String(onSubject));
});

test('a caption over what a photo is about is noticed, and the photo moved clear of it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Square', exact: true }).click();
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  await editor.panel.getByRole('button', { name: 'Fit its width' }).click();
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^team-bowl: fill Square/ }).click();
  await editor.tab('Lettering');
  await editor.supplies.getByRole('button', { name: 'Tall poster' }).click();
  // Escape ends typing; before it has begun it would let go of the word.
  await expect(page.getByLabel('Text on the sheet')).toBeFocused();
  await page.keyboard.press('Escape');
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  const top = editor.panel.getByLabel('From the top');
  await top.fill('260');
  await top.press('Enter');
  await editor.select('Square');
  await editor.panel.getByRole('tab', { name: 'Fit' }).click();
  const notice = editor.panel.locator('ka-covered-notice');
  await expect(notice).toContainText(/^POTTERY covers \d+ % of what the photo is about\./);
  const share = async (): Promise<number> => Number(/covers (\d+) %/.exec((await notice.innerText()) || 'covers 0 %')?.[1] ?? 0);
  const before = await share();
  await notice.getByRole('button', { name: 'Move the photo clear' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Move the photo of Square clear' })).toBeVisible();
  await expect.poll(share).toBeLessThan(before);
});

test('a gap is marked on the sheet with its share; a placement is copied to another opening', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  for (const shape of ['Circle', 'Square']) {
    await editor.supplies.getByRole('button', { name: shape, exact: true }).click();
  }
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^lake-dusk: fill Square/ }).click();
  await editor.panel.getByRole('button', { name: 'Whole photo' }).click();
  await expect(editor.stage.locator('.share')).toHaveText(/^\d+ % uncovered$/);
  await editor.panel.getByRole('button', { name: 'Fill the opening' }).click();
  await expect(editor.stage.locator('.share')).toHaveCount(0);
  const zoom = editor.panel.getByRole('textbox', { name: 'Scale', exact: true }).last();
  await zoom.fill('180');
  await zoom.press('Enter');
  await editor.panel.getByRole('button', { name: 'Mirror' }).click();
  await editor.panel.getByRole('button', { name: 'Copy placement' }).click();
  await editor.select('Circle');
  await editor.supplies.getByRole('button', { name: /^lake-dusk.*: fill Circle/ }).click();
  await editor.panel.getByRole('button', { name: 'Paste placement' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Place photo in Circle as in Square' })).toBeVisible();
  await expect(zoom).toHaveValue('180');
});
