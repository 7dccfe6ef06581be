import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { photoTypeOf } from './sniff.js';
import { stripJpeg } from './strip-jpeg.js';
import { stripPng } from './strip-png.js';
import { stripWebp } from './strip-webp.js';

const PLACE = { IFD0: { Copyright: 'somebody' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } };

function picture() {
  const noise = Buffer.from(Array.from({ length: 40 * 30 * 3 }, (_, i) => (i * 37) % 256));
  return sharp(noise, { raw: { width: 40, height: 30, channels: 3 } });
}

async function pixelsOf(bytes: Buffer): Promise<Buffer> {
  return sharp(bytes).raw().toBuffer();
}

describe('pictures without their notes', () => {
  it('JPEG: the notes go, the pixels and the turn stay', async () => {
    const bytes = await picture().withExif(PLACE).withMetadata({ orientation: 6 }).jpeg().toBuffer();
    const clean = stripJpeg(bytes, 6, false);
    expect((await sharp(bytes).metadata()).exif).toBeDefined();
    const { orientation, exif } = await sharp(clean).metadata();
    expect(orientation).toBe(6);
    expect(exif!.toString('latin1')).not.toContain('somebody');
    expect(exif!.length).toBeLessThan(40);
    expect(await pixelsOf(clean)).toEqual(await pixelsOf(bytes));
    expect((await sharp(stripJpeg(bytes, 1, false)).metadata()).exif).toBeUndefined();
  });

  it('JPEG: other notes, further pictures and what stands behind the end go too', async () => {
    const whole = await picture().withMetadata({ orientation: 1 }).jpeg({ progressive: true }).toBuffer();
    const segment = (marker: number, text: string): Buffer => {
      const head = Buffer.from([0xff, marker, 0, 0]);
      head.writeUInt16BE(text.length + 2, 2);
      return Buffer.concat([head, Buffer.from(text, 'latin1')]);
    };
    const notes = [
      segment(0xe2, 'MPF\0secret one'),
      segment(0xec, 'secret two'),
      segment(0xed, 'secret three'),
      segment(0xfe, 'secret four'),
    ];
    const bytes = Buffer.concat([whole.subarray(0, 2), ...notes, whole.subarray(2), Buffer.from('secret five'), whole]);
    const clean = stripJpeg(bytes, 1, true);
    expect(clean.toString('latin1')).not.toContain('secret');
    expect(clean.indexOf(Buffer.from([0xff, 0xd9]))).toBe(clean.length - 2);
    expect(await pixelsOf(clean)).toEqual(await pixelsOf(whole));
  });

  it('JPEG: a colour profile stays only where it is wanted, and so does what names the transform of the colours', async () => {
    const bytes = await picture().toColourspace('cmyk').withIccProfile('cmyk').jpeg().toBuffer();
    expect(bytes.includes('ICC_PROFILE')).toBe(true);
    expect(stripJpeg(bytes, 1, true).includes('ICC_PROFILE')).toBe(true);
    expect(stripJpeg(bytes, 1, false).includes('ICC_PROFILE')).toBe(false);
    const app14 = Buffer.from([0xff, 0xee]);
    expect(stripJpeg(bytes, 1, false).includes(app14)).toBe(bytes.includes(app14));
  });

  it('PNG: text and EXIF go', async () => {
    const bytes = await picture().withExif(PLACE).png().toBuffer();
    const clean = stripPng(bytes, false);
    expect(bytes.includes('eXIf')).toBe(true);
    expect(clean.includes('eXIf')).toBe(false);
    expect(await pixelsOf(clean)).toEqual(await pixelsOf(bytes));
  });

  it('WebP: EXIF and XMP go, with their announcement', async () => {
    const bytes = await picture().withExif(PLACE).webp({ lossless: true }).toBuffer();
    const clean = stripWebp(bytes);
    expect(bytes.includes('EXIF')).toBe(true);
    expect(clean.includes('EXIF')).toBe(false);
    expect((await sharp(clean).metadata()).exif).toBeUndefined();
    expect(await pixelsOf(clean)).toEqual(await pixelsOf(bytes));
  });

  it('refuse files that do not hold together', async () => {
    const jpeg = await picture().jpeg().toBuffer();
    expect(() => stripJpeg(jpeg.subarray(0, 100), 1, false)).toThrow(RangeError);
    expect(() => stripJpeg(Buffer.concat([jpeg.subarray(0, 2), Buffer.alloc(50)]), 1, false)).toThrow(RangeError);
    const png = await picture().png().toBuffer();
    expect(() => stripPng(png.subarray(0, 60), false)).toThrow(RangeError);
    const webp = await picture().webp().toBuffer();
    expect(() => stripWebp(webp.subarray(0, 60))).toThrow(RangeError);
  });
});

describe('what a file is', () => {
  it('is told by its content', async () => {
    expect(photoTypeOf(await picture().jpeg().toBuffer())).toBe('image/jpeg');
    expect(photoTypeOf(await picture().png().toBuffer())).toBe('image/png');
    expect(photoTypeOf(await picture().webp().toBuffer())).toBe('image/webp');
    expect(photoTypeOf(await picture().gif().toBuffer())).toBeNull();
    expect(photoTypeOf(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'))).toBeNull();
    expect(photoTypeOf(Buffer.alloc(0))).toBeNull();
  });
});
