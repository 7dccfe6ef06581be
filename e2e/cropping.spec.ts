import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

const numbers = (text: string): number[] => (text.match(/[\d.]+/g) ?? []).map(Number);

test('moving an edge of a loose photo crops it; proportions, lines and a circle help', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.supplies.getByRole('button', { name: /^stall: lay on the sheet/ }).click();
  await page.keyboard.press('o');
  const words = editor.panel.locator('.head p');
  const shape = async (): Promise<number> => {
    const [w, h] = numbers((await words.textContent())!);
    return w! / h!;
  };
  const [width, height] = numbers((await words.textContent())!);
  const tab = await boxOf(editor.stage.locator('[data-handle="7"]'));
  const from = { x: tab.x + tab.width / 2, y: tab.y + tab.height / 2 };
  await editor.drag(from, { x: from.x + 50, y: from.y });
  // The photo stayed where it was: it was neither moved nor scaled.
  await expect(page.getByRole('button', { name: 'Undo: Resize stall' })).toBeVisible();
  await expect.poll(async () => numbers((await words.textContent())!)[0]).toBeLessThan(width!);
  await expect.poll(async () => numbers((await words.textContent())!)[1]).toBe(height);
  for (const [name, proportion] of [
    ['1:1', 1],
    ['16:9', 16 / 9],
    ['A series', Math.SQRT2],
  ] as const) {
    await editor.panel.getByRole('button', { name, exact: true }).click();
    await expect.poll(shape).toBeCloseTo(proportion, 1);
  }
  await editor.panel.getByLabel('Width to').fill('2');
  await editor.panel.getByLabel('Width to').press('Enter');
  await expect.poll(shape).toBeCloseTo(2, 1);
  await editor.panel.getByLabel('Lines').selectOption('Thirds');
  await expect(editor.stage.locator('path.guide').first()).toBeVisible();
  await editor.panel.getByRole('button', { name: 'Circle' }).click();
  await expect(words).toContainText('Ellipse');
});

test('a line drawn along the horizon makes it level', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.supplies.getByRole('button', { name: /^lake-dusk: lay on the sheet/ }).click();
  await editor.panel.getByRole('button', { name: 'Straighten…' }).click();
  await expect(page.locator('ka-level-line')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.locator('ka-level-line')).toHaveCount(0);
  await editor.panel.getByRole('button', { name: 'Straighten…' }).click();
  await expect(page.locator('ka-level-line')).toBeVisible();
  const { x, y } = await editor.at({ x: 0.5, y: 0.5 });
  await editor.drag({ x: x - 100, y }, { x: x + 100, y: y + 14 });
  await expect.poll(async () => Number(await editor.panel.getByLabel('Turn').inputValue())).toBeCloseTo(-4, 0);
  await expect(page.getByRole('button', { name: 'Undo: Straighten photo in lake-dusk' })).toBeVisible();
});

test('the sheet is trimmed by its edges, by pointer and by keys; items stay where they lie', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await editor.tab('Shapes');
  await editor.dragSupply('Circle', { x: 0.6, y: 0.6 });
  await editor.panel.getByRole('tab', { name: 'Size' }).click();
  const left = editor.panel.getByLabel('From the left');
  const before = Number(await left.inputValue());
  await page.keyboard.press('Escape');
  await editor.panel.getByRole('button', { name: 'Trim the sheet…' }).click();
  const bar = page.getByRole('slider', { name: 'Edge left' });
  await bar.focus();
  for (let time = 0; time < 10; time++) await page.keyboard.press('Shift+ArrowRight');
  await expect(bar).toHaveAttribute('aria-valuetext', '100 px inwards');
  const bottom = await boxOf(page.getByRole('slider', { name: 'Edge bottom' }));
  await editor.drag(
    { x: bottom.x + bottom.width / 2, y: bottom.y + bottom.height / 2 },
    { x: bottom.x + bottom.width / 2, y: bottom.y + bottom.height / 2 - 40 },
  );
  const circle = await boxOf(page.locator('.paper'));
  await page.getByRole('button', { name: 'Trim', exact: true }).click();
  await expect(editor.panel.getByLabel('Width')).toHaveValue('980');
  await expect.poll(async () => Number(await editor.panel.getByLabel('Height').inputValue())).toBeLessThan(1080);
  await editor.select('Circle');
  await expect.poll(async () => Number(await left.inputValue())).toBeCloseTo(before - 100, 0);
  // On the screen the left edge moved and the rest did not.
  await expect.poll(async () => (await boxOf(page.locator('.paper'))).x).toBeGreaterThan(circle.x);
  await page.keyboard.press('Control+z');
  await expect(left).toHaveValue(String(before));
});
