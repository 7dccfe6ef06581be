import { expect, type Locator } from '@playwright/test';

type Box = NonNullable<Awaited<ReturnType<Locator['boundingBox']>>>;

/** So many frames an element may go on moving. */
const PATIENCE = 200;

/**
 * Where an element stands on the page, in CSS pixels, once it is seen and stands still: one that is attached but not drawn yet has no box, and a
 * busy page shows where it was.
 */
export const boxOf = async (element: Locator): Promise<Box> => {
  await expect(element).toBeVisible();
  let before = await element.boundingBox();
  for (let frame = 0; frame < PATIENCE; frame++) {
    await element.page().evaluate(twoFrames);
    const now = await element.boundingBox();
    if (!now) throw new Error(`${String(element)} went away while it was looked at.`);
    if (before?.x === now.x && before.y === now.y && before.width === now.width && before.height === now.height) return now;
    before = now;
  }
  throw new Error(`${String(element)} does not come to rest.`);
};

function twoFrames(): Promise<void> {
  return new Promise((resolve) => {
    requestAnimationFrame(() => requestAnimationFrame(() => resolve()));
  });
}
