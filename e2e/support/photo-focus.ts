import type { APIRequestContext } from '@playwright/test';

interface Focused {
  readonly id: string;
  readonly focus?: object;
}

/** What the photos of the supplies are about, by their names. */
export async function focusOf(request: APIRequestContext, names: readonly string[]): Promise<readonly Focused[]> {
  const address = process.env['KADROSYN_ADDRESS']!;
  const { photos } = (await (await request.get(`${address}/api/photos`)).json()) as { photos: (Focused & { name: string })[] };
  return photos.filter(({ name }) => names.includes(name));
}

/** Puts it back: a cutout changes it, and other journeys fit the same photos by it. */
export async function restoreFocus(request: APIRequestContext, photos: readonly Focused[]): Promise<void> {
  const address = process.env['KADROSYN_ADDRESS']!;
  for (const { id, focus } of photos) if (focus) await request.patch(`${address}/api/photos/${id}`, { data: { focus } });
}
