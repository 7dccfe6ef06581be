import { Type } from 'typebox';
import { zipOf } from '../archive/zip-of.js';
import { onlyPage, type OutFormat, type Page, type PageLayer } from './out-format.js';
import { imageOf } from './raw-image.js';

/** px of the longest side of the small picture, as the standard has it. */
const THUMBNAIL = 256;
const MIME = 'image/openraster';

/** A layer with the file that its picture is in; no file where there is nothing on it. */
interface Stored {
  readonly layer: PageLayer;
  readonly inner: readonly Stored[];
  readonly at?: { x: number; y: number; file: string };
}

/**
 * OpenRaster (the baseline of its specification 0.0.5): an archive of a picture for each layer, the order of these with their names, strengths and ways of
 * mixing, the whole as one picture, and a small one.
 */
export const openRaster = {
  id: 'ora',
  extension: 'ora',
  mime: MIME,
  options: Type.Object({}),
  holdsSeveral: false,
  write: async (pages) => {
    const page = onlyPage(pages, 'layered');
    const files: [string, Uint8Array][] = [];
    const { layers, pixels } = await page.layers();
    const stored = await storedLayers(layers, page.dpi, files);
    const merged = imageOf(pixels(), page.dpi);
    const thumbnail = merged.clone().resize({ width: THUMBNAIL, height: THUMBNAIL, fit: 'inside', withoutEnlargement: true });
    // What it is comes first and unpacked, so that it is known without opening the archive.
    return zipOf([
      ['mimetype', bytesOf(MIME)],
      ['stack.xml', bytesOf(stackXml(page, stored))],
      ...files,
      ['mergedimage.png', await merged.png().toBuffer()],
      ['Thumbnails/thumbnail.png', await thumbnail.png().toBuffer()],
    ]);
  },
} as const satisfies OutFormat;

/** Draws layers one after the other, since all of them at once may be more than there is room for. @param files - gets the pictures */
async function storedLayers(layers: readonly PageLayer[], dpi: number, files: [string, Uint8Array][]): Promise<Stored[]> {
  const stored: Stored[] = [];
  for (const layer of layers) {
    if (layer.kind === 'stack') {
      stored.push({ layer, inner: await storedLayers(layer.layers, dpi, files) });
      continue;
    }
    const drawn = layer.draw();
    if (!drawn) continue;
    const file = `data/layer${files.length + 1}.png`;
    files.push([file, await imageOf(drawn.pixels, dpi).png().toBuffer()]);
    stored.push({ layer, inner: [], at: { ...drawn.at, file } });
  }
  return stored;
}

function stackXml({ size, dpi }: Page, layers: readonly Stored[]): string {
  const pixels = (side: number): number => Math.max(1, Math.round(side));
  const whole = { version: '0.0.5', w: pixels(size.width), h: pixels(size.height), xres: Math.round(dpi), yres: Math.round(dpi) };
  return `<?xml version="1.0" encoding="UTF-8"?>\n<image${attributes(whole)}>\n${stack({}, layers, 1)}</image>\n`;
}

/** In such files the layer in front comes first. */
function stack(own: Readonly<Record<string, string | number>>, layers: readonly Stored[], depth: number): string {
  const indent = '  '.repeat(depth);
  const inner = layers.toReversed().map((stored) => element(stored, depth + 1));
  return `${indent}<stack${attributes(own)}>\n${inner.join('')}${indent}</stack>\n`;
}

function element({ layer, inner, at }: Stored, depth: number): string {
  const { name, opacity, isHidden, blend } = layer;
  const laid = {
    name,
    opacity: Math.round(opacity * 1e4) / 1e4,
    visibility: isHidden ? 'hidden' : 'visible',
    'composite-op': blend === 'normal' ? 'svg:src-over' : `svg:${blend}`,
  };
  if (layer.kind === 'stack') return stack({ ...laid, isolation: 'isolate' }, inner, depth);
  return `${'  '.repeat(depth)}<layer${attributes({ ...laid, src: at!.file, x: at!.x, y: at!.y })}/>\n`;
}

function attributes(values: Readonly<Record<string, string | number>>): string {
  return Object.entries(values)
    .map(([name, value]) => ` ${name}="${escaped(String(value))}"`)
    .join('');
}

/** XML 1.0 has no room for most control characters, not even written as numbers. */
function escaped(text: string): string {
  return text
    .replace(/[\p{Cc}\ufffe\uffff]/gu, ' ')
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('"', '&quot;');
}

function bytesOf(text: string): Uint8Array {
  return new TextEncoder().encode(text);
}
