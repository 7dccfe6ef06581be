import { expectAccessible } from './support/accessible.js';
import { Breakout } from './support/breakout.js';
import { Editor, pixelsOf } from './support/editor.js';
import { expect, test, type Page } from './support/test.js';
import { boxOf } from './support/box-of.js';

interface Marked {
  readonly sheets: readonly {
    readonly items: readonly { readonly name: string; readonly overhangs?: { pieces: { out: boolean }[]; cuts: unknown[] } }[];
    readonly crossings: readonly { regions: { over: boolean }[]; cuts: unknown[]; paint?: unknown[]; over: boolean }[];
  }[];
}

/** Opens a copy of a sample with an item selected and the Break out tab open. */
async function opened(page: Page, sample: string, name: string, item: string): Promise<{ editor: Editor; breakout: Breakout }> {
  const editor = await Editor.home(page);
  await editor.copyOf(sample, name);
  await editor.open(name);
  await editor.select(item);
  await editor.panel.getByRole('tab', { name: 'Break out' }).click();
  const breakout = new Breakout(editor);
  await expect(breakout.chips.first()).toBeVisible({ timeout: 30_000 });
  return { editor, breakout };
}

/** The document as the server has it. */
async function kept(editor: Editor, name: string): Promise<Marked['sheets'][number]> {
  await editor.saved();
  const { request } = editor.page;
  const address = process.env['KADROSYN_ADDRESS']!;
  const { projects } = (await (await request.get(`${address}/api/projects`)).json()) as {
    projects: { id: string; name: string }[];
  };
  const { id } = projects.find((project) => project.name === name)!;
  const { document } = (await (await request.get(`${address}/api/projects/${id}`)).json()) as { document: Marked };
  return document.sheets[0]!;
}

test('each click on a chip changes what it names and nothing else, and can be undone', async ({ page }) => {
  const { editor, breakout } = await opened(page, 'Heron among letters', 'Heron chips', 'Heron');
  await expect(breakout.chip('over I')).toBeVisible();
  await expect(breakout.chip('under K')).toBeVisible();
  const before = await kept(editor, 'Heron chips');
  await breakout.chip('under K').click();
  await expect(breakout.chip('over K')).toBeVisible();
  await expect(breakout.chip('over I')).toBeVisible();
  const after = await kept(editor, 'Heron chips');
  expect(after.items).toEqual(before.items);
  expect(after.crossings.slice(0, before.crossings.length)).toEqual(before.crossings);
  expect(after.crossings).toHaveLength(before.crossings.length + 1);
  await expect(editor.depth.getByRole('img', { name: 'Heron passes over KILN' })).toBeVisible();
  await breakout.chip(/^1, piece at the top, out$/).click();
  await expect(breakout.chip(/^1, piece at the top, kept in$/)).toBeVisible();
  const closed = await kept(editor, 'Heron chips');
  expect(closed.crossings).toEqual(after.crossings);
  expect(closed.items.find(({ name }) => name === 'Heron')!.overhangs!.pieces.every(({ out }) => !out)).toBe(true);
  // What is kept in crosses nothing.
  await expect(breakout.chip(/^over /)).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(breakout.chip('over K')).toBeVisible();
});

test('choices survive moving, scaling and turning the photo, another outline and edited letters', async ({ page }) => {
  const { editor, breakout } = await opened(page, 'Heron among letters', 'Heron choices', 'Heron');
  await expect(breakout.chip('under K').first()).toBeVisible();
  await page.keyboard.press('p');
  for (const key of ['ArrowUp', 'ArrowLeft', 'Shift+ArrowUp']) await page.keyboard.press(key);
  await editor.panel.getByRole('tab', { name: 'Fit' }).click();
  await editor.panel.getByRole('textbox', { name: 'Turn', exact: true }).fill('2');
  await page.keyboard.press('Enter');
  await editor.panel.getByRole('tab', { name: 'Break out' }).click();
  await expect(breakout.chip('over I').first()).toBeVisible();
  await expect(breakout.chip('under K').first()).toBeVisible();
  await expect(breakout.chip(/^1, piece at the top, out$/)).toBeVisible();
  await editor.select('KILN');
  await editor.stage.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Text on the sheet')).toBeFocused();
  await page.keyboard.press('End');
  await page.keyboard.type('S');
  await page.keyboard.press('Escape');
  await editor.panel.getByRole('tab', { name: 'Break out' }).click();
  // Seen from the word it is told the other way round.
  await expect(breakout.chip('I under Heron').first()).toBeVisible();
  const { crossings } = await kept(editor, 'Heron choices');
  expect(crossings.map(({ over }) => over)).toEqual([true, true]);
});

test('a cut line divides a piece; its hard cut is said, and goes with the line', async ({ page }) => {
  const { editor, breakout } = await opened(page, 'Figure in a mirror', 'Mirror cut', 'Mirror');
  const before = await breakout.chip(/^\d+, /).count();
  await editor.panel.getByRole('button', { name: 'Draw a cut line…' }).click();
  await editor.dragOnSheet({ x: 0.05, y: 0.44 }, { x: 0.36, y: 0.44 }, async () => {
    await expect(page.locator('ka-cut-lines .length').last()).toHaveText(/^hard cut \d+ px$/);
  });
  await expect(breakout.chip(/^\d+, /)).toHaveCount(before + 1);
  await expect(editor.panel.getByText('No hard cut: whole pieces only')).toBeVisible();
  const upper = breakout.chip(/^\d+, piece at the left, out$/).first();
  await upper.click();
  await expect(editor.panel.getByText(/^Cut line 1 makes a hard cut, \d+ px long/)).toBeVisible();
  // Moved by its end with keys, and to the nearest edge, where it cuts less or says that it can not.
  const end = page.getByRole('button', { name: /^End 1 of cut line/ });
  await end.focus();
  await page.keyboard.press('Shift+ArrowDown');
  await expect(page.getByRole('button', { name: 'Undo: Move a cut line' })).toBeVisible();
  await editor.panel.getByRole('button', { name: 'To the nearest edge' }).click();
  await expect(
    page.getByRole('button', { name: 'Undo: Move a cut line' }).or(page.getByText('There is no better place near by.')).first(),
  ).toBeVisible();
  await editor.panel.getByRole('button', { name: 'Remove cut line 1' }).click();
  await expect(breakout.chip(/^\d+, /)).toHaveCount(before);
  await expect(editor.panel.getByText(/makes a hard cut/)).toHaveCount(0);
  // A line beside everything divides nothing, and is not kept.
  await editor.panel.getByRole('button', { name: 'Draw a cut line…' }).click();
  await editor.dragOnSheet({ x: 0.02, y: 0.02 }, { x: 0.1, y: 0.02 });
  await expect(page.getByText('That line divides nothing.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Draw a line across what is to be divided.')).toHaveCount(0);
});

test('a crossing is divided, and painted by hand where regions are not enough', async ({ page }) => {
  const { editor, breakout } = await opened(page, 'Ribbon round a ring', 'Ribbon painted', 'Ribbon');
  await expect(breakout.chip('over Ring')).toHaveCount(1);
  await editor.panel
    .getByRole('button', { name: /^More for Ring, / })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Paint over or under by hand…' }).click();
  await expect(page.getByRole('menu')).toHaveCount(0);
  const before = await pixelsOf((await editor.export()).bytes);
  await page.getByRole('group', { name: 'Paint by hand' }).getByRole('button', { name: 'Under' }).click();
  const chip = await boxOf(breakout.chip('over Ring'));
  await editor.drag({ x: chip.x + 30, y: chip.y + 13 }, { x: chip.x + 34, y: chip.y + 16 });
  await expect(page.getByRole('button', { name: 'Undo: Paint under by hand' })).toBeVisible();
  await page.getByRole('group', { name: 'Paint by hand' }).getByRole('button', { name: 'Done' }).click();
  await expect(editor.panel.getByText(/^What was painted makes a hard cut/)).toBeVisible();
  await editor.saved();
  const after = await pixelsOf((await editor.export()).bytes);
  expect(Buffer.compare(before.data, after.data)).not.toBe(0);
  const sheet = await kept(editor, 'Ribbon painted');
  expect(sheet.crossings[0]!.paint).toHaveLength(1);
  await editor.panel
    .getByRole('button', { name: /^More for Ring, / })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Under in all 2 places' }).click();
  await expect(breakout.chip('under Ring')).toHaveCount(2);
  await expect(editor.panel.getByText(/^What was painted/)).toHaveCount(0);
  await editor.panel
    .getByRole('button', { name: /^More for Ring, / })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Divide by a cut line…' }).click();
  await page.getByRole('button', { name: 'Across the middle' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Draw a cut line' })).toBeVisible();
  await expect.poll(async () => (await kept(editor, 'Ribbon painted')).crossings[0]!.cuts).toHaveLength(1);
});

test('by keys alone: from chip to chip, out and in, over and under', async ({ page }) => {
  const { editor, breakout } = await opened(page, 'Heron among letters', 'Heron by keys', 'Heron');
  await expect(breakout.chip('under K')).toBeVisible();
  const count = await breakout.chips.count();
  await page.keyboard.press('n');
  await expect(breakout.chips.first()).toBeFocused();
  for (let n = 1; n < count; n++) await page.keyboard.press('n');
  await expect(breakout.chips.last()).toBeFocused();
  const last = (await breakout.chips.last().textContent())!.trim();
  await page.keyboard.press('Enter');
  const turned = last.startsWith('over') ? last.replace('over', 'under') : last.replace('under', 'over');
  await expect(breakout.chip(turned)).toBeFocused();
  await page.keyboard.press('Shift+N');
  await expect(breakout.chips.nth(count - 2)).toBeFocused();
  await editor.panel.getByRole('group', { name: 'Piece 1' }).getByRole('button', { name: 'In' }).focus();
  await page.keyboard.press('Space');
  await expect(breakout.chip(/^1, piece at the top, kept in$/)).toBeVisible();
});

test('the light of the sheet turns all shadows that follow it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.copyOf('Fox on a tilted print', 'Fox in another light');
  await editor.open('Fox in another light');
  await editor.panel.getByRole('button', { name: /^Light/ }).click();
  await expect(editor.panel.getByText('2 shadows fall this way.')).toBeVisible();
  await editor.panel.getByRole('textbox', { name: 'Direction', exact: true }).fill('200');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo: Turn the light of the sheet' })).toBeVisible();
  await expect
    .poll(async () => ((await kept(editor, 'Fox in another light')) as unknown as { light: { angle: number } }).light.angle)
    .toBe(200);
});

test('the Break out tab and its chips pass the accessibility check', async ({ page }) => {
  const { editor } = await opened(page, 'Figure in a mirror', 'Mirror looked at', 'Mirror');
  await editor.panel.getByRole('button', { name: 'Draw a cut line…' }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Across the middle' }).click();
  await editor.panel.getByRole('checkbox', { name: 'Dark under its feet' }).check();
  await expect(editor.panel.getByText('Cut lines')).toBeVisible();
  await expectAccessible(page);
});

test('a photo in four corners lies or stands as it was told to, and nothing else changes that', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.supplies.getByRole('button', { name: 'Four corners', exact: true }).click();
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^mug-blank: fill Four corners/ }).click();
  await editor.panel.getByRole('tab', { name: 'Break out' }).click();
  const choice = editor.panel.getByRole('group', { name: 'The photo in its four corners' });
  const lies = choice.getByRole('button', { name: 'Lies in the picture' });
  const stands = choice.getByRole('button', { name: 'Stands upright' });
  await expect(lies).toHaveAttribute('aria-pressed', 'true');
  await expect(editor.panel.getByText('To come out over the edge its subject has to stand upright')).toBeVisible();
  await editor.panel.getByRole('button', { name: 'Stand it upright and let it out' }).click();
  await expect(stands).toHaveAttribute('aria-pressed', 'true', { timeout: 60_000 });
  const outside = editor.panel.getByRole('group', { name: 'Outside the four corners' });
  await expect(outside.getByRole('button', { name: 'All' })).toHaveAttribute('aria-pressed', 'true');
  await lies.click();
  await expect(editor.panel.getByText('A photo that lies in the picture stays inside.')).toBeVisible();
  await expect(outside).toHaveCount(0);
  await stands.click();
  await outside.getByRole('button', { name: 'None' }).click();
  await outside.getByRole('button', { name: 'All' }).click();
  await expect(stands).toHaveAttribute('aria-pressed', 'true');
  // The same choice stands with the form.
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  await expect(stands).toHaveAttribute('aria-pressed', 'true');
});

/** Whether the pale mug is seen at a place of the exported picture. */
async function isMugAt(editor: Editor, x: number, y: number): Promise<boolean> {
  const { width, height, data } = await pixelsOf((await editor.export()).bytes);
  const at = 4 * (Math.round(height * y) * width + Math.round(width * x));
  return data[at]! > 190 && data[at + 2]! > 160 && data[at]! < 250;
}

test('a subject that was trimmed off is there again when it is let out', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.supplies.getByRole('button', { name: /^mug-blank: lay on the sheet/ }).click();
  await page.keyboard.press('o');
  const tab = await boxOf(editor.stage.locator('[data-handle="5"]'));
  const { width } = await boxOf(editor.paper);
  const from = { x: tab.x + tab.width / 2, y: tab.y + tab.height / 2 };
  // The photo is 0.6 of the sheet wide, and the mug begins at a sixth of that.
  await editor.drag(from, { x: from.x - 0.53 * width, y: from.y });
  await expect(page.getByRole('button', { name: 'Undo: Resize mug-blank' })).toBeVisible();
  expect(await isMugAt(editor, 0.45, 0.5)).toBe(false);
  await editor.panel.getByRole('tab', { name: 'Break out' }).click();
  await editor.panel.getByRole('button', { name: 'Let the subject out' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Cut out mug-blank in mug-blank' })).toBeVisible({ timeout: 60_000 });
  expect(await isMugAt(editor, 0.45, 0.5)).toBe(true);
});

test('where nothing of a subject is seen, the panel says so and brings it in', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Circle', { x: 0.5, y: 0.5 });
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^mug-blank: fill Circle/ }).click();
  await editor.panel.getByRole('tab', { name: 'Break out' }).click();
  await editor.panel.getByRole('button', { name: 'Let the subject out' }).click();
  await editor.panel.getByRole('button', { name: 'None', exact: true }).click({ timeout: 60_000 });
  await editor.panel.getByRole('tab', { name: 'Fit' }).click();
  await editor.panel.getByRole('button', { name: 'Subject only' }).click();
  const said = editor.panel.getByText('The subject lies outside of what is shown');
  await expect(said).toHaveCount(0);
  await editor.panel.getByRole('checkbox', { name: 'Keep covered' }).uncheck();
  await editor.panel.getByLabel('To the right').fill('2000');
  await editor.panel.getByLabel('To the right').press('Enter');
  await expect(said).toBeVisible();
  expect(await isMugAt(editor, 0.5, 0.5)).toBe(false);
  await editor.panel.getByRole('button', { name: 'Bring the subject in' }).click();
  await expect(said).toHaveCount(0);
  expect(await isMugAt(editor, 0.5, 0.5)).toBe(true);
});
