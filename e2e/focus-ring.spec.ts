import { Editor } from './support/editor.js';
import { expect, test, type Locator } from './support/test.js';

/** Whether a line of two px runs around an element. */
function ring(element: Locator): Promise<string> {
  return element.evaluate((at) => {
    const { outlineStyle, outlineWidth } = getComputedStyle(at);
    return `${outlineStyle} ${outlineWidth}`;
  });
}

test('what keys have reached is ringed: a tab, a tick, a slider, a field, a fold', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.open('Open kiln day');
  await editor.select('Heron');
  const { panel } = editor;
  await panel.getByRole('tab', { name: 'Fit' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  const tab = panel.getByRole('tab', { name: 'Finish' });
  await expect(tab).toBeFocused();
  expect(await ring(tab)).toBe('solid 2px');
  await page.keyboard.press('Enter');

  const tick = panel.getByRole('checkbox', { name: 'Outline', exact: true });
  await expect(tick).toBeVisible();
  const slider = panel.locator('ka-slider-field', { hasText: 'Width' }).first();
  const steps = [
    [tick, panel.locator('mat-checkbox', { hasText: 'Outline' }).locator('.mdc-checkbox__background')],
    [slider.getByRole('slider'), slider.locator('.mdc-slider__thumb-knob')],
    [panel.getByRole('button', { name: /^Tone of the photo/ }), panel.getByRole('button', { name: /^Tone of the photo/ })],
  ] as const;
  for (const [control, ringed] of steps) {
    expect(await ring(ringed)).toMatch(/^none/);
    await expect(async () => {
      await page.keyboard.press('Tab');
      await expect(control).toBeFocused({ timeout: 50 });
    }).toPass({ intervals: [0] });
    expect(await ring(ringed)).toBe('solid 2px');
  }
});
