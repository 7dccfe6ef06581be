import {
  alphaOf,
  apply,
  boxMatrix,
  chain,
  cutoutFill,
  filledBounds,
  intersect,
  invert,
  isDeveloped,
  KEPT_IN,
  meanScale,
  multiply,
  openingsOf,
  overhangMask,
  overhangPieces,
  samplePlane,
  scaling,
  toWholePixels,
  transformBounds,
  translation,
  unite,
  type Bounds,
  type Matrix,
  type Opening,
  type OverhangPieces,
  type PhotoFill,
  type Pixels,
  type Plane,
  type Sheet,
} from '@kadrosyn/core';
import { drawLevel, drawMask } from './draft.js';
import { alphaOfLayer, lay, newLayer, type Drawing, type Layer } from './drawing.js';
import { putPixels } from './level-chain.js';
import { coverPath } from './ink.js';
import { once } from './once.js';
import { partPath } from './outline-paths.js';
import { levelMatrix, photoToSheet, subjectLevel, subjectPixelsIn } from './photo-pixels.js';
import { finishBand, shadeReach, shadowReach } from './reach.js';
import { drawShadow } from './shadow.js';
import { workingScale } from './working-size.js';

/** What is known of an opening's subject at working size. */
export interface SubjectPlan {
  readonly fill: PhotoFill;
  readonly overhang: OverhangPieces;
  /** The matte, and the inside of the opening or of all that share its photo. */
  readonly subject: Plane;
  readonly inside: Plane;
  /** Where the pieces that are out are drawn. */
  readonly mask: Plane;
  /** Where the subject is seen when it is shown whole: on its pieces that are out, and inside. */
  readonly shown: () => Plane;
  /** What the overhang covers, and what all of the subject covers where it is shown whole. Only crossings ask. */
  readonly tongueCover: () => Plane;
  readonly wholeCover: () => Plane;
  /** Px of the sheet to px of the planes. */
  readonly toPlane: Matrix;
  /** The subject's extent on the sheet, px of the sheet. */
  readonly extent: Bounds;
  readonly hasTongue: boolean;
}

interface Known {
  readonly key: readonly unknown[];
  readonly plan: SubjectPlan | null;
}

const plans = new WeakMap<Opening, Known>();

/** Pieces and mask of an opening's subject; null without a cutout at hand. Kept until opening, windows or level change. */
export function subjectPlan(opening: Opening, drawing: Drawing): SubjectPlan | null {
  const fill = cutoutFill(opening);
  const toSheet = fill && photoToSheet(opening, fill, drawing);
  if (!fill || !toSheet) return null;
  const scale = workingScale(drawing);
  const level = subjectLevel(fill, meanScale(toSheet) * scale, drawing);
  if (!level) return null;
  const windows = windowsOf(opening, fill, drawing.sheet);
  const key = [scale, level.pixels, toSheet.a, toSheet.b, toSheet.e, toSheet.f, ...windows];
  const known = plans.get(opening);
  if (known?.key.length === key.length && known.key.every((value, i) => value === key[i])) return known.plan;
  const plan = makePlan(opening, fill, toSheet, windows, scale, drawing);
  plans.set(opening, { key, plan });
  return plan;
}

/** The openings through which one placed photo is seen: the opening alone, or all that share its placement. */
function windowsOf(opening: Opening, fill: PhotoFill, sheet: Sheet): readonly Opening[] {
  if (typeof fill.placement !== 'string') return [opening];
  return [...openingsOf(sheet.items)].filter(
    (other) =>
      !other.hidden &&
      other.fill.type === 'photo' &&
      other.fill.placement === fill.placement &&
      other.fill.photoId === fill.photoId,
  );
}

function makePlan(
  opening: Opening,
  fill: PhotoFill,
  toSheet: Matrix,
  windows: readonly Opening[],
  scale: number,
  drawing: Drawing,
): SubjectPlan | null {
  const photo = drawing.resources.photos[fill.photoId]!;
  const { width, height } = drawing.sheet;
  const photoExtent = transformBounds(toSheet, { x: 0, y: 0, width: photo.width, height: photo.height });
  const extent = intersect(photoExtent, { x: 0, y: 0, width, height });
  if (!extent) return null;
  const area = toWholePixels(transformBounds(scaling(scale), extent), 2);
  const toPlane = multiply(translation(-area.x, -area.y), scaling(scale));
  const level = subjectLevel(fill, meanScale(toSheet) * scale, drawing)!;
  const toLevel = invert(chain(toPlane, toSheet, levelMatrix(level)));
  const subject = samplePlane(matteOf(level.pixels), toLevel, area.width, area.height);
  cutAway(subject, photoExtent, toPlane, toSheet, photo);
  const inside = insideOf(windows, toPlane, area, drawing);
  const { box, finish } = opening;
  const toBox = multiply(scaling(1 / box.width, 1 / box.height), invert(multiply(toPlane, boxMatrix(box))));
  const toPhoto = invert(multiply(toPlane, toSheet));
  const overhangs = opening.overhangs ?? KEPT_IN;
  const overhang = overhangPieces({ subject, inside, toPhoto, toBox, overhangs, sheetArea: width * height * scale * scale });
  const finishes = [finish, ...windows.map((window) => window.finish)];
  const band = Math.max(...finishes.map(finishBand)) * scale;
  const fade = 2 * Math.max(...finishes.map(shadeReach)) * scale;
  const hasTongue = overhang.pieces.some(({ out }) => out);
  const mask = overhangMask(overhang, subject, inside, band + 1.5, fade);
  const shown = once(() => ({ ...mask, data: mask.data.map((value, i) => Math.max(value, inside.data[i]!)) }));
  const tongueCover = once(() => covered(subject, mask));
  const wholeCover = once(() => covered(subject, shown()));
  return { fill, overhang, subject, inside, mask, shown, tongueCover, wholeCover, toPlane, extent, hasTongue };
}

function covered(subject: Plane, share: Plane): Plane {
  const data = new Uint8Array(subject.data.length);
  for (let i = 0; i < data.length; i++) data[i] = (subject.data[i]! * share.data[i]!) / 255;
  return { ...subject, data };
}

const mattes = new WeakMap<Pixels, Plane>();

function matteOf(pixels: Pixels): Plane {
  const known = mattes.get(pixels);
  if (known) return known;
  const matte = alphaOf(pixels);
  mattes.set(pixels, matte);
  return matte;
}

/** Sampling repeats the edge of a photo; beyond it there is no subject. */
function cutAway(
  subject: Plane,
  extent: Bounds,
  toPlane: Matrix,
  toSheet: Matrix,
  photo: { width: number; height: number },
): void {
  const toPhoto = invert(multiply(toPlane, toSheet));
  for (let y = 0, i = 0; y < subject.height; y++) {
    for (let x = 0; x < subject.width; x++, i++) {
      if (subject.data[i] === 0) continue;
      const p = apply(toPhoto, { x: x + 0.5, y: y + 0.5 });
      if (p.x < 0 || p.y < 0 || p.x > photo.width || p.y > photo.height) subject.data[i] = 0;
    }
  }
}

/** Coverage of the union of the windows. `bounds` is the place of the plane's px. */
function insideOf(windows: readonly Opening[], view: Matrix, bounds: Bounds, drawing: Drawing): Plane {
  const at = { x: 0, y: 0, width: bounds.width, height: bounds.height };
  const layer = newLayer(at, drawing.resources);
  const onPlane: Drawing = { ...drawing, view, clip: at };
  for (const window of windows) {
    coverPath(layer, window, partPath(window, undefined, drawing.resources.shaper).path, onPlane);
  }
  return alphaOfLayer(layer);
}

/** View px that the subject can touch, with the shadow of its overhang; null where nothing is. */
export function subjectBounds(opening: Opening, plan: SubjectPlan, drawing: Drawing): Bounds | null {
  const reach = (drawing.silhouette ? 0 : shadowReach(opening.overhangs?.shadow)) * meanScale(drawing.view);
  return intersect(toWholePixels(transformBounds(drawing.view, plan.extent), reach + 1), drawing.clip);
}

/**
 * The subject on a layer of its own: as *tongue* the pieces that are out, continued through the finish band; as *whole* also all of it inside
 * the opening, for places where it passes over something that covers its opening.
 * @param within - only this much is wanted, view px.
 */
export function subjectLayer(
  opening: Opening,
  plan: SubjectPlan,
  as: 'tongue' | 'whole',
  drawing: Drawing,
  within: Bounds = drawing.clip,
): Layer | null {
  const whole = subjectBounds(opening, plan, drawing);
  // What lies outside can still throw its shadow inside.
  const reach = (drawing.silhouette ? 0 : shadowReach(opening.overhangs?.shadow)) * meanScale(drawing.view);
  const wanted = whole && intersect(whole, toWholePixels(within, reach));
  const bounds = wanted && (as === 'tongue' ? tongueBounds(wanted, plan, opening, drawing) : wanted);
  if (!bounds) return null;
  const isQuick = drawing.resources.draft && !drawing.silhouette && !isDeveloped(plan.fill);
  if (isQuick) return quickLayer(opening, plan, as, bounds, drawing);
  const pixels = subjectPixelsIn(opening, plan.fill, bounds, drawing);
  if (!pixels) return null;
  const toPlane = chain(plan.toPlane, invert(drawing.view), translation(bounds.x, bounds.y));
  const mask = samplePlane(plan.mask, toPlane, bounds.width, bounds.height);
  const shadow = drawing.silhouette ? undefined : opening.overhangs?.shadow;
  const needsInside = as === 'whole' || shadow !== undefined;
  const windows = windowsOf(opening, plan.fill, drawing.sheet);
  const view = multiply(translation(-bounds.x, -bounds.y), drawing.view);
  const inside = needsInside ? insideOf(windows, view, bounds, drawing) : null;
  const silhouette = shadow ? alphaOf(pixels) : null;
  for (let i = 0, o = 3; i < mask.data.length; i++, o += 4) {
    const shown = as === 'whole' ? Math.max(mask.data[i]!, inside!.data[i]!) : mask.data[i]!;
    pixels.data[o] = (pixels.data[o]! * shown) / 255;
  }
  const layer = newLayer(bounds, drawing.resources);
  if (shadow && silhouette) drawShadow(layer, silhouette, shadow, drawing, inside!);
  const scratch = newLayer(bounds, drawing.resources);
  putPixels(scratch.context, pixels);
  lay(layer, scratch);
  return layer;
}

/** The same for a frame of a drag. */
function quickLayer(opening: Opening, plan: SubjectPlan, as: 'tongue' | 'whole', bounds: Bounds, drawing: Drawing): Layer | null {
  const toSheet = photoToSheet(opening, plan.fill, drawing);
  const level = toSheet && subjectLevel(plan.fill, meanScale(multiply(drawing.view, toSheet)), drawing);
  if (!level) return null;
  const subject = newLayer(bounds, drawing.resources);
  drawLevel(subject, level, toSheet, drawing);
  const { shadow } = opening.overhangs ?? {};
  const silhouette = shadow ? alphaOfLayer(subject) : null;
  drawMask(subject, as === 'tongue' ? plan.mask : plan.shown(), plan.toPlane, drawing, 'destination-in');
  if (!shadow || !silhouette) return subject;
  const under = newLayer(bounds, drawing.resources);
  const view = multiply(translation(-bounds.x, -bounds.y), drawing.view);
  const windows = windowsOf(opening, plan.fill, drawing.sheet);
  drawShadow(under, silhouette, shadow, drawing, insideOf(windows, view, bounds, drawing));
  lay(under, subject);
  return under;
}

/** The part of the bounds where the mask has anything, with room for the shadow. */
function tongueBounds(wanted: Bounds, plan: SubjectPlan, opening: Opening, drawing: Drawing): Bounds | null {
  const found = filledBounds(plan.mask);
  if (found.width === 0) return null;
  const onView = transformBounds(multiply(drawing.view, invert(plan.toPlane)), found);
  const reach = drawing.silhouette ? 0 : shadowReach(opening.overhangs?.shadow) * meanScale(drawing.view);
  return intersect(toWholePixels(onView, reach + 1), wanted);
}

/** View px that the overhang can touch, with its shadow; null where nothing is. */
export function overhangBounds(opening: Opening, plan: SubjectPlan, drawing: Drawing): Bounds | null {
  const whole = subjectBounds(opening, plan, drawing);
  return whole && tongueBounds(whole, plan, opening, drawing);
}

/** Everything an opening can touch, its subject included. */
export function uniteBounds(a: Bounds | null, b: Bounds | null): Bounds | null {
  return a && b ? unite(a, b) : (a ?? b);
}
