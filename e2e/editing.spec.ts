import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

test('everything by keyboard: a shape, a photo, moves by exact steps, depth, duplicate, delete', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.preset('Post').focus();
  await page.keyboard.press('Enter');
  await editor.ready();
  await editor.supplies.getByRole('tab', { name: 'Photos' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(editor.supplies.getByRole('tab', { name: 'Shapes' })).toHaveAttribute('aria-selected', 'true');
  await expect(editor.supplies.getByRole('button', { name: 'Rectangle' })).toBeVisible();
  // Search, kinds, and the two ways to make a shape of one's own come before the shapes.
  for (let stop = 0; stop < 5; stop++) await page.keyboard.press('Tab');
  await expect(editor.supplies.getByRole('button', { name: 'Rectangle' })).toBeFocused();
  await page.keyboard.press('End');
  await page.keyboard.press('Enter');
  await expect(editor.depth.getByRole('button', { name: /^Speech/ })).toBeVisible();
  await editor.supplies.getByRole('tab', { name: 'Shapes' }).focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  await editor.supplies.getByRole('button', { name: /^heron-shore: fill Speech/ }).focus();
  await page.keyboard.press('Enter');
  await expect(editor.panel).toContainText('heron-shore');

  await editor.stage.focus();
  await page.keyboard.press('o');
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  const left = editor.panel.getByLabel('From the left');
  const before = Number(await left.inputValue());
  await editor.stage.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(left).toHaveValue(String(before + 12));
  // Held keys are one step.
  await page.keyboard.press('Control+z');
  await expect(left).toHaveValue(String(before));

  await page.keyboard.press('Control+d');
  await expect(editor.depth.locator('.slabs .slab')).toHaveCount(2);
  const slabs = editor.depth.locator('.slabs .slab');
  await expect(slabs.first()).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(slabs.nth(1)).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('b');
  await page.keyboard.press('Delete');
  await expect(slabs).toHaveCount(1);
});

test('exact values in the unit of the sheet, kept covered, undone by name', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Card');
  await editor.tab('Shapes');
  await editor.dragSupply('Rounded', { x: 0.5, y: 0.4 });
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  await editor.panel.getByLabel('Width').fill('50');
  await page.keyboard.press('Enter');
  await expect(editor.panel.getByLabel('Height')).toHaveValue('50');
  await expect(editor.panel.locator('.head p')).toContainText('50 × 50 mm');
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^teapot-pour/ }).click();
  await editor.panel.getByRole('tab', { name: 'Fit' }).click();
  await editor.panel.getByLabel('To the right').fill('400');
  await page.keyboard.press('Enter');
  const right = async (): Promise<number> => Number(await editor.panel.getByLabel('To the right').inputValue());
  await expect.poll(right).toBeGreaterThan(0);
  await expect.poll(right).toBeLessThan(50);
  await editor.panel.getByRole('checkbox', { name: 'Keep covered' }).uncheck();
  await editor.panel.getByLabel('To the right').fill('40');
  await page.keyboard.press('Enter');
  await expect(editor.panel).toContainText('of the opening is not covered');
  await editor.panel.getByRole('button', { name: 'Whole photo' }).click();
  await editor.panel.getByRole('button', { name: 'Fill the opening' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Fit photo in Rounded' })).toBeVisible();
});

test('an opening is moved, resized by its marks and turned; a side never stretches the photo', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Square', { x: 0.4, y: 0.4 });
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^bowls-top/ }).click();
  await page.keyboard.press('o');
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  const width = editor.panel.getByLabel('Width');
  const height = editor.panel.getByLabel('Height');
  const [w, h] = [Number(await width.inputValue()), Number(await height.inputValue())];
  const tab = await boxOf(page.locator('[data-handle="5"]'));
  const middle = { x: tab.x + tab.width / 2, y: tab.y + tab.height / 2 };
  await editor.drag(middle, { x: middle.x + 40, y: middle.y });
  await expect.poll(async () => Number(await width.inputValue())).toBeGreaterThan(w + 20);
  await expect(height).toHaveValue(String(h));
  await expect(page.getByRole('button', { name: 'Undo: Resize Square' })).toBeVisible();
  const peg = await boxOf(page.locator('[data-handle="2"]'));
  await editor.drag({ x: peg.x + peg.width / 2, y: peg.y + peg.height / 2 }, { x: peg.x + 60, y: peg.y + 60 });
  await expect.poll(async () => Number(await height.inputValue())).toBeGreaterThan(h + 20);
  const turn = await boxOf(page.locator('[data-turn]'));
  await editor.drag({ x: turn.x + turn.width / 2, y: turn.y + turn.height / 2 }, { x: turn.x, y: turn.y + 120 });
  await expect.poll(async () => Number(await editor.panel.getByLabel('Turn').inputValue())).toBeGreaterThan(10);
});

test('depth is changed by dragging a slab', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Square', { x: 0.4, y: 0.4 });
  await editor.dragSupply('Circle', { x: 0.6, y: 0.6 });
  const slabs = editor.depth.locator('.slabs .slab');
  await expect(slabs).toHaveText(['Circle', 'Square']);
  const [top, bottom] = [await boxOf(slabs.nth(0)), await boxOf(slabs.nth(1))];
  await editor.drag({ x: top.x + 60, y: top.y + 20 }, { x: bottom.x + 60, y: bottom.y + 34 });
  await expect(slabs).toHaveText(['Square', 'Circle']);
});

test('zoom and pan: by buttons, keys and wheel, to the whole and to what is selected', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Circle', { x: 0.3, y: 0.3 });
  const percent = page.getByRole('button', { name: /zoom to 100 %$/ });
  const whole = await percent.textContent();
  await page.getByRole('button', { name: 'Zoom in' }).click();
  await expect(percent).not.toHaveText(whole!);
  await page.keyboard.press('0');
  await expect(percent).toHaveText(whole!);
  await page.getByRole('button', { name: 'selected' }).click();
  await expect(percent).not.toHaveText(whole!);
  await page.getByRole('button', { name: 'whole', exact: true }).click();
  const before = await boxOf(editor.paper);
  const { x, y } = await editor.at({ x: 0.9, y: 0.9 });
  await page.mouse.move(x, y);
  await page.mouse.wheel(0, 60);
  await expect.poll(async () => (await boxOf(editor.paper)).y).toBeLessThan(before.y - 20);
  await page.keyboard.down('Control');
  await page.mouse.wheel(0, -100);
  await page.keyboard.up('Control');
  await expect(percent).not.toHaveText(whole!);
});

test('colours: a swatch for a shape, hex for lettering and sheet, a clear sheet', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.tab('Shapes');
  await editor.dragSupply('Circle', { x: 0.5, y: 0.5 });
  await editor.panel.getByRole('button', { name: 'Swatch #1d5a4c' }).click();
  await expect(editor.panel.getByLabel('Colour as hex')).toHaveValue('#1d5a4c');
  await editor.tab('Lettering');
  await editor.dragSupply('Big slab', { x: 0.5, y: 0.5 });
  await editor.panel.getByLabel('Colour as hex').fill('FBF8F1');
  await page.keyboard.press('Enter');
  await expect(editor.panel.getByLabel('Colour as hex')).toHaveValue('#fbf8f1');
  await editor.depth.getByRole('button', { name: 'Sheet colour' }).click();
  await editor.panel.getByLabel('Sheet colour as hex').fill('#20272a');
  await page.keyboard.press('Enter');
  await editor.saved();
  const { bytes } = await editor.export();
  const { default: sharp } = await import('sharp');
  const corner = await sharp(bytes).extract({ left: 1, top: 1, width: 1, height: 1 }).raw().toBuffer();
  expect([...corner.subarray(0, 3)]).toEqual([0x20, 0x27, 0x2a]);
  await editor.panel.getByRole('button', { name: 'Clear', exact: true }).click();
  await editor.saved();
  const clear = await sharp((await editor.export()).bytes)
    .extract({ left: 1, top: 1, width: 1, height: 1 })
    .ensureAlpha()
    .raw()
    .toBuffer();
  expect(clear[3]).toBe(0);
});

test('text is edited by a double click on it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Lettering');
  await editor.dragSupply('Title', { x: 0.5, y: 0.5 });
  await page.keyboard.press('Escape');
  await editor.depth.getByRole('button', { name: 'Sheet colour' }).click();
  const { x, y } = await editor.at({ x: 0.5, y: 0.5 });
  await page.mouse.dblclick(x, y);
  await expect(page.getByLabel('Text on the sheet')).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Glaze night');
  await expect(editor.depth.getByRole('button', { name: /^Glaze night/ })).toBeVisible();
});

test('marks of a small caption stand outside of it: wherever it is pressed, it moves', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Lettering');
  await editor.dragSupply('Caption', { x: 0.5, y: 0.5 });
  await editor.panel.getByLabel('Letter size').fill('28');
  await editor.panel.getByLabel('Letter size').press('Enter');
  await editor.stage.focus();
  const rule = editor.stage.locator('[ka-selection-marks] .rule.outer');
  await expect.poll(async () => (await boxOf(rule)).height).toBeLessThan(30);
  const { x, y, width, height } = await boxOf(rule);
  const places = [0.04, 0.25, 0.5, 0.75, 0.96].flatMap((right) =>
    [0.15, 0.5, 0.85].map((down) => ({ x: x + right * width, y: y + down * height })),
  );
  // The marks are there, and none is at any of these places.
  await expect(editor.stage.locator('[data-handle]')).toHaveCount(8);
  const marked = await page.evaluate(
    (at) => at.filter((p) => document.elementFromPoint(p.x, p.y)?.closest('[data-handle], [data-turn], [data-bar], [data-mark]')),
    places,
  );
  expect(marked).toEqual([]);
  await editor.drag({ x: x + width / 2, y: y + height / 2 }, { x: x + width / 2, y: y + height / 2 + 60 });
  await expect(page.getByRole('button', { name: /^Undo: Move / })).toBeVisible();
  // A tab still stretches it.
  const tab = await boxOf(editor.stage.locator('[data-handle="5"]'));
  await editor.drag(
    { x: tab.x + tab.width / 2, y: tab.y + tab.height / 2 },
    { x: tab.x + tab.width / 2 + 40, y: tab.y + tab.height / 2 },
  );
  await expect(page.getByRole('button', { name: /^Undo: Resize / })).toBeVisible();
});

test('a drag that begins 10 px above a word draws a rectangle and does not stretch it', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Lettering');
  await editor.dragSupply('Big slab', { x: 0.5, y: 0.5 });
  await expect(editor.stage.locator('[data-handle]')).toHaveCount(8);
  const { x, y, width } = await boxOf(editor.stage.locator('[ka-selection-marks] .rule.outer'));
  await editor.drag({ x: x + width / 2, y: y - 12 }, { x: x + width / 2 + 30, y: y - 50 }, async () => {
    await expect(page.locator('.drawn')).toBeVisible();
  });
  await expect(page.getByRole('button', { name: /^Undo: Resize / })).toHaveCount(0);
});

test('what is selected stays so when a sample is taken away: its edge is taken hold of next', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.beginFrom('Oval card');
  await editor.select('Photo');
  const tab = await boxOf(editor.stage.locator('[data-handle="5"]'));
  await editor.stage.getByRole('button', { name: 'Take With warm thanks away' }).click();
  // What is said of it leaves undo in sight.
  const notice = await boxOf(page.locator('.ka-notice', { hasText: 'With warm thanks' }));
  expect(notice.x + notice.width).toBeLessThanOrEqual((await boxOf(page.getByRole('button', { name: /^Undo: / }))).x);
  const from = { x: tab.x + tab.width / 2, y: tab.y + tab.height / 2 };
  await editor.drag(from, { x: from.x + 40, y: from.y });
  await expect(page.getByRole('button', { name: 'Undo: Resize Photo' })).toBeVisible();
});

test('letters pressed in the supplies are no commands, until something is laid from them', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  const grip = (name: string) => page.locator('ka-grip-bar').getByRole('radio', { name: new RegExp(`^${name}`) });
  await editor.tab('Shapes');
  for (const key of ['o', 'l', 'r']) await page.keyboard.press(key);
  await expect(page.getByRole('button', { name: 'Back to work' })).toHaveCount(0);
  await editor.supplies.getByRole('button', { name: 'Circle', exact: true }).click();
  await expect(grip('Both')).toHaveAttribute('aria-checked', 'true');
  await page.keyboard.press('o');
  await expect(grip('Opening')).toHaveAttribute('aria-checked', 'true');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'Undo: Move Circle' })).toBeVisible();
});
