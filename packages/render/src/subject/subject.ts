import {
  alphaOf,
  chain,
  contactReach,
  filledBounds,
  intersect,
  invert,
  isDeveloped,
  meanScale,
  multiply,
  samplePlane,
  shadowReach,
  toWholePixels,
  transformBounds,
  translation,
  unite,
  type Bounds,
  type Opening,
  type Pixels,
  type Plane,
} from '@kadrosyn/core';
import { drawLevel, drawMask } from '../photo/draw-level.js';
import { alphaOfLayer, layAway, newLayer, type Drawing, type Layer } from '../canvas/drawing.js';
import { putPixels } from '../photo/level-chain.js';
import { standBefore } from '../opening/host-surface.js';
import { photoToSheet, subjectLevel, subjectPixelsIn } from '../photo/photo-pixels.js';
import { drawShadow, drawSoft } from '../finish/shadow.js';

import { insideOf, windowsOf, type SubjectPlan } from './subject-plan.js';
/** How far shadows of an overhang reach beyond it, px of the sheet. */
function castReach({ overhangs }: Opening, { silhouette }: Drawing): number {
  if (silhouette || !overhangs) return 0;
  return Math.max(shadowReach(overhangs.shadow), overhangs.contact ? contactReach(overhangs.contact.blur) : 0);
}

/** View px that the subject can touch, with the shadow of its overhang; null where nothing is. */
export function subjectBounds(opening: Opening, plan: SubjectPlan, drawing: Drawing): Bounds | null {
  const reach = castReach(opening, drawing) * meanScale(drawing.view);
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
  const reach = castReach(opening, drawing) * meanScale(drawing.view);
  const wanted = whole && intersect(whole, toWholePixels(within, reach));
  const bounds = wanted && (as === 'tongue' ? tongueBounds(wanted, plan, opening, drawing) : wanted);
  if (!bounds) return null;
  // What lies in an area takes its light.
  const isQuick = drawing.resources.draft && !drawing.silhouette && !isDeveloped(plan.fill) && !opening.host;
  if (isQuick) return quickLayer(opening, plan, as, bounds, drawing);
  const pixels = subjectPixelsIn(opening, plan.fill, bounds, drawing);
  if (!pixels) return null;
  standBefore(pixels, opening, drawing);
  const toPlane = chain(plan.toPlane, invert(drawing.view), translation(bounds.x, bounds.y));
  const mask = samplePlane(plan.mask, toPlane, bounds.width, bounds.height);
  const shadow = drawing.silhouette ? undefined : opening.overhangs?.shadow;
  const contact = drawing.silhouette ? null : plan.contact();
  const needsInside = as === 'whole' || shadow !== undefined || contact !== null;
  const windows = windowsOf(opening, plan.fill, drawing.sheet);
  const view = multiply(translation(-bounds.x, -bounds.y), drawing.view);
  const inside = needsInside ? insideOf(windows, view, bounds, drawing) : null;
  const seen = (i: number): number => Math.max(mask.data[i]!, inside!.data[i]!);
  // A piece that is kept in is not there, and casts nothing.
  const silhouette = shadow || contact ? shownOf(pixels, seen) : null;
  for (let i = 0, o = 3; i < mask.data.length; i++, o += 4) {
    const shown = as === 'whole' ? seen(i) : mask.data[i]!;
    pixels.data[o] = (pixels.data[o]! * shown) / 255;
  }
  const layer = newLayer(bounds, drawing.resources);
  if (shadow) drawShadow(layer, silhouette!, shadow, drawing, inside!);
  if (contact) drawContact(layer, contact, silhouette!, opening.overhangs!.contact!.strength, drawing);
  const scratch = newLayer(bounds, drawing.resources);
  putPixels(scratch.context, pixels);
  layAway(layer, scratch, drawing.resources);
  return layer;
}

/** What is seen of a subject. @param share - of each px, 0 to 255. */
function shownOf(pixels: Pixels, share: (i: number) => number): Plane {
  const plane = alphaOf(pixels);
  for (let i = 0; i < plane.data.length; i++) if (plane.data[i] !== 0) plane.data[i] = (plane.data[i]! * share(i)) / 255;
  return plane;
}

/** The shadow of the subject within its own opening; null where it has none, and in frames of a drag. */
export function shadowInside(opening: Opening, plan: SubjectPlan, drawing: Drawing, within: Bounds): Layer | null {
  const shadow = opening.overhangs?.shadow;
  const whole = shadow && !drawing.silhouette && !drawing.resources.draft ? subjectBounds(opening, plan, drawing) : null;
  // What lies outside of the part can still throw its shadow into it.
  const bounds = whole && intersect(whole, toWholePixels(within, shadowReach(shadow) * meanScale(drawing.view)));
  const pixels = bounds && subjectPixelsIn(opening, plan.fill, bounds, drawing);
  if (!shadow || !pixels) return null;
  const view = multiply(translation(-bounds.x, -bounds.y), drawing.view);
  const inside = insideOf(windowsOf(opening, plan.fill, drawing.sheet), view, bounds, drawing);
  const toPlane = chain(plan.toPlane, invert(drawing.view), translation(bounds.x, bounds.y));
  const mask = samplePlane(plan.mask, toPlane, bounds.width, bounds.height);
  const silhouette = shownOf(pixels, (i) => Math.max(mask.data[i]!, inside.data[i]!));
  const outside = { ...inside, data: inside.data.map((value) => 255 - value) };
  const layer = newLayer(bounds, drawing.resources);
  drawShadow(layer, silhouette, shadow, drawing, outside);
  return layer;
}

/** The dark under the feet, inside of the opening and outside: on all but the subject itself. */
function drawContact(
  layer: Layer,
  contact: NonNullable<ReturnType<SubjectPlan['contact']>>,
  silhouette: Plane,
  strength: number,
  drawing: Drawing,
): void {
  const { x, y, width, height } = layer.bounds;
  const soft = samplePlane(contact.plane, chain(contact.toContact, invert(drawing.view), translation(x, y)), width, height);
  for (let i = 0; i < soft.data.length; i++) {
    if (soft.data[i] !== 0) soft.data[i] = (soft.data[i]! * (255 - silhouette.data[i]!)) / 255;
  }
  drawSoft(layer, soft, strength, drawing);
}

/** The same for a frame of a drag. */
function quickLayer(opening: Opening, plan: SubjectPlan, as: 'tongue' | 'whole', bounds: Bounds, drawing: Drawing): Layer | null {
  const toSheet = photoToSheet(opening, plan.fill, drawing);
  const level = toSheet && subjectLevel(plan.fill, meanScale(multiply(drawing.view, toSheet)), drawing);
  if (!level) return null;
  const subject = newLayer(bounds, drawing.resources);
  drawLevel(subject, level, toSheet, drawing);
  const { shadow } = opening.overhangs ?? {};
  const contact = plan.contact();
  const casts = shadow !== undefined || contact !== null;
  if (casts || as === 'whole') drawMask(subject, plan.shown(), plan.toPlane, drawing, 'destination-in');
  const silhouette = casts ? alphaOfLayer(subject) : null;
  if (as === 'tongue') drawMask(subject, plan.mask, plan.toPlane, drawing, 'destination-in');
  if (!silhouette) return subject;
  const under = newLayer(bounds, drawing.resources);
  const view = multiply(translation(-bounds.x, -bounds.y), drawing.view);
  const windows = windowsOf(opening, plan.fill, drawing.sheet);
  const inside = insideOf(windows, view, bounds, drawing);
  if (shadow) drawShadow(under, silhouette, shadow, drawing, inside);
  if (contact) drawContact(under, contact, silhouette, opening.overhangs!.contact!.strength, drawing);
  layAway(under, subject, drawing.resources);
  return under;
}

/** The part of the bounds where the mask has anything, with room for the shadow. */
function tongueBounds(wanted: Bounds, plan: SubjectPlan, opening: Opening, drawing: Drawing): Bounds | null {
  const found = filledBounds(plan.mask);
  const contact = drawing.silhouette ? null : plan.contact();
  const bounds = [
    ...(found.width > 0 ? [transformBounds(invert(plan.toPlane), found)] : []),
    ...(contact ? [transformBounds(invert(contact.toContact), filledBounds(contact.plane))] : []),
  ];
  if (bounds.length === 0) return null;
  const onView = transformBounds(drawing.view, bounds.reduce(unite));
  const reach = castReach(opening, drawing) * meanScale(drawing.view);
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
