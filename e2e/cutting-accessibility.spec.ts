import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openedOn } from './support/cutout-view.js';

for (const scheme of ['light', 'dark'] as const) {
  test.describe(scheme, () => {
    test.use({ colorScheme: scheme });

    test(`axe finds nothing in the cutout view (${scheme})`, async ({ page }) => {
      const { view } = await openedOn(page, `Cutout scanned ${scheme}`, 'hare-leap', { width: 1600, height: 1200 });
      const scan = async (): Promise<void> => {
        expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
      };
      await scan();
      await view.draw([
        [320, 10],
        [1250, 730],
      ]);
      await view.settled();
      await view.tool('Brush');
      await scan();
    });
  });
}
