import {
  areaOf,
  frontInto,
  inkInto,
  lightInto,
  meanScale,
  multiply,
  softenInto,
  type Opening,
  type PhotoArea,
  type PhotoFill,
  type Pixels,
} from '@kadrosyn/core';
import type { Drawing, Layer } from '../canvas/drawing.js';
import { developedExactly, keptPixels, photoToSheet, plainPixels, subjectPixelsIn } from '../photo/photo-pixels.js';
import { hostOf } from './host-edge.js';

/** Where an opening lies, and what is known of the surface there. */
interface Lying {
  readonly host: Opening;
  readonly fill: PhotoFill;
  readonly area: PhotoArea;
  /** How much of the light it takes. */
  readonly takes: number;
  /** It is ink, which covers so much of the surface; undefined for what is no ink. */
  readonly opaque: number | undefined;
  readonly isBehind: boolean;
}

function lyingOn(opening: Opening, drawing: Drawing): Lying | null {
  const host = hostOf(opening, drawing);
  if (host?.fill.type !== 'photo') return null;
  const { areaId, light = 1, behind = true, opaque } = opening.host!;
  const area = areaOf(drawing.resources.photos[host.fill.photoId], areaId);
  return area ? { host, fill: host.fill, area, takes: light, opaque, isBehind: behind } : null;
}

/**
 * Puts the light of the area onto all that an opening shows in it, and what stands in front of the area over that: with the host's tone, since it is the
 * host's photo.
 * @returns whether it is exact: nothing that is needed for it is still on its way
 */
export function lieOnSurface(layer: Layer, opening: Opening, drawing: Drawing): boolean {
  const lying = drawing.silhouette ? null : lyingOn(opening, drawing);
  const { surface, front } = lying?.area ?? {};
  if (!lying || (!surface && !(front && lying.isBehind))) return true;
  const { host, fill } = lying;
  const { context, bounds } = layer;
  const plate = surface ? platePixels(lying, layer, drawing) : null;
  const subject = front && lying.isBehind ? keptPixels(host, fill, front.matteSha256, bounds, drawing) : null;
  if (!plate && !subject) return false;
  const image = context.getImageData(0, 0, bounds.width, bounds.height);
  if (surface && plate) {
    const { fill: own, overhangs } = opening;
    // A figure that comes out is one, inside and outside.
    const upright = overhangs && own.type === 'photo' ? subjectPixelsIn(opening, own, bounds, drawing) : null;
    const { takes, opaque } = lying;
    if (opaque === undefined) lightInto(image, plate, { ...surface, takes }, upright);
    else {
      softenInto(image, softening(lying, drawing));
      inkInto(image, plate, { ...surface, takes, opaque });
    }
  }
  if (subject) frontInto(image, developedExactly(subject, host, fill, bounds, drawing));
  context.putImageData(image, 0, 0);
  return (plate !== null || !surface) && (subject !== null || !(front && lying.isBehind));
}

/** What px mixed from those they cover, and those from a picture, are blurred by: variance, px^2. */
const OWN_BLUR = 1 / 6;

/** The variance by which what is printed is sharper than the photo it is seen in, px^2. */
function softening({ host, fill, area }: Lying, drawing: Drawing): number {
  const toSheet = photoToSheet(host, fill, drawing);
  const blur = area.surface?.blur;
  return blur === undefined || !toSheet ? 0 : (blur * meanScale(multiply(drawing.view, toSheet))) ** 2 - OWN_BLUR;
}

/** Puts the light of the area onto what comes out of it, in place; shades lie on the surface only. */
export function standBefore(pixels: Pixels, opening: Opening, drawing: Drawing): void {
  const lying = drawing.silhouette ? null : lyingOn(opening, drawing);
  if (lying?.area.surface) lightInto(pixels, null, { ...lying.area.surface, takes: lying.takes });
}

/**
 * The surface by itself: the photo, and what is kept of the surface where something stands in front of it. Tones of the host do not change the light that
 * falls on it.
 */
function platePixels(lying: Lying, { bounds }: Layer, drawing: Drawing): Pixels | null {
  const { view, resources } = drawing;
  if (!resources.draft) return freshPlate(lying, bounds, drawing);
  // While something is moved on it the surface stays the same.
  const { a, b, c, d, e, f } = view;
  const { x, y, width, height } = bounds;
  const key = [a, b, c, d, e, f, x, y, width, height, resources.version].join(' ');
  const { area } = lying;
  const { placements } = drawing.sheet;
  const known = plates.get(lying.host);
  if (known?.key === key && known.area === area && known.placements === placements) return known.plate;
  const plate = freshPlate(lying, bounds, drawing);
  if (plate && resources.version !== undefined) plates.set(lying.host, { key, area, placements, plate });
  return plate;
}

/** The last surface that was seen in a draft, by host. It is only read. */
const plates = new WeakMap<Opening, KnownPlate>();

interface KnownPlate {
  readonly key: string;
  readonly area: PhotoArea;
  readonly placements: Drawing['sheet']['placements'];
  readonly plate: Pixels;
}

function freshPlate({ host, fill, area }: Lying, bounds: Layer['bounds'], drawing: Drawing): Pixels | null {
  const { front } = area;
  const photo = plainPixels(host, fill, bounds, drawing, 1);
  const carried = front && keptPixels(host, fill, front.plateSha256, bounds, drawing);
  if (!photo || carried === null) return null;
  if (carried) coverInto(photo, carried);
  return photo;
}

/** Lays pixels over others, in place. */
function coverInto({ data }: Pixels, above: Pixels): void {
  for (let i = 0; i < data.length; i += 4) {
    const share = above.data[i + 3]! / 255;
    if (share === 0) continue;
    for (let c = i; c < i + 3; c++) data[c] = data[c]! + (above.data[c]! - data[c]!) * share;
  }
}
