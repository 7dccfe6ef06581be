import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { takeIn } from '../dist/photos/intake.js';
import { readSent, UnreadableFile } from '../dist/unreadable-file.js';

const limits = { bytes: 1e6, pixels: 1e6, filesPerUpload: 1 };

describe('what fails while a file is taken in', () => {
  it('is about the file where a decoder says so', async () => {
    const whole = await sharp({ create: { width: 90, height: 90, channels: 3, background: '#a63' } })
      .png()
      .toBuffer();
    const taken = await takeIn(whole.subarray(0, whole.length - 30), limits);
    expect(taken).toMatchObject({ ok: false, refusal: { code: 'damaged' } });
    // What the decoder said is for the log.
    expect((taken as { cause?: string }).cause).toMatch(/Error/);
  });

  it('is a fault of ours where it comes later', async () => {
    const bytes = await sharp({ create: { width: 20, height: 20, channels: 3, background: '#a63' } })
      .png()
      .toBuffer();
    const spoilt = {
      get bytes(): number {
        return 1e6;
      },
      get pixels(): number {
        throw new TypeError('a fault of the program');
      },
      filesPerUpload: 1,
    };
    await expect(takeIn(bytes, spoilt)).rejects.toThrow('a fault of the program');
  });

  it('keeps what was thrown', async () => {
    const cause = new RangeError('out of bounds');
    await expect(
      readSent(() => {
        throw cause;
      }),
    ).rejects.toSatisfy((error: unknown) => error instanceof UnreadableFile && error.cause === cause);
    expect(await readSent(() => Promise.resolve(3))).toBe(3);
  });
});
