import { isOpaque, tracePath, type Pixels } from '@kadrosyn/core';
import sharp from 'sharp';
import { clearImage, type PlacedImage } from './clear-image.js';
import type { Page, PagePart } from './out-format.js';

/** Puts a sheet into a file, px of it from where the file's origin is then. May be called again, for the same sheet once more: its pictures are in the file once. */
export type PreparedPage = () => void;

export interface PageOptions {
  /** 1 to 100, of pictures in which nothing is clear. */
  readonly quality: number;
  readonly pureGrey: boolean;
  /** Of the sheet within the file, each another: its pictures are named by it. */
  readonly name: string;
}

/** What the declared types leave out: an image that was opened may be put onto pages several times, and is in the file once. */
interface OpensImages {
  openImage(content: Buffer): PlacedImage;
}

/** Draws all parts of a sheet, once. */
export async function preparePage(file: PDFKit.PDFDocument, page: Page, options: PageOptions): Promise<PreparedPage> {
  const steps: PreparedPage[] = [];
  const label = (): string => `${options.name}P${steps.length}`;
  for await (const part of page.parts()) {
    if (part.kind === 'outline') steps.push(() => fillOutline(file, part, options.pureGrey));
    else steps.push(await pictureStep(file, part, { quality: options.quality, label: label() }));
  }
  return () => steps.forEach((step) => step());
}

function fillOutline(file: PDFKit.PDFDocument, part: Extract<PagePart, { kind: 'outline' }>, pureGrey: boolean): void {
  const { path, colour, opacity } = part;
  const alpha = colour.length > 7 ? parseInt(colour.slice(7, 9), 16) / 255 : 1;
  const [red, green, blue] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
  file.fillColor(colour.slice(0, 7), alpha * opacity);
  // After the colour of the library, which knows no grey: it sets its own anew before the next outline.
  if (pureGrey && red === green && green === blue) file.addContent(`${(red! / 255).toFixed(4)} g`);
  // Nothing may stand between an outline and its filling.
  tracePath(path, file);
  file.fill('non-zero');
}

async function pictureStep(
  file: PDFKit.PDFDocument,
  { pixels, at }: Extract<PagePart, { kind: 'picture' }>,
  { quality, label }: { readonly quality: number; readonly label: string },
): Promise<PreparedPage> {
  const { width, height } = pixels;
  const image = isOpaque(pixels)
    ? (file as unknown as OpensImages).openImage(await jpegFile(pixels, quality))
    : await clearImage(pixels, label);
  return () => void file.image(image as unknown as Buffer, at.x, at.y, { width, height });
}

function jpegFile({ width, height, data }: Pixels, quality: number): Promise<Buffer> {
  const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
  const raw = sharp(bytes, { raw: { width, height, channels: 4 } });
  return raw.removeAlpha().jpeg({ quality, chromaSubsampling: '4:4:4' }).toBuffer();
}
