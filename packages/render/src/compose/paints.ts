import { isSolid } from '../fill/solid-fill.js';
import {
  belowReach,
  covers,
  hasFinish,
  isDeveloped,
  isWarped,
  meanScale,
  openingHull,
  resolvePlacement,
  shadowsOf,
  type Bounds,
  type Group,
  type Item,
  type Opening,
  type Plane,
} from '@kadrosyn/core';
import { drawPlainly, isPlain } from '../opening/draw-opening.js';
import { giveBack, lay, layAway, newLayer, type Drawing, type Layer, type Made, type Target } from '../canvas/drawing.js';
import { layerPaint, operationOf, paint, type Paint, type Splits } from './layer-paint.js';
import { unitKey, type UnitPart } from './unit.js';
import { letterPaints } from './letter-paints.js';
import { once } from '../kept/once.js';
import { bodyBounds, bodyLayer, drawDevelopedOn, layShadowed } from '../opening/opening-body.js';
import { overhangBounds, subjectBounds, shadowInside, subjectLayer, uniteBounds } from '../subject/subject.js';
import { subjectPlan, type SubjectPlan } from '../subject/subject-plan.js';
import { isQuickOutline, strokeInside } from '../finish/draw-outline.js';
import { drawShadowsOf } from '../finish/shadow.js';
import { partPath } from '../outline/outline-paths.js';

const WHOLE: UnitPart = { kind: 'whole' };

/** The paints of a list of items, from back to front; what is hidden or not wanted is left out. */
export function paintsOf(items: readonly Item[], splits: Splits, drawing: Drawing): Paint[] {
  return items.flatMap((item) => {
    if (item.hidden) return [];
    if (item.type === 'group') return groupPaint(item, drawing);
    const split = splits.get(item.id);
    if (split?.has('subject')) return subjectPaints(item, drawing);
    if (split && item.outline.type === 'lettering') return letterPaints(item, split, drawing);
    return openingPaint(item, drawing);
  });
}

function openingPaint(opening: Opening, drawing: Drawing): Paint[] {
  const plan = opening.overhangs ? subjectPlan(opening, drawing) : null;
  const body = bodyBounds(opening, undefined, drawing);
  if (!plan?.hasTongue) {
    if (isDirect(opening, drawing)) {
      return paint(opening, WHOLE, body, (target) => {
        drawPlainly(target, opening, drawing);
        return !drawing.resources.draft;
      });
    }
    return bodyPaint(opening, WHOLE, body, drawing);
  }
  const bounds = uniteBounds(body, overhangBounds(opening, plan, drawing));
  const make = (): Made | null => {
    const tongue = madeOf(subjectLayer(opening, plan, 'tongue', drawing), drawing);
    const below = bodyLayer(opening, undefined, drawing);
    if (!tongue || !below) return tongue ?? below;
    const layer = newLayer(uniteBounds(tongue.layer.bounds, below.layer.bounds)!, drawing.resources);
    layAway(layer, below.layer, drawing.resources);
    layAway(layer, tongue.layer, drawing.resources);
    return { layer, exact: tongue.exact && below.exact };
  };
  return layerPaint(opening, WHOLE, bounds, make, drawing);
}

/** Subjects are made at once, and in frames of a drag quickly. */
function madeOf(layer: Layer | null, { resources }: Drawing): Made | null {
  return layer && { layer, exact: !resources.draft };
}

/**
 * Whether an opening is drawn straight onto the target: in frames of a drag whatever needs no layer, else only what has neither soft edges
 * nor clear places, since canvases round those differently, and cut slanting edges otherwise at their own border.
 */
function isDirect(opening: Opening, { resources, silhouette }: Drawing): boolean {
  if (!isPlain(opening)) return false;
  const { outline, box, fill, finish } = opening;
  const isUpright = outline.type === 'rectangle' && outline.radii.every((radius) => radius === 0) && box.turn % 90 === 0;
  const isMixed = (finish.opacity ?? 1) < 1 || (finish.blend ?? 'normal') !== 'normal';
  return resources.draft === true || silhouette === true || (isUpright && !box.shear && isSolid(fill) && !isMixed);
}

/** An opening without its subject. */
function bodyPaint(opening: Opening, part: UnitPart, bounds: Bounds | null, drawing: Drawing): Paint[] {
  const quick = bounds && drawing.resources.draft && !drawing.silhouette ? quickDraw(opening, bounds, drawing) : null;
  if (quick) return paint(opening, part, bounds, quick);
  return layerPaint(opening, part, bounds, () => bodyLayer(opening, undefined, drawing), drawing);
}

/**
 * How a frame of a drag draws an opening straight onto its target, where it need not be put together first: a photo that is only developed, one that is
 * only placed, with an outline inside, or anything with a shadow. Null where it is mixed with what lies below, or has more to it.
 */
function quickDraw(opening: Opening, body: Bounds, drawing: Drawing): Paint['draw'] | null {
  const { fill, finish, outline } = opening;
  const { opacity = 1, blend = 'normal' } = finish;
  if (opacity < 1 || blend !== 'normal' || opening.host) return null;
  const { outline: line, ...rest } = finish;
  const bare = { ...opening, finish: rest };
  if (line && isQuickOutline(line) && isPlain(bare)) {
    return (target) => {
      drawPlainly(target, bare, drawing);
      strokeInside(target, opening, partPath(opening, undefined, drawing.resources.shaper).path, line, drawing);
      return false;
    };
  }
  if (hasFinish(finish, 'below')) return (target) => layShadowed(target, body, opening, undefined, drawing);
  if (
    hasFinish(finish, 'form', 'inside') ||
    fill.type !== 'photo' ||
    fill.show === 'subject' ||
    !isDeveloped(fill) ||
    isWarped(outline)
  )
    return null;
  const photo = drawing.resources.photos[fill.photoId];
  const placement = resolvePlacement(fill, drawing.sheet);
  const isCovered =
    typeof fill.placement !== 'string' &&
    photo &&
    placement &&
    covers(placement, openingHull(opening, drawing.resources.shaper), photo, 1e-3);
  if (!isCovered) return null;
  return (target) => {
    drawDevelopedOn(target, body, opening, fill, drawing);
    return false;
  };
}

/** Body and subject apart. Where the subject is moved above something, all of it is shown, not its overhang alone. */
function subjectPaints(opening: Opening, drawing: Drawing): Paint[] {
  const plan = subjectPlan(opening, drawing);
  if (plan && drawing.silhouette && drawing.isWorkingSize) return subjectCovers(opening, plan, drawing);
  const body = bodyPaint(opening, { kind: 'body' }, bodyBounds(opening, undefined, drawing), drawing);
  if (!plan) return body;
  const bounds = subjectBounds(opening, plan, drawing);
  const tongue = plan.hasTongue
    ? layerPaint(
        opening,
        { kind: 'tongue' },
        bounds,
        () => madeOf(subjectLayer(opening, plan, 'tongue', drawing), drawing),
        drawing,
      )
    : [];
  return [...body, ...tongue, ...wholeSubjectPaint(opening, plan, bounds, drawing)];
}

/** Silhouettes at working size, where the plan of the subject has them. */
function subjectCovers(opening: Opening, plan: SubjectPlan, drawing: Drawing): Paint[] {
  const { e, f } = plan.toPlane;
  const bounds = subjectBounds(opening, plan, drawing);
  const cover = (kind: 'tongue' | 'subject', plane: Plane): Paint[] =>
    paint(opening, { kind }, bounds, () => true).map((made) => ({ ...made, cover: { plane, x: -e, y: -f } }));
  return [
    ...paint(opening, { kind: 'body' }, bodyBounds(opening, undefined, drawing), (target) => drawBody(opening, target, drawing)),
    ...(plan.hasTongue ? cover('tongue', plan.tongueCover()) : []),
    ...cover('subject', plan.wholeCover()),
  ];
}

function drawBody(opening: Opening, target: Target, drawing: Drawing): boolean {
  const made = bodyLayer(opening, undefined, drawing);
  if (made) layAway(target, made.layer, drawing.resources);
  return made?.exact ?? true;
}

/** All of a subject: it is only ever seen within zones, and made for each of them at its size. */
function wholeSubjectPaint(opening: Opening, plan: SubjectPlan, bounds: Bounds | null, drawing: Drawing): Paint[] {
  const { opacity = 1, blend } = opening.finish;
  const make = (part: Bounds): Made | null => madeOf(subjectLayer(opening, plan, 'whole', drawing, part), drawing);
  const draw = (target: Target): boolean => {
    const { width, height } = target.context.canvas;
    const made = make({ x: target.x, y: target.y, width, height });
    if (!made) return true;
    lay(target, made.layer, drawing.silhouette ? 1 : opacity, operationOf(blend, drawing));
    giveBack(made.layer, drawing.resources);
    return made.exact;
  };
  const cast = {
    since: unitKey({ itemId: opening.id, part: { kind: 'body' } }),
    make: (part: Bounds) => madeOf(shadowInside(opening, plan, drawing, part), drawing),
  };
  return paint(opening, { kind: 'subject' }, bounds, draw).map((made) => ({ ...made, make, cast }));
}

/** A group is put together on its own and laid down as one. */
function groupPaint(group: Group, drawing: Drawing): Paint[] {
  const shadows = drawing.silhouette ? [] : shadowsOf(group.finish ?? {});
  const bounds = groupBounds(group, drawing);
  const layer = once((): Made | null => {
    if (!bounds) return null;
    const made = newLayer(bounds, drawing.resources);
    const exact = drawing.compose(made, group.items, drawing, null);
    if (shadows.length === 0) return { layer: made, exact };
    const under = newLayer(bounds, drawing.resources);
    const { placements, crossings } = drawing.sheet;
    const inputs = { items: group.items, placements, crossings };
    const isShaded = drawShadowsOf(under, bounds, { layer: made, name: group.id, inputs, exact }, shadows, drawing);
    lay(under, made);
    return { layer: under, exact: exact && isShaded };
  });
  return paint(group, WHOLE, bounds, (target) => {
    const made = layer();
    if (made) lay(target, made.layer, drawing.silhouette ? 1 : (group.opacity ?? 1), operationOf(group.blend, drawing));
    return made?.exact ?? true;
  });
}

function groupBounds(group: Group, drawing: Drawing): Bounds | null {
  const reach = Math.ceil((drawing.silhouette ? 0 : belowReach(group.finish ?? {})) * meanScale(drawing.view));
  const inner = paintsOf(group.items, new Map(), drawing)
    .map(({ bounds }) => bounds)
    .reduce<Bounds | null>(uniteBounds, null);
  return inner && { x: inner.x - reach, y: inner.y - reach, width: inner.width + 2 * reach, height: inner.height + 2 * reach };
}

/** View px that an item can touch with everything that belongs to it; null where that is nothing. */
export function itemBounds(item: Item, drawing: Drawing): Bounds | null {
  return paintsOf([item], new Map(), drawing)
    .map(({ bounds }) => bounds)
    .reduce<Bounds | null>(uniteBounds, null);
}
