import type { Pixels, ResolvedSheet } from '@kadrosyn/core';
import sharp from 'sharp';
import { drawSheet, sheetSize } from '../sheet/draw-sheet.js';
import type { RenderResources } from '../canvas/resources.js';
import { NODE_ENVIRONMENT } from './node-environment.js';

/** What a finished picture is written as. */
export interface PictureFormat {
  readonly type: 'png' | 'jpeg';
  /** 1 to 100, for JPEG. @default 92 */
  readonly quality?: number;
  /** px per inch written into the file. */
  readonly dpi?: number;
}

/** Draws a sheet at `scale` px per px of the sheet. */
export function renderSheet(sheet: ResolvedSheet, scale: number, resources: Omit<RenderResources, 'environment'>): Pixels {
  const { width, height } = sheetSize(sheet, scale);
  const { context } = NODE_ENVIRONMENT.createSurface(width, height);
  drawSheet(context, sheet, { scale, left: 0, top: 0 }, { ...resources, environment: NODE_ENVIRONMENT });
  return { width, height, data: context.getImageData(0, 0, width, height).data };
}

/** Writes pixels as a picture file. JPEG has no clear places: they become white. */
export async function encodePicture(pixels: Pixels, format: PictureFormat): Promise<Buffer> {
  const { width, height, data } = pixels;
  const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
  let image = sharp(bytes, { raw: { width, height, channels: 4 } });
  if (format.dpi) image = image.withMetadata({ density: format.dpi });
  return format.type === 'png'
    ? image.png({ compressionLevel: 6 }).toBuffer()
    : image
        .flatten({ background: '#ffffff' })
        .jpeg({ quality: format.quality ?? 92, chromaSubsampling: '4:4:4' })
        .toBuffer();
}
