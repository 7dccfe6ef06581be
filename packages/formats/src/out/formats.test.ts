import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import type { Pixels } from '@kadrosyn/core';
import { OUT_FORMATS, writePages, type OutFormatId } from './formats.js';
import { picturePage } from './out-format.js';
import { photoTypeOf } from '../in/sniff.js';

const IDS = ['png', 'jpeg', 'webp'] as const satisfies readonly OutFormatId[];

/** A picture with a soft clear corner. */
function picture(width = 40, height = 30): Pixels {
  const data = new Uint8ClampedArray(4 * width * height);
  for (let i = 0; i < width * height; i++) {
    const [x, y] = [i % width, Math.floor(i / width)];
    data.set([x * 6, y * 8, 120, Math.min(255, (x + y) * 12)], 4 * i);
  }
  return { width, height, data };
}

const page = (pixels = picture(), dpi = 300) => picturePage(pixels, dpi);

describe('every format of one picture', () => {
  it.each(IDS)('%s says what it is, and what it writes is just that', async (id) => {
    const { id: own, mime, extension } = OUT_FORMATS[id];
    expect(own).toBe(id);
    const file = await writePages(id, [page()]);
    expect(photoTypeOf(file)).toBe(mime);
    const { width, height, density, exif, xmp, icc } = await sharp(file).metadata();
    expect([width, height]).toEqual([40, 30]);
    // 300 px per inch as a fraction of two whole numbers, as Exif has it.
    if (id === 'webp') expect(exif!.includes(Buffer.from([44, 1, 0, 0, 1, 0, 0, 0]))).toBe(true);
    else expect(density).toBe(300);
    // What its colours mean is said, by the profile of sRGB.
    expect(icc?.toString('latin1').replaceAll('\0', '')).toContain('sRGB');
    expect(mime).toBe(`image/${extension === 'jpg' ? 'jpeg' : extension}`);
    expect(exif?.toString('latin1') ?? '').not.toMatch(/GPS|Make|Artist/);
    expect(xmp).toBeUndefined();
  });

  it.each(IDS)('%s holds one page, drawn when it is written', async (id) => {
    let drawn = 0;
    const counted = { ...page(), pixels: () => (drawn++, picture()) };
    await writePages(id, [counted]);
    expect(drawn).toBe(1);
    await expect(async () => writePages(id, [])).rejects.toThrow(/holds one page, not 0/);
    await expect(async () => writePages(id, [counted, counted])).rejects.toThrow(/holds one page, not 2/);
    expect(drawn).toBe(1);
  });
});

describe('a file no larger than wanted', () => {
  const noise = (): Pixels => {
    const data = Uint8ClampedArray.from({ length: 4 * 200 * 150 }, (_, i) => (i % 4 === 3 ? 255 : (i * 7919) % 251));
    return { width: 200, height: 150, data };
  };

  it.each(['jpeg', 'webp'] as const)('has the best quality that is small enough, as %s', async (id) => {
    const write = (options: Readonly<Record<string, unknown>>) => writePages(id, [page(noise())], options);
    const mostBytes = (await write({ quality: 60 })).length;
    const found = await write({ mostBytes });
    expect(found.length).toBeLessThanOrEqual(mostBytes);
    expect(found).toEqual(await write({ quality: 60 }));
    expect((await write({ quality: 61 })).length).toBeGreaterThan(mostBytes);
    // Where the quality asked for is small enough, it is left.
    expect(await write({ quality: 50, mostBytes })).toEqual(await write({ quality: 50 }));
  });

  it('is refused with the size that the smallest has', async () => {
    const smallest = (await writePages('jpeg', [page(noise())], { quality: 1 })).length;
    await expect(writePages('jpeg', [page(noise())], { mostBytes: smallest - 1 })).rejects.toMatchObject({ bytes: smallest });
  });
});

describe('JPEG', () => {
  it.each([1, 60, 100])('is to the byte what sharp writes with a profile, at quality %i', async (quality) => {
    const { width, height, data } = picture();
    const own = sharp(Buffer.from(data.buffer), { raw: { width, height, channels: 4 } })
      .withMetadata({ density: 300 })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality, chromaSubsampling: '4:4:4' });
    expect(Buffer.from(await writePages('jpeg', [page()], { quality })).equals(await own.toBuffer())).toBe(true);
  });
});

describe('PNG', () => {
  it('has few colours where that is wanted, and white for what is clear', async () => {
    const many = picture(160, 120);
    const read = async (options: object) => {
      const file = await writePages('png', [page(many)], { ...options });
      return { bytes: file.length, ...(await sharp(file).metadata()) };
    };
    const [usual, few, white] = [await read({}), await read({ fewColours: true }), await read({ onWhite: true })];
    expect(few.bytes).toBeLessThan(usual.bytes);
    expect([usual.isPalette ?? false, few.isPalette]).toEqual([false, true]);
    expect([usual.hasAlpha, white.hasAlpha]).toEqual([true, false]);
  });

  it('keeps every px as it is, clear places too', async () => {
    const pixels = picture();
    const { data } = await sharp(await writePages('png', [page(pixels)]))
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(Buffer.compare(data, Buffer.from(pixels.data))).toBe(0);
  });
});

describe('JPEG', () => {
  it('has white in clear places', async () => {
    const clear = { width: 8, height: 8, data: new Uint8ClampedArray(256) };
    const { data, info } = await sharp(await writePages('jpeg', [page(clear)]))
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(info.channels).toBe(3);
    expect(data.every((value) => value === 255)).toBe(true);
  });

  it('is larger and nearer to the picture with more quality', async () => {
    const pixels = picture(160, 120);
    const at = (quality: number) => writePages('jpeg', [page(pixels)], { quality });
    const [low, usual, high] = await Promise.all([at(20), writePages('jpeg', [page(pixels)]), at(100)]);
    expect(low.length).toBeLessThan(usual.length);
    expect(usual.length).toBeLessThan(high.length);
    expect(await at(92)).toEqual(usual);
  });

  it.each([0, 101, 50.5, '80', null])('refuses %s as a quality', async (quality) => {
    await expect(async () => writePages('jpeg', [page()], { quality })).rejects.toThrow();
  });
});
