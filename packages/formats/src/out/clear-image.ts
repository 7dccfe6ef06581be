import { promisify } from 'node:util';
import { deflate } from 'node:zlib';
import { alphaOf, type Pixels } from '@kadrosyn/core';
import sharp from 'sharp';

const deflated = promisify<Uint8Array, Buffer>(deflate);

/** What pdfkit needs of an image that it has not opened itself: it is embedded when it is first put onto a page, and is in the file once. */
export interface PlacedImage {
  readonly width: number;
  readonly height: number;
  readonly label: string;
  obj: PDFKit.PDFKitReference | null;
  embed(file: PDFKit.PDFDocument): void;
}

/**
 * Pixels with their alpha for a PDF, lossless (ISO 32000-1, sections 7.4.4 and 11.6.5.2): the colours as the compressed rows of a PNG, the alpha as a soft mask. The library would unpack a PNG with alpha,
 * take it apart and pack it again, byte by byte.
 * @param label - names it on pages; each once in a file
 */
export async function clearImage(pixels: Pixels, label: string): Promise<PlacedImage> {
  const { width, height, data } = pixels;
  const raw = sharp(Buffer.from(data.buffer, data.byteOffset, data.byteLength), { raw: { width, height, channels: 4 } });
  const [colours, alpha] = await Promise.all([
    raw.removeAlpha().toColourspace('srgb').png({ compressionLevel: 6 }).toBuffer(),
    deflated(Uint8Array.from(alphaOf(pixels).data)),
  ]);
  const common = { Type: 'XObject', Subtype: 'Image', Width: width, Height: height, BitsPerComponent: 8, Filter: 'FlateDecode' };
  const image: PlacedImage = {
    ...{ width, height, label },
    obj: null,
    embed(file) {
      const mask = file.ref({ ...common, ColorSpace: 'DeviceGray', Decode: [0, 1] });
      mask.end(alpha);
      const rows = { Predictor: 15, Colors: 3, BitsPerComponent: 8, Columns: width };
      const picture = file.ref({ ...common, ColorSpace: 'DeviceRGB', DecodeParms: rows, SMask: mask });
      picture.end(compressedRows(colours));
      image.obj = picture;
    },
  };
  return image;
}

/** What stands in the IDAT chunks of a PNG, joined (PNG, third edition, section 11.2.3). */
function compressedRows(png: Buffer): Buffer {
  const parts: Buffer[] = [];
  for (let at = 8; at < png.length;) {
    const length = png.readUInt32BE(at);
    if (png.toString('latin1', at + 4, at + 8) === 'IDAT') parts.push(png.subarray(at + 8, at + 8 + length));
    at += length + 12;
  }
  return Buffer.concat(parts);
}
