import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import type { DesktopFile } from './own-photos.js';

const file = (name: string): string => fileURLToPath(new URL(`../../demo/pictures/${name}`, import.meta.url));

/** Where a subject stands in a photo: its left and upper edge and its height, px of the photo. */
export interface Standing {
  readonly left: number;
  readonly top: number;
  readonly height: number;
}

/** A sample photo as if the subject of another stood in front of it, by its exact coverage. */
export async function standingInFront(
  name: string,
  photo: string,
  subject: string,
  { left, top, height }: Standing,
): Promise<DesktopFile> {
  const { data, info } = await sharp(file(`${subject}.jpg`))
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const alpha = await sharp(file(`alpha/${subject}.alpha.png`))
    .extractChannel(0)
    .raw()
    .toBuffer();
  alpha.forEach((value, i) => {
    data[4 * i + 3] = value;
  });
  const raw = { width: info.width, height: info.height, channels: 4 } as const;
  const cut = await sharp(data, { raw }).png().toBuffer();
  const trimmed = await sharp(cut).trim({ background: '#00000000', threshold: 1 }).toBuffer();
  const small = await sharp(trimmed).resize({ height }).png().toBuffer();
  const bytes = await sharp(await readFile(file(`${photo}.jpg`)))
    .composite([{ input: small, left, top }])
    .jpeg({ quality: 95, chromaSubsampling: '4:4:4' })
    .toBuffer();
  return { name: `${name}.jpg`, type: 'image/jpeg', bytes };
}
