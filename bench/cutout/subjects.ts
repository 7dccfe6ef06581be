import { join } from 'node:path';
import sharp from 'sharp';
import { subjectPixels, type Pixels, type Plane } from '@kadrosyn/core';

/** A picture whose subject is known exactly. */
export interface KnownSubject {
  readonly name: string;
  /** Whether what lies behind the subject is one even surface, a place with other things, or leaves and the like around or in the subject. */
  readonly kind: 'plain' | 'scene' | 'clutter' | 'foliage';
  readonly photo: Pixels;
  readonly alpha: Plane;
}

/** The sample pictures as they are. */
const PICTURES: readonly (readonly [string, KnownSubject['kind']])[] = [
  ['agave-pot', 'foliage'],
  ['five-birds', 'foliage'],
  ['fox-shelf', 'scene'],
  ['hare-leap', 'scene'],
  ['heron-shore', 'foliage'],
  ['kite-tail', 'foliage'],
  ['mug-blank', 'plain'],
  ['potter-wheel', 'scene'],
  ['team-bowl', 'scene'],
  ['team-brush', 'scene'],
  ['team-knife', 'scene'],
  ['team-mug', 'scene'],
  ['teapot-pour', 'scene'],
  ['tote-blank', 'plain'],
];

/** Subjects put over other backdrops. */
const COMPOSED: readonly (readonly [string, string, KnownSubject['kind']])[] = [
  ['heron-shore', 'paper-backdrop', 'plain'],
  ['hare-leap', 'slate-backdrop', 'plain'],
  ['teapot-pour', 'paper-backdrop', 'plain'],
  ['team-mug', 'slate-backdrop', 'plain'],
  ['fox-shelf', 'paper-backdrop', 'plain'],
  ['hare-leap', 'stall', 'clutter'],
  ['fox-shelf', 'bowls-top', 'clutter'],
  ['heron-shore', 'window-room', 'clutter'],
  ['teapot-pour', 'vases-trio', 'clutter'],
  ['team-knife', 'stall', 'clutter'],
];

/** Reads the pictures one after the other, since each takes some megabytes. @param folder - with the pictures and `alpha` beside them. */
export async function* knownSubjects(folder: string): AsyncGenerator<KnownSubject> {
  for (const [name, kind] of PICTURES) yield { name, kind, ...(await pictureWithAlpha(folder, name)) };
  for (const [name, backdrop, kind] of COMPOSED) {
    const { photo, alpha } = await pictureWithAlpha(folder, name);
    yield { name: `${name} on ${backdrop}`, kind, photo: await over(folder, backdrop, subjectPixels(photo, alpha)), alpha };
  }
}

async function pictureWithAlpha(folder: string, name: string): Promise<{ photo: Pixels; alpha: Plane }> {
  const { data, info } = await sharp(join(folder, `${name}.jpg`))
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const { width, height } = info;
  const bytes = await sharp(join(folder, 'alpha', `${name}.alpha.png`))
    .extractChannel(0)
    .raw()
    .toBuffer();
  return {
    photo: { width, height, data: new Uint8ClampedArray(data.buffer, data.byteOffset, data.length) },
    alpha: { width, height, data: new Uint8Array(bytes) },
  };
}

async function over(folder: string, backdrop: string, { width, height, data }: Pixels): Promise<Pixels> {
  const below = await sharp(join(folder, `${backdrop}.jpg`))
    .resize(width, height, { fit: 'cover' })
    .ensureAlpha()
    .raw()
    .toBuffer();
  const out = new Uint8ClampedArray(below);
  for (let i = 0; i < out.length; i += 4) {
    const alpha = data[i + 3]! / 255;
    for (let c = 0; c < 3; c++) out[i + c] = data[i + c]! * alpha + out[i + c]! * (1 - alpha);
  }
  return { width, height, data: out };
}
