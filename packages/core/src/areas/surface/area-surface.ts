import { subjectPixels } from '../../cutout/edge-colour.js';
import type { AreaSurface, CutoutMark } from '../../document/project.js';
import { encodedLight, LINEAR } from '../../finish/contrast.js';
import { filledBounds, type Plane } from '../../finish/plane.js';
import { intersect, type Bounds } from '../../geometry/bounds.js';
import type { Pixels } from '../../photo/pixels.js';
import type { AreaForm } from '../area-form.js';
import { cropArea, type AreaCrop, type Light } from './area-crop.js';
import { BAND, cleanPlate, frontMatte, type CleanPlate } from './front-matte.js';
import { standingInFront, toldApart } from './in-front.js';
import { FRONT, joinedMattes, NOT_FRONT, saidOf } from './marked-front.js';
import { edgeBlur } from './edge-blur.js';
import { partOf, partOfCrop, partOfLight } from './part-of-crop.js';
import { surfaceModel } from './surface-model.js';

/** Light of the three primaries, 0 to 1. */
export type LightColour = readonly [number, number, number];

/** What is known of the surface of an area, and of what stands in front of it. */
export interface FoundSurface {
  /** Where it is plain: its own colour in the photo's light, and the colour of that light on something white. */
  readonly plain: AreaSurface | null;
  /** Null where nothing stands in front. */
  readonly front: FoundFront | null;
}

/** What stands in front of an area, at a place of the photo. */
export interface FoundFront {
  /** px of the photo. */
  readonly at: Bounds;
  /** With its own colours; alpha says how much of each px it is. */
  readonly subject: Pixels;
  /** The surface as it would be without it, where that is not as the photo has it; alpha is `CARRIED` there and 0 elsewhere. */
  readonly plate: Pixels;
}

/** Nearly opaque: a px that is not the photo's own. Full alpha says of kept pictures that it is. */
export const CARRIED = 254;
/** px around what is in front that are looked at. */
const ROOM = BAND + 20;

/** What a person says, and what is known already, of what stands in front. */
export interface FrontHints {
  /** *Keep* says that it is in front, *leave-out* that it is not; px of the photo. */
  readonly marks?: readonly CutoutMark[];
  /** Mattes of the photo's cutouts that stand in front, of the photo's size. */
  readonly cutouts?: readonly Plane[];
}

/**
 * Looks at the surface that an area shows: its colour, how much light falls where, and what stands in front of it.
 * @returns null where the area lies outside of the photo
 */
export function findSurface(photo: Pixels, form: AreaForm, { marks = [], cutouts = [] }: FrontHints = {}): FoundSurface | null {
  const crop = cropArea(photo, form);
  if (!crop) return null;
  const model = surfaceModel(crop);
  const base = model && middleOf(model, crop);
  const plain = base && { base, light: lightOn(photo, base), ...softness(photo, crop) };
  const told = model && toldApart(crop, model);
  const core = told ? standingInFront(crop, told.otherness) : new Uint8Array(crop.depth.length);
  const known = joinedMattes(cutouts, crop);
  const said = saidOf(marks, crop);
  for (let i = 0; i < core.length; i++) {
    if (said[i]! > 0) core[i] = said[i] === FRONT ? 1 : 0;
    if (crop.depth[i] !== 0) continue;
    core[i] = 0;
    if (known) known[i] = 0;
  }
  const all = known ? core.map((value, i) => (known[i]! >= 128 ? 1 : value)) : core;
  const seen = around(all, crop);
  if (!seen) return { plain, front: null };
  const cut = <T extends Float32Array | Uint8Array>(plane: T): T => partOf(plane, crop.width, seen);
  const part = partOfCrop(crop, seen);
  const surface = model && told ? { model: partOfLight(model, crop.width, seen), shade: cut(told.shade) } : null;
  const partCore = cut(core);
  const plate = cleanPlate(part, cut(all), surface);
  const matte = frontMatte(part, plate.light, partCore);
  const [partKnown, partSaid] = [known && cut(known), cut(said)];
  for (let i = 0; i < matte.data.length; i++) {
    if (partKnown) matte.data[i] = Math.max(matte.data[i]!, partKnown[i]!);
    if (partSaid[i] === FRONT) matte.data[i] = 255;
    if (partSaid[i] === NOT_FRONT) matte.data[i] = 0;
  }
  const at = { x: part.x, y: part.y, width: part.width, height: part.height };
  const own = pixelsIn(photo, at);
  return { plain, front: { at, subject: subjectPixels(own, matte), plate: platePixels(at, plate) } };
}

/** Edges that lie as near to an area as this share of its longer side are as soft as what is put there would be. */
const NEARBY = 0.15;

function softness(photo: Pixels, { x, y, width, height }: AreaCrop): Pick<AreaSurface, 'blur'> {
  const room = NEARBY * Math.max(width, height);
  const blur = edgeBlur(photo, { x: x - room, y: y - room, width: width + 2 * room, height: height + 2 * room });
  return blur === null ? {} : { blur };
}

/** What is not 0, with room around it; null where all is. */
function around(core: Uint8Array, { width, height }: AreaCrop): Bounds | null {
  const { x, y, ...size } = filledBounds({ width, height, data: core });
  if (size.width === 0) return null;
  const grown = { x: x - ROOM, y: y - ROOM, width: size.width + 2 * ROOM, height: size.height + 2 * ROOM };
  return intersect(grown, { x: 0, y: 0, width, height });
}

/** The middle light of a surface. @param model - its logarithms */
function middleOf(model: Light, { depth }: AreaCrop): LightColour {
  const within: number[] = [];
  for (let i = 0; i < depth.length; i++) if (depth[i]! > 0) within.push(i);
  const step = Math.max(1, Math.floor(within.length / 2000));
  const some = within.filter((_, i) => i % step === 0);
  return model.map((plane) => {
    const values = some.map((i) => plane[i]!).sort((a, b) => a - b);
    return rounded(Math.min(1, Math.exp(values[values.length >> 1]!)));
  }) as unknown as LightColour;
}

/** A surface that is so light, and whose primaries differ by no more than this factor, is white in the light that it lies in. */
const [WHITE, TINT] = [0.35, 1.5];
/** Of a photo whose surface is not white, the lightest but one of a hundred px shows its light. */
const LIGHTEST = 0.99;

/** The colour of the light that falls on a surface: what something white would have there. */
function lightOn(photo: Pixels, base: LightColour): LightColour {
  if (luminance(base) >= WHITE && Math.max(...base) <= TINT * Math.min(...base)) return base;
  const counts = [0, 1, 2].map(() => new Uint32Array(256));
  for (let i = 0; i < photo.data.length; i += 16) for (let c = 0; c < 3; c++) counts[c]![photo.data[i + c]!]!++;
  return counts.map((of) => {
    const total = of.reduce((sum, count) => sum + count, 0);
    let [value, below] = [0, of[0]!];
    while (value < 255 && below < LIGHTEST * total) below += of[++value]!;
    return rounded(LINEAR[value]!);
  }) as unknown as LightColour;
}

/** As it is kept: finer is lost in px. */
function rounded(light: number): number {
  return Math.round(light * 1e4) / 1e4;
}

/** Of light of the sRGB primaries. */
export function luminance([r, g, b]: LightColour): number {
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function pixelsIn(photo: Pixels, { x, y, width, height }: Bounds): Pixels {
  const data = new Uint8ClampedArray(4 * width * height);
  for (let row = 0; row < height; row++) {
    const from = 4 * ((y + row) * photo.width + x);
    data.set(photo.data.subarray(from, from + 4 * width), 4 * row * width);
  }
  return { width, height, data };
}

function platePixels({ width, height }: Bounds, { light, isOwn }: CleanPlate): Pixels {
  const data = new Uint8ClampedArray(4 * width * height);
  for (let i = 0, o = 0; i < isOwn.length; i++, o += 4) {
    if (isOwn[i] === 1) continue;
    for (let c = 0; c < 3; c++) data[o + c] = encodedLight(light[c]![i]!);
    data[o + 3] = CARRIED;
  }
  return { width, height, data };
}
