import { expectAccessible } from './support/accessible.js';
import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';

test('behind ?trace the editor shows what its caches found and made, and why', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.copyOf('Open kiln day', 'Traced');
  await editor.open('Traced');
  const panel = page.getByRole('complementary', { name: 'Trace' });
  await expect(panel).toHaveCount(0);
  await page.goto(`${page.url()}?trace`);
  await editor.ready();
  const levels = panel.getByRole('row', { name: /^photo levels/ });
  await expect(levels).toContainText('MB');
  const rows = panel.getByRole('listitem');
  await expect(rows.filter({ hasText: /\d ms photo levels photo_.*: level \d was wanted/ }).first()).toBeVisible();

  await editor.select('Heron');
  await page.keyboard.press('b');
  await editor.dragOnSheet({ x: 0.4, y: 0.4 }, { x: 0.42, y: 0.42 });
  // Each frame of the drag had to make the layer of what moved, by its own name, since its box was another.
  await expect(rows.filter({ hasText: /\d ms layers Heron.*: box/ }).first()).toBeVisible();
  const made = async (): Promise<number> =>
    Number(
      await panel
        .getByRole('row', { name: /^layers/ })
        .getByRole('cell')
        .nth(1)
        .textContent(),
    );
  expect(await made()).toBeGreaterThan(2);
  await expectAccessible(page);
  await panel.getByRole('button', { name: 'Clear' }).click();
  await expect(panel.getByRole('row', { name: /^layers/ })).toHaveCount(0);
});
