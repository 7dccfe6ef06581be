import type { APIRequestContext } from '@playwright/test';
import sharp from 'sharp';

/** A file as the desktop hands it over. */
export interface DesktopFile {
  readonly name: string;
  readonly type: string;
  readonly bytes: Buffer;
}

/** A made picture that no sample is: stripes in one hue with a light disc, different for each `seed`. */
export async function ownPhoto(name: string, seed: number, width = 1400, height = 1000): Promise<DesktopFile> {
  const hue = (seed * 67) % 360;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">
    <defs><pattern id="p" width="80" height="80" patternUnits="userSpaceOnUse" patternTransform="rotate(${20 + seed})">
      <rect width="80" height="80" fill="hsl(${hue} 45% 55%)"/><rect width="34" height="80" fill="hsl(${hue} 55% 35%)"/></pattern></defs>
    <rect width="100%" height="100%" fill="url(#p)"/><circle cx="62%" cy="40%" r="22%" fill="hsl(${hue} 30% 88%)"/></svg>`;
  const bytes = await sharp(Buffer.from(svg)).jpeg({ quality: 92 }).toBuffer();
  return { name: `${name}.jpg`, type: 'image/jpeg', bytes };
}

/** Takes photos out of the supplies again: journeys share them, and some of them go by which one is the newest. */
export async function removePhotos(request: APIRequestContext, names: readonly string[]): Promise<void> {
  const address = process.env['KADROSYN_ADDRESS']!;
  const { photos } = (await (await request.get(`${address}/api/photos`)).json()) as { photos: { id: string; name: string }[] };
  for (const { id, name } of photos) if (names.includes(name)) await request.delete(`${address}/api/photos/${id}`);
}
