import { inflateSync } from 'node:zlib';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { clearImage } from './clear-image.js';

/** What a file was given. */
interface Stream {
  readonly data: Readonly<Record<string, unknown>>;
  bytes?: Buffer;
}

/** Puts pixels into a file that only remembers. */
async function embedded(width: number, height: number, data: Uint8ClampedArray): Promise<Stream> {
  const streams: Stream[] = [];
  const file = {
    ref: (described: Stream['data']) => {
      const stream: Stream = { data: described };
      streams.push(stream);
      return { ...stream, end: (bytes: Buffer) => (stream.bytes = bytes), stream };
    },
  };
  const image = await clearImage({ width, height, data }, 'P1');
  image.embed(file as unknown as PDFKit.PDFDocument);
  expect(image).toMatchObject({ width, height, label: 'P1', obj: expect.anything() as unknown });
  expect(streams).toHaveLength(2);
  return streams[1]!;
}

it('pixels with their alpha are in a file as they are', async () => {
  const sizes = fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 }));
  const pictures = sizes.chain(([width, height]) =>
    fc.tuple(
      fc.constant(width),
      fc.constant(height),
      fc.uint8ClampedArray({ minLength: 4 * width * height, maxLength: 4 * width * height }),
    ),
  );
  await fc.assert(
    fc.asyncProperty(pictures, async ([width, height, data]) => {
      const { data: described, bytes } = await embedded(width, height, data);
      expect(described).toMatchObject({
        Width: width,
        Height: height,
        ColorSpace: 'DeviceRGB',
        DecodeParms: { Columns: width, Colors: 3 },
      });
      const mask = (described['SMask'] as { stream: Stream }).stream;
      expect(mask.data).toMatchObject({ Width: width, Height: height, ColorSpace: 'DeviceGray' });
      expect([...inflateSync(mask.bytes!)]).toEqual([...data].filter((_, index) => index % 4 === 3));
      const rows = inflateSync(bytes!);
      expect(rows.length).toBe(height * (1 + 3 * width));
      for (let y = 0; y < height; y++) {
        const row = rows.subarray(y * (1 + 3 * width), (y + 1) * (1 + 3 * width));
        // Rows are not filtered: what stands in them are the colours.
        expect(row[0]).toBe(0);
        const colours = [...data.subarray(4 * y * width, 4 * (y + 1) * width)].filter((_, index) => index % 4 !== 3);
        expect([...row.subarray(1)]).toEqual(colours);
      }
    }),
  );
});
