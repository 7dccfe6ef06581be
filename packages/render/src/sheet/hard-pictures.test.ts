import { existsSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { picturePage, writePages } from '@kadrosyn/formats';
import type { Pixels } from '@kadrosyn/core';
import { DrawnPicture, pictureNames } from '../../testing/pictures.js';
import { largestDifference } from '../../testing/node-scene.js';
import { renderSheet } from '../node/render-sheet.js';
import { resolved } from '../../testing/resolved.js';

const reference = (name: string): string => fileURLToPath(new URL(`../../fixtures/reference/${name}.png`, import.meta.url));

describe('hard pictures', () => {
  it('are at least fifteen', () => {
    expect(pictureNames.length).toBeGreaterThanOrEqual(15);
  });

  it.each(pictureNames)('%s is as in its reference picture', async (name) => {
    const { pixels } = new DrawnPicture(name);
    const file = reference(name);
    // A reference is made by hand: UPDATE_REFERENCES=1, and then looked at.
    if (process.env['UPDATE_REFERENCES'] || !existsSync(file)) {
      if (!process.env['UPDATE_REFERENCES']) throw new Error(`There is no reference picture ${name}`);
      await writeFile(file, await writePages('png', [picturePage(pixels, 72)]));
    }
    const { data, info } = await sharp(await readFile(file))
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const wanted: Pixels = { width: info.width, height: info.height, data: new Uint8ClampedArray(data) };
    expect(largestDifference(pixels, wanted)).toBeLessThanOrEqual(1);
  });
});

describe('a frame of a drag', () => {
  it.each(pictureNames)('%s shows nearly the same as the exact picture', (name) => {
    const picture = new DrawnPicture(name);
    const draft = renderSheet(resolved(picture.sheet), 1, { ...picture.resources, draft: true });
    let sum = 0;
    for (let i = 0; i < draft.data.length; i++) sum += Math.abs(draft.data[i]! - picture.pixels.data[i]!);
    expect(sum / draft.data.length).toBeLessThan(1.5);
  });
});
