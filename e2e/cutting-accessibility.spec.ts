import { expectAccessible } from './support/accessible.js';
import { openedOn } from './support/cutout-view.js';
import { test } from './support/test.js';

test('axe finds nothing in the cutout view', async ({ page }) => {
  const { view } = await openedOn(page, 'Cutout scanned', 'hare-leap', { width: 1600, height: 1200 });
  await expectAccessible(page);
  await view.draw([
    [320, 10],
    [1250, 730],
  ]);
  await view.settled();
  await view.tool('Brush');
  await expectAccessible(page);
});
