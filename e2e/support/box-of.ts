import { expect, type Locator } from '@playwright/test';

type Box = NonNullable<Awaited<ReturnType<Locator['boundingBox']>>>;

/** Where an element stands on the page, in CSS pixels, as soon as it is seen: one that is attached but not drawn yet has no box. */
export const boxOf = async (element: Locator): Promise<Box> => {
  await expect(element).toBeVisible();
  const box = await element.boundingBox();
  if (!box) throw new Error(`${String(element)} went away while it was looked at.`);
  return box;
};
