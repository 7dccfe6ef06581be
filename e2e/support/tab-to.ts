import type { Page } from '@playwright/test';

/** Goes on with Tab until something with this name has the focus. @throws Error that says what was passed, when nothing has it. */
export async function tabTo(page: Page, name: RegExp): Promise<void> {
  const seen: string[] = [];
  for (let time = 0; time < 120; time++) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const { activeElement } = document;
      const labelled = activeElement instanceof HTMLInputElement ? (activeElement.labels?.[0]?.innerText ?? '') : '';
      return (activeElement?.getAttribute('aria-label') ?? (labelled || activeElement?.textContent) ?? '').trim();
    });
    if (name.test(label)) return;
    seen.push(label.slice(0, 30));
  }
  throw new Error(`Tab does not reach ${String(name)}, only ${seen.join(' | ')}`);
}
