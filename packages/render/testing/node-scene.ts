import { fileURLToPath } from 'node:url';
import {
  fillWithPhoto,
  newProject,
  newShapedOpening,
  type Fill,
  type Item,
  type Opening,
  type Outline,
  type Photo,
  type Pixels,
  type Sheet,
  type Shaper,
} from '@kadrosyn/core';
import { DecodedPhotoSource, type RenderResources } from '../src/index.js';
import { loadShaperFrom, NODE_ENVIRONMENT, renderSheet } from '../src/node/index.js';
import { resolved } from './resolved.js';

const shaper: Shaper = await loadShaperFrom(fileURLToPath(new URL('../../../build/faces', import.meta.url)));

/** A picture whose colour tells where a pixel lies: red grows to the right, green downwards. */
export function mapPixels(width: number, height: number, alpha = 255): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) data.set([(x * 255) / width, (y * 255) / height, 128, alpha], (y * width + x) * 4);
  }
  return { width, height, data };
}

/** A sheet with its photos, drawn in Node. */
export class Scene {
  readonly photos: Record<string, Photo> = {};
  readonly source = new DecodedPhotoSource(NODE_ENVIRONMENT);
  private readonly empty: Sheet;

  constructor(
    readonly width: number,
    readonly height: number,
  ) {
    const [sheet] = newProject('Scene', { width, height, unit: 'px' }).sheets;
    this.empty = { ...sheet!, id: 'sheet' };
  }

  photo(id: string, pixels: Pixels): Photo {
    const photo: Photo = { id, sha256: 'd'.repeat(64), name: id, width: pixels.width, height: pixels.height };
    this.photos[id] = photo;
    this.source.add(id, pixels);
    return photo;
  }

  opening(id: string, outline: Outline, x: number, y: number, width: number, height: number, fill: Fill): Opening {
    return { ...newShapedOpening(id, outline, { x: x + width / 2, y: y + height / 2 }, width, height), id, fill };
  }

  /** The opening with the photo fitted into it. */
  filled(opening: Opening, photo: Photo): Opening {
    return { ...opening, fill: fillWithPhoto(opening, photo, shaper) };
  }

  sheet(items: readonly Item[], change: Partial<Sheet> = {}): Sheet {
    return { ...this.empty, items, ...change };
  }

  get resources(): RenderResources {
    return { environment: NODE_ENVIRONMENT, photos: this.photos, source: this.source, shaper };
  }

  render(sheet: Sheet, scale = 1): Pixels {
    return renderSheet(resolved(sheet), scale, this.resources);
  }
}

/** RGBA of one pixel. */
export function pixelAt(pixels: Pixels, x: number, y: number): number[] {
  return [...pixels.data.subarray((y * pixels.width + x) * 4, (y * pixels.width + x) * 4 + 4)];
}

/** The largest difference of any channel, within a rectangle where one is given. */
export function largestDifference(a: Pixels, b: Pixels, where?: (x: number, y: number) => boolean): number {
  if (a.width !== b.width || a.height !== b.height) return Infinity;
  let largest = 0;
  for (let i = 0; i < a.data.length; i++) {
    if (where && !where((i >> 2) % a.width, Math.floor((i >> 2) / a.width))) continue;
    largest = Math.max(largest, Math.abs(a.data[i]! - b.data[i]!));
  }
  return largest;
}
