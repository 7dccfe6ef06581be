import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { decodePhoto, decodeTurned } from './decode-photo.js';

const [WIDTH, HEIGHT] = [14, 9];
const noise = Buffer.from(Array.from({ length: WIDTH * HEIGHT * 3 }, (_, i) => (i * 97 + 31 * Math.floor(i / 7)) % 256));
const picture = () => sharp(noise, { raw: { width: WIDTH, height: HEIGHT, channels: 3 } });

describe('a photo that is stored turned', () => {
  it.each([2, 3, 4, 5, 6, 7, 8])('is upright when it is read in strips, as in one piece: %i', async (orientation) => {
    const bytes = await picture().withMetadata({ orientation }).jpeg({ quality: 90 }).toBuffer();
    const whole = await decodePhoto(bytes);
    expect([whole.width, whole.height]).toEqual(orientation >= 5 ? [HEIGHT, WIDTH] : [WIDTH, HEIGHT]);
    // Strips of two rows, the last of one.
    expect(await decodeTurned(bytes, { width: WIDTH, height: HEIGHT }, orientation, 2 * WIDTH)).toEqual(whole);
  });
});
