import { Default, Parse } from 'typebox/value';
import { jpeg } from './jpeg.js';
import { openRaster } from './open-raster.js';
import type { OutFormat, Page } from './out-format.js';
import { pdf } from './pdf.js';
import { png } from './png.js';
import { webp } from './webp.js';

/** Every format that sheets are written as. */
export const OUT_FORMATS = { png, jpeg, webp, pdf, ora: openRaster } as const satisfies Readonly<Record<string, OutFormat>>;

export type OutFormatId = keyof typeof OUT_FORMATS;

/**
 * Writes pages as a file. @param options - those of the format; what is absent has its default.
 * @throws Error for an option beyond its bounds, and whatever the format throws.
 */
export function writePages(
  id: OutFormatId,
  pages: readonly Page[],
  options: Readonly<Record<string, unknown>> = {},
): Promise<Uint8Array> {
  // Each format takes its own options, which its schema has just checked.
  const format: OutFormat = OUT_FORMATS[id];
  return format.write(pages, Parse(format.options, Default(format.options, { ...options })));
}
