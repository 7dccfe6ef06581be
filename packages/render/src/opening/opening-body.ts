import { drawShades, drawSubjectShades } from '../finish/draw-shades.js';
import { drawFormAbove, drawFormBelow } from '../finish/form-drawers.js';
import { fillsSolidly } from '../fill/solid-fill.js';
import {
  boxMatrix,
  developReach,
  EFFECTS,
  finishReach,
  hasFinish,
  insideReach,
  intersect,
  meanScale,
  multiply,
  shadowsOf,
  toWholePixels,
  transformBounds,
  unite,
  type Bounds,
  type Opening,
  type PhotoFill,
} from '@kadrosyn/core';
import { drawFewer } from '../photo/developed-photo.js';
import { clipTo } from '../photo/draw-level.js';
import { drawOutline, drawSilhouetteOutline } from '../finish/draw-outline.js';
import { lay, newLayer, type Drawing, type Layer, type Made, type Target } from '../canvas/drawing.js';
import { boxOnTarget } from '../fill/ink.js';
import type { Inputs } from '../kept/inputs.js';
import { partPath } from '../outline/outline-paths.js';
import { WAITING } from '../fill/paint.js';
import { drawShadowsOf } from '../finish/shadow.js';
import { finishInputs } from '../finish/finish-inputs.js';
import { drawFill } from './draw-fill.js';
import { cutByHost, hostInputs, surfaceInputs } from './host-edge.js';
import { lieOnSurface } from './host-surface.js';
import { inputsOf } from './kept-layer.js';

/** The view px that an opening, or one letter of it, can touch with its finish; null where that is nothing. */
export function bodyBounds(opening: Opening, letterId: string | undefined, drawing: Drawing): Bounds | null {
  const bounds = shapeBounds(opening, letterId, drawing);
  const scale = meanScale(drawing.view);
  const reach = finishReach(opening.finish, !drawing.silhouette) * scale;
  const onView = transformBounds(multiply(drawing.view, boxMatrix(opening.box)), bounds);
  // What lies beyond the clip can still throw its shadow into it, and be what a shade or a blur within it depends on.
  const looked = drawing.silhouette ? 0 : lookedAround(opening) * scale;
  return intersect(toWholePixels(onView, reach + 1), toWholePixels(drawing.clip, Math.max(reach, looked)));
}

/** How far inner shade and photo look around each px of them, px of the sheet. */
function lookedAround({ finish, fill }: Opening): number {
  return Math.max(insideReach(finish), fill.type === 'photo' ? developReach(fill) : 0);
}

/** What the outline holds; a drawing fills its whole box, whatever it is taken hold of by. */
function shapeBounds(opening: Opening, letterId: string | undefined, drawing: Drawing): Bounds {
  const { bounds } = partPath(opening, letterId, drawing.resources.shaper);
  if (opening.fill.type !== 'drawing') return bounds;
  const { width, height } = opening.box;
  return unite(bounds, { x: 0, y: 0, width, height });
}

/** Fill, inner shade, rim and outline over their shadow, on a layer of their own at full strength. */
export function bodyLayer(opening: Opening, letterId: string | undefined, drawing: Drawing): Made | null {
  const bounds = bodyBounds(opening, letterId, drawing);
  if (!bounds) return null;
  if (!hasFinish(opening.finish, 'below') || drawing.silhouette) return unshadowedLayer(opening, letterId, bounds, drawing);
  const under = newLayer(bounds, drawing.resources);
  return { layer: under, exact: layShadowed(under, bounds, opening, letterId, drawing) };
}

/** What of a letter lies above all that the word lays below itself: fill, inner shade, rim, and an outline that is not outside. */
export function faceLayer(opening: Opening, letterId: string | undefined, drawing: Drawing): Made | null {
  const bounds = bodyBounds(opening, letterId, drawing);
  const { outline, ...finish } = opening.finish;
  return bounds && unshadowedLayer(outline?.align === 'outside' ? { ...opening, finish } : opening, letterId, bounds, drawing);
}

/** Draws the outline outside of one letter, or of all, onto a layer. @returns whether it is exact. */
export function outsideOutline(layer: Layer, opening: Opening, letterId: string | undefined, drawing: Drawing): boolean {
  const { fill } = opening;
  const { path } = partPath(opening, letterId, drawing.resources.shaper);
  if (fill.type === 'photo' && fill.show === 'subject') {
    const part = newLayer(layer.bounds, drawing.resources);
    const exact = drawFill({ layer: part, opening, letterId, path, drawing }, true);
    drawSilhouetteOutline(layer, part, opening, drawing);
    return exact;
  }
  // Beneath what is not solid it would be seen through any letter of the word.
  const word = fillsSolidly(opening, drawing) ? null : partPath(opening, undefined, drawing.resources.shaper).path;
  drawOutline(layer, opening, path, word, drawing);
  return true;
}

/** Lays the shadow and what casts it onto a target. @returns whether it is exact. */
export function layShadowed(
  target: Target,
  bounds: Bounds,
  opening: Opening,
  letterId: string | undefined,
  drawing: Drawing,
): boolean {
  const caster = keptCaster(opening, letterId, bounds, drawing);
  const name = letterId === undefined ? opening.id : `${opening.id} ${letterId}`;
  const inputs = silhouetteInputs(opening, drawing);
  const exact = drawShadowsOf(target, bounds, { ...caster, name, inputs }, shadowsOf(opening.finish), drawing);
  lay(target, caster.layer);
  return exact && caster.exact;
}

/** What the form of an opening depends on: tones change nothing in it, and a blur only where the photo has clear places. */
export function silhouetteInputs(opening: Opening, { sheet, resources }: Drawing): Inputs {
  const { outline, box, fill, finish } = opening;
  const around = {
    outline,
    box,
    ...hostInputs(opening, { sheet }),
    ...finishInputs(finish, 'form'),
    placements: sheet.placements,
  };
  if (fill.type !== 'photo') return { ...around, fill };
  const { photoId, placement, cutout, show, extend, effects } = fill;
  const isOpaque = resources.source.level(photoId, 1e-3)?.opaque === true && show !== 'subject';
  const hasDots = effects?.some(({ kind }) => EFFECTS[kind].clears);
  return {
    ...around,
    ...{ photoId, placement, cutout, show, extend },
    effects: hasDots ? effects : null,
    blur: isOpaque ? null : fill.blur,
  };
}

/** Draws an opening of which nothing but its photo is shown, developed, straight onto a target: for frames of a drag. */
export function drawDevelopedOn(target: Target, bounds: Bounds, opening: Opening, fill: PhotoFill, drawing: Drawing): void {
  const { context } = target;
  context.save();
  clipTo(context, boxOnTarget(opening, target, drawing), partPath(opening, undefined, drawing.resources.shaper).path);
  if (!drawFewer(target, bounds, opening, fill, drawing)) {
    context.fillStyle = WAITING;
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.fillRect(bounds.x - target.x, bounds.y - target.y, bounds.width, bounds.height);
  }
  context.restore();
}

/** In a frame of a drag, the layer that casts the shadow stays the same while the shadow alone is changed. */
export function keptCaster(opening: Opening, letterId: string | undefined, bounds: Bounds, drawing: Drawing): Made {
  const { layers, draft, version, trace } = drawing.resources;
  const { view, sheet } = drawing;
  if (!layers || !draft) return unshadowedLayer(opening, letterId, bounds, drawing);
  // Its bounds must not follow the reach of the shadow: it takes all that is in sight and some more.
  const shape = shapeBounds(opening, letterId, drawing);
  const reach = finishReach(opening.finish, false) * meanScale(view);
  const onView = toWholePixels(transformBounds(multiply(view, boxMatrix(opening.box)), shape), reach + 1);
  const own = intersect(onView, toWholePixels(drawing.clip, OUT_OF_SIGHT)) ?? bounds;
  const inputs = {
    ...inputsOf(opening),
    ...hostInputs(opening, drawing),
    ...surfaceInputs(opening, drawing),
    view: [view.a, view.e, view.f],
    bounds: [own.x, own.y, own.width, own.height],
    placements: sheet.placements,
    version,
  };
  return layers.keep(
    `${opening.id}#${letterId ?? 'body'} caster`,
    inputs,
    () => unshadowedLayer(opening, letterId, own, drawing),
    () => own.width * own.height * 4,
    trace,
  );
}

/** How far beyond the sheet a shadow's caster is drawn in a frame of a drag, px. */
const OUT_OF_SIGHT = 200;

/** Fill with what its finish draws in and around it; what lies in an area ends at the edge of its host. */
function unshadowedLayer(opening: Opening, letterId: string | undefined, bounds: Bounds, drawing: Drawing): Made {
  const made = wholeBody(opening, letterId, bounds, drawing);
  const isLit = lieOnSurface(made.layer, opening, drawing);
  cutByHost(made.layer, opening, drawing);
  return isLit ? made : { ...made, exact: false };
}

function wholeBody(opening: Opening, letterId: string | undefined, bounds: Bounds, drawing: Drawing): Made {
  const { fill } = opening;
  if (fill.type === 'photo' && fill.show === 'subject') return subjectBody(opening, letterId, bounds, drawing);
  const layer = newLayer(bounds, drawing.resources);
  const { path } = partPath(opening, letterId, drawing.resources.shaper);
  const scene = { layer, opening, letterId, path, drawing };
  const isBlank = !drawFormBelow(scene);
  const isFilled = drawFill(scene, isBlank);
  const isShaded = drawShades(scene);
  drawFormAbove(scene);
  return { layer, exact: isFilled && isShaded };
}

/** The same where only the subject of a photo is shown: all follows its silhouette. */
function subjectBody(opening: Opening, letterId: string | undefined, bounds: Bounds, drawing: Drawing): Made {
  const part = newLayer(bounds, drawing.resources);
  const { path } = partPath(opening, letterId, drawing.resources.shaper);
  const isFilled = drawFill({ layer: part, opening, letterId, path, drawing }, true);
  const layer = newLayer(bounds, drawing.resources);
  const scene = { layer, opening, letterId, path, drawing, subject: part };
  drawFormBelow(scene);
  lay(layer, part);
  const isShaded = drawSubjectShades(scene, silhouetteInputs(opening, drawing));
  drawFormAbove(scene);
  return { layer, exact: isFilled && isShaded };
}
