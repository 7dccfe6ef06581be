import { isOpaque, tracePath, type Pixels } from '@kadrosyn/core';
import sharp from 'sharp';
import { Type } from 'typebox';
import { USUAL_QUALITY } from './jpeg.js';
import type { OutFormat, Page, PagePart } from './out-format.js';

const options = Type.Object({ quality: Type.Integer({ minimum: 1, maximum: 100, default: USUAL_QUALITY }) });

/**
 * PDF (ISO 32000-1), a page in its true size for each sheet. Outlines and letters stay outlines, sharp at any size; what needs px is a picture: a JPEG
 * of the quality asked for where nothing is clear, otherwise lossless with its alpha. No fonts are in it.
 */
export const pdf = {
  id: 'pdf',
  extension: 'pdf',
  mime: 'application/pdf',
  options,
  holdsSeveral: true,
  async write(pages, { quality }) {
    if (pages.length === 0) throw new RangeError('A PDF file holds at least one page');
    // Fetched when it is needed: every process that draws would load it otherwise.
    const { default: PDFDocument } = await import('pdfkit');
    // An empty font: without it a standard face is looked for that nothing is set in.
    const file = new PDFDocument({ autoFirstPage: false, font: '', pdfVersion: '1.7', displayTitle: true, info: info(pages) });
    const chunks: Buffer[] = [];
    const written = new Promise<Uint8Array>((resolve, reject) => {
      file.on('data', (chunk: Buffer) => chunks.push(chunk));
      file.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))));
      file.on('error', reject);
    });
    for (const page of pages) await addPage(file, page, quality);
    file.end();
    return written;
  },
} as const satisfies OutFormat<typeof options>;

function info(pages: readonly Page[]): PDFKit.DocumentInfo {
  const { title } = pages[0]!;
  return { Producer: 'Kadrosyn', Creator: 'Kadrosyn', ...(title ? { Title: title } : {}) };
}

async function addPage(file: PDFKit.PDFDocument, { dpi, size, parts }: Page, quality: number): Promise<void> {
  // A point is a 72nd of an inch.
  const points = 72 / dpi;
  const [width, height] = [size.width * points, size.height * points];
  file.addPage({ size: [width, height], margin: 0 });
  (file.page.dictionary.data as Record<string, unknown>)['TrimBox'] = [0, 0, width, height];
  file.scale(points);
  for (const part of parts()) {
    if (part.kind === 'outline') fillOutline(file, part);
    else await putPicture(file, part, quality);
  }
}

function fillOutline(file: PDFKit.PDFDocument, { path, colour, opacity }: Extract<PagePart, { kind: 'outline' }>): void {
  tracePath(path, file);
  const alpha = colour.length > 7 ? parseInt(colour.slice(7, 9), 16) / 255 : 1;
  file.fillColor(colour.slice(0, 7), alpha * opacity).fill('non-zero');
}

async function putPicture(
  file: PDFKit.PDFDocument,
  { pixels, at }: Extract<PagePart, { kind: 'picture' }>,
  quality: number,
): Promise<void> {
  file.image(await pictureFile(pixels, quality), at.x, at.y, { width: pixels.width, height: pixels.height });
}

function pictureFile(pixels: Pixels, quality: number): Promise<Buffer> {
  const { width, height, data } = pixels;
  const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
  const raw = sharp(bytes, { raw: { width, height, channels: 4 } });
  return isOpaque(pixels)
    ? raw.removeAlpha().jpeg({ quality, chromaSubsampling: '4:4:4' }).toBuffer()
    : raw.png({ compressionLevel: 6 }).toBuffer();
}
