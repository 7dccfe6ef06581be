import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** The rules of axe that go by colours; all others find the same in light and dark. */
const OF_COLOURS = ['color-contrast', 'link-in-text-block'];

/** Expects that axe finds nothing on the page as it is: in light by all rules, in dark by those that go by colours. */
export async function expectAccessible(page: Page): Promise<void> {
  await inScheme(page, 'light');
  expect((await axe(page).analyze()).violations).toEqual([]);
  await inScheme(page, 'dark');
  expect((await axe(page).withRules(OF_COLOURS).analyze()).violations).toEqual([]);
  await inScheme(page, 'light');
}

/** The application has no frames, so that no second page is needed to put results together; what passes is not described. */
function axe(page: Page): AxeBuilder {
  return new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
}

/** Turns to a scheme, and ends what fades into its colours. */
async function inScheme(page: Page, colorScheme: 'light' | 'dark'): Promise<void> {
  await page.emulateMedia({ colorScheme });
  await page.evaluate((scheme) => {
    if (!matchMedia(`(prefers-color-scheme: ${scheme})`).matches) throw new Error(`The page is not ${scheme}`);
    for (const animation of document.getAnimations())
      if (animation.effect?.getComputedTiming().endTime !== Infinity) animation.finish();
  }, colorScheme);
}
