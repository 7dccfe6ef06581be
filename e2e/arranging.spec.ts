import { Editor } from './support/editor.js';
import { expect, test, type Page } from './support/test.js';
import { boxOf } from './support/box-of.js';

/** A post with a circle, a square and a heart beside one another. */
async function threeShapes(page: Page): Promise<Editor> {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  for (const [shape, x] of [
    ['Circle', '60'],
    ['Square', '420'],
    ['Heart', '760'],
  ] as const) {
    await editor.supplies.getByRole('button', { name: shape, exact: true }).click();
    await expect(editor.panel.getByRole('heading', { name: shape, exact: true })).toBeVisible();
    await editor.panel.getByRole('tab', { name: 'Size' }).click();
    await set(editor, 'Width', '240');
    await expect(editor.panel.locator('.head p')).toContainText(', 240 × ');
    await set(editor, 'From the left', x);
    await set(editor, 'From the top', '420');
  }
  return editor;
}

async function set(editor: Editor, field: string, value: string): Promise<void> {
  const input = editor.panel.getByRole('textbox', { name: field, exact: true });
  await input.fill(value);
  await input.press('Enter');
}

async function placeOf(editor: Editor, name: string): Promise<number[]> {
  await editor.select(name);
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  const fields = ['From the left', 'From the top', 'Width', 'Height'];
  return Promise.all(
    fields.map(async (field) => Number(await editor.panel.getByRole('textbox', { name: field, exact: true }).inputValue())),
  );
}

test('a rectangle drawn over items selects them; they move, align and get equal gaps together', async ({ page }) => {
  const editor = await threeShapes(page);
  await editor.stage.focus();
  await page.keyboard.press('Escape');
  const [from, to] = [await editor.at({ x: 0.02, y: 0.1 }), await editor.at({ x: 0.98, y: 0.9 })];
  await editor.drag(from, to, async () => {
    await expect(page.locator('.drawn')).toBeVisible();
  });
  await expect(editor.panel.getByRole('heading', { name: '3 items' })).toBeVisible();
  await editor.panel.getByRole('button', { name: 'Across' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Distribute 3 items' })).toBeVisible();
  await expect.poll(async () => (await placeOf(editor, 'Square'))[0]).toBe(410);
  await page.keyboard.press('Control+a');
  await expect(editor.panel.getByRole('heading', { name: '3 items' })).toBeVisible();
  const middle = await editor.at({ x: 0.5, y: 0.5 });
  await page.keyboard.down('Control');
  await editor.drag(middle, { x: middle.x, y: middle.y + 60 });
  await page.keyboard.up('Control');
  await expect(page.getByRole('button', { name: 'Undo: Move 3 items' })).toBeVisible();
  await editor.panel.getByRole('button', { name: 'Top', exact: true }).click();
  const tops = [];
  for (const name of ['Circle', 'Square', 'Heart']) tops.push((await placeOf(editor, name))[1]);
  expect(new Set(tops).size).toBe(1);
  expect(tops[0]).toBeGreaterThan(420);
});

test('a group is entered by double clicks, scaled with all that is in it, and taken apart', async ({ page }) => {
  const editor = await threeShapes(page);
  await editor.select('Circle');
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^lake-dusk: fill Circle/ }).click();
  await page.keyboard.press('Escape');
  const circle = await editor.at({ x: 180 / 1080, y: 0.5 });
  const square = await editor.at({ x: 540 / 1080, y: 0.5 });
  await page.mouse.click(circle.x, circle.y);
  await page.keyboard.down('Shift');
  await page.mouse.click(square.x, square.y);
  await page.keyboard.up('Shift');
  await expect(editor.panel.getByRole('heading', { name: '2 items' })).toBeVisible();
  await page.keyboard.press('Control+g');
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Group');
  // A click on any part selects the group, a double click goes in.
  await page.keyboard.press('Escape');
  await page.mouse.click(square.x, square.y);
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Group');
  await page.mouse.dblclick(circle.x, circle.y);
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Circle');
  await expect(editor.depth.getByRole('button', { name: /^Square, 1 of 2 from the front of its group/ })).toBeVisible();
  await editor.panel.getByRole('tab', { name: 'Fit' }).click();
  const dots = /(\d+) dots per inch/;
  // What the tab says comes with it, not with the click.
  const fineness = async (): Promise<number> => Number(dots.exec(await editor.panel.innerText())?.[1]);
  await expect(editor.panel).toContainText(dots);
  const before = await fineness();
  await page.keyboard.press('Escape');
  await expect(editor.panel.getByLabel('Name')).toHaveValue('Group');
  await set(editor, 'Scale', '50');
  await expect.poll(async () => (await placeOf(editor, 'Circle'))[2]).toBe(120);
  await editor.panel.getByRole('tab', { name: 'Fit' }).click();
  // The photo became half as large too, so twice as fine.
  await expect.poll(fineness).toBeCloseTo(2 * before, -1);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+Shift+g');
  await expect(editor.panel.getByRole('heading', { name: '2 items' })).toBeVisible();
  await expect(editor.depth.getByRole('button', { name: /^Group/ })).toHaveCount(0);
  // All the way back, step by step.
  for (let step = 0; step < 3; step++) await page.keyboard.press('Control+z');
  await expect.poll(async () => (await placeOf(editor, 'Circle'))[2]).toBe(240);
});

test('sides that are dragged take the size of others and say so', async ({ page }) => {
  const editor = await threeShapes(page);
  await set(editor, 'Width', '200');
  await editor.panel.getByLabel('Keep proportions').uncheck();
  const tab = await boxOf(editor.stage.locator('[data-handle="5"] .reach'));
  const from = { x: tab.x + tab.width / 2, y: tab.y + tab.height / 2 };
  const zoom = (await boxOf(editor.paper)).width / 1080;
  await editor.drag(from, { x: from.x + 38 * zoom, y: from.y }, async () => {
    await expect(page.locator('ka-snap-lines span').first()).toHaveText('equal width');
  });
  await expect(editor.panel.getByRole('textbox', { name: 'Width', exact: true })).toHaveValue('240');
});

test('lengths are typed as sums; guides are pulled from rulers and met by what moves', async ({ page }) => {
  const editor = await threeShapes(page);
  await set(editor, 'From the left', '1080/3 + 2*10');
  await expect(editor.panel.getByLabel('From the left')).toHaveValue('380');
  await editor.stage.focus();
  await page.keyboard.press('Escape');
  await page.keyboard.press('r');
  const ruler = await boxOf(page.locator('.ruler.side'));
  const at = await editor.at({ x: 0.25, y: 0.4 });
  await editor.drag({ x: ruler.x + 10, y: at.y }, at);
  await expect(page.getByRole('button', { name: 'Undo: Add a guide' })).toBeVisible();
  const guide = editor.panel.getByRole('textbox', { name: 'Guide 1, from the left' });
  await guide.fill('250');
  await guide.press('Enter');
  const circle = await editor.at({ x: 180 / 1080, y: 0.5 });
  const zoom = (await boxOf(editor.paper)).width / 1080;
  // Its left edge stops 3 px short of the guide: it goes onto it.
  await editor.drag(circle, { x: circle.x + 187 * zoom, y: circle.y + 100 }, async () => {
    await expect(page.locator('ka-snap-lines span').first()).toHaveText('guide');
  });
  await expect.poll(async () => (await placeOf(editor, 'Circle'))[0]).toBe(250);
  await page.keyboard.press('Escape');
  await editor.panel.getByRole('button', { name: 'Remove: Guide 1, from the left' }).click();
  await expect(page.getByRole('button', { name: 'Undo: Remove a guide' })).toBeVisible();
});

test('while Alt is held the photo moves; what passed what is said; copies are pasted in place', async ({ page }) => {
  const editor = await threeShapes(page);
  await editor.select('Circle');
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^lake-dusk: fill Circle/ }).click();
  const place = await placeOf(editor, 'Circle');
  const circle = await editor.at({ x: 180 / 1080, y: 0.5 });
  await page.keyboard.down('Alt');
  await expect(page.getByRole('radio', { name: /^Photo/ })).toHaveAttribute('aria-checked', 'true');
  await editor.drag(circle, { x: circle.x + 20, y: circle.y });
  await page.keyboard.up('Alt');
  await expect(page.getByRole('button', { name: 'Undo: Move photo in Circle' })).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Both/ })).toHaveAttribute('aria-checked', 'true');
  await expect.poll(() => placeOf(editor, 'Circle')).toEqual(place);
  await editor.stage.focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(editor.depth.getByRole('status')).toHaveText('Circle went over Square; now behind Heart');
  await page.keyboard.press('Alt+Shift+ArrowUp');
  await expect(editor.depth.getByRole('status')).toHaveText('Circle went over Heart; now in front of all');
  await page.keyboard.press('Control+c');
  await page.keyboard.press('Control+Shift+v');
  await expect(page.getByRole('button', { name: 'Undo: Paste Circle' })).toBeVisible();
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  await expect(editor.panel.getByLabel('From the left')).toHaveValue(String(place[0]));
});
