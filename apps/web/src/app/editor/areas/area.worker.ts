import {
  areaAs,
  edgeMapOf,
  findAreas,
  findFolds,
  findSurface,
  keptPart,
  type AreaCandidate,
  type AreaForm,
  type EdgeMap,
  type AreaSurface,
  type ClothFolds,
  type FoundAt,
  type FoundFront,
  type FrontHints,
  type Pixels,
  type Point,
} from '@kadrosyn/core';
import { expose, transfer } from 'comlink';

/** What lies on an area and in front of it; the pictures are PNG files of the photo's size. */
export interface SeenSurface {
  readonly plain: AreaSurface | null;
  readonly front: { readonly matte: Uint8Array; readonly plate: Uint8Array } | null;
  /** Of cloth, px of the photo; null where they can not be read. */
  readonly folds: ClothFolds | null;
}

/** How large the photo is, in px, and how many of them are one px of what was sent. */
export interface FullSize {
  readonly width: number;
  readonly height: number;
  readonly scale: number;
}

/** The last photo that was looked at; the edges of another are found anew. */
let held: { readonly key: string; readonly pixels: Pixels; readonly map: EdgeMap } | null = null;

const finder = {
  /** Takes the pixels of a photo, unless it has them. */
  hold(key: string, pixels: Pixels): void {
    if (held?.key !== key) held = { key, pixels, map: edgeMapOf(pixels) };
  },
  /** Null where the pixels of another photo came in between. Points and forms are px of what was sent. */
  find(key: string, stroke: readonly Point[]): readonly AreaCandidate[] | null {
    return held?.key === key ? findAreas(held.pixels, held.map, stroke) : null;
  },
  as(key: string, found: FoundAt, type: AreaForm['type']): AreaForm | null {
    return held?.key === key ? areaAs(held.pixels, held.map, found, type) : null;
  },
  /** Looks at the surface of an area; null as above, or where it lies outside of the photo. */
  async see(key: string, form: AreaForm, hints: FrontHints, full: FullSize): Promise<SeenSurface | null> {
    const pixels = held?.key === key ? held.pixels : null;
    const found = pixels && findSurface(pixels, form, hints);
    if (!found) return null;
    const folds = form.type === 'cloth' ? findFolds(pixels, form) : null;
    const front = found.front && (await pictures(found.front, full));
    const seen = { plain: found.plain && inFull(found.plain, full), front, folds: folds && foldsInFull(folds, full) };
    return front ? transfer(seen, [front.matte.buffer, front.plate.buffer]) : seen;
  },
};
export type AreaWorker = typeof finder;

function inFull({ blur, ...rest }: AreaSurface, { scale }: FullSize): AreaSurface {
  return blur === undefined ? rest : { ...rest, blur: blur * scale };
}

function foldsInFull({ middle, rises }: ClothFolds, { scale }: FullSize): ClothFolds {
  return { middle: { x: middle.x * scale, y: middle.y * scale }, rises };
}

async function pictures({ at, subject, plate }: FoundFront, full: FullSize): Promise<NonNullable<SeenSurface['front']>> {
  return {
    matte: await pngOf(keptPart(subject, at, full.scale, full)),
    plate: await pngOf(keptPart(plate, at, full.scale, full)),
  };
}

/**
 * A PNG file of pixels. The browser's own way is ten times as quick as one in JavaScript; what it rounds, since it multiplies colours by their alpha, is less
 * than can be seen of them.
 */
async function pngOf({ width, height, data }: Pixels): Promise<Uint8Array> {
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  const image = context.createImageData(width, height);
  image.data.set(data);
  context.putImageData(image, 0, 0);
  const file = await canvas.convertToBlob({ type: 'image/png' });
  return new Uint8Array(await file.arrayBuffer());
}

expose(finder);
