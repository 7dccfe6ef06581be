import { hasFinish, letterIdsOf, shadowsOf, type Bounds, type Opening } from '@kadrosyn/core';
import { lay, newLayer, type Drawing, type Made } from '../canvas/drawing.js';
import { coverPath } from '../fill/ink.js';
import { bodyBounds, bodyLayer, faceLayer, keptCaster, outsideOutline, silhouetteInputs } from '../opening/opening-body.js';
import { partPath } from '../outline/outline-paths.js';
import { layerPaint, paint, type Paint } from './layer-paint.js';
import { unitKey, type Unit, type UnitPart } from './unit.js';
import { drawShadowsOf } from '../finish/shadow.js';

/**
 * The letters of a word, each painted apart. Shadow and outer outline of the whole word are one paint below all of them, so that no letter
 * throws its shadow on the next one; where a letter is crossed, `localOrder` takes those of the single letters instead.
 * @param split - ids of the letters that crossings are with.
 */
export function letterPaints(opening: Opening, split: ReadonlySet<string>, drawing: Drawing): Paint[] {
  if (opening.outline.type !== 'lettering') return [];
  const { finish } = opening;
  const ids = letterIdsOf(opening.outline);
  if (drawing.silhouette) {
    const isBare = !hasFinish(finish, 'form', 'inside') && opening.fill.type !== 'photo';
    return ids.flatMap((id) => (isBare ? bareLetter(opening, id, drawing) : letter(opening, id, bodyLayer, drawing)));
  }
  if (finish.outline?.align !== 'outside' && !hasFinish(finish, 'below'))
    return ids.flatMap((id) => letter(opening, id, bodyLayer, drawing));
  const apart = ids.filter((id) => split.has(id));
  const rest = ids.filter((id) => !split.has(id));
  return [
    ...below(opening, 'all', [undefined], drawing),
    ...apart.flatMap((letter) => below(opening, { letter }, [letter], drawing)),
    // Which letters these are is part of the unit: what is kept of it must not be that of others.
    ...below(opening, { without: apart }, rest, drawing),
    ...ids.flatMap((id) => letter(opening, id, faceLayer, drawing)),
  ];
}

type Below = Extract<UnitPart, { kind: 'below' }>;

function letter(opening: Opening, id: string, make: typeof bodyLayer, drawing: Drawing): Paint[] {
  return layerPaint(opening, { kind: 'letter', id }, bodyBounds(opening, id, drawing), () => make(opening, id, drawing), drawing);
}

/** The silhouette of a letter that is nothing but filled needs no layer. */
function bareLetter(opening: Opening, id: string, drawing: Drawing): Paint[] {
  return paint(opening, { kind: 'letter', id }, bodyBounds(opening, id, drawing), (target) => {
    if (opening.fill.type !== 'none') coverPath(target, opening, partPath(opening, id, drawing.resources.shaper).path, drawing);
    return true;
  });
}

/** @param ids - of the letters; undefined stands for all of them as one. */
function below(opening: Opening, of: Below['of'], ids: readonly (string | undefined)[], drawing: Drawing): Paint[] {
  if (ids.length === 0) return [];
  const unit: Unit = { itemId: opening.id, part: { kind: 'below', of } };
  const bounds = bodyBounds(opening, ids.length === 1 ? ids[0] : undefined, drawing);
  const make = (): Made | null => (bounds ? belowLayer(opening, unitKey(unit), ids, bounds, drawing) : null);
  return layerPaint(opening, unit.part, bounds, make, drawing).map((made) => {
    if (of === 'all') return made;
    // By itself it is not seen: that of the whole word lies there already. Blending is left out on what it falls on.
    const cast = (part: Bounds): Made => {
      const layer = newLayer(part, drawing.resources);
      return { layer, exact: made.draw(layer) };
    };
    return {
      ...made,
      draw: () => true,
      cast: { since: unitKey({ itemId: opening.id, part: { kind: 'below', of: 'all' } }), make: cast },
    };
  });
}

function belowLayer(
  opening: Opening,
  name: string,
  ids: readonly (string | undefined)[],
  bounds: Bounds,
  drawing: Drawing,
): Made {
  const { outline, opacity = 1, blend = 'normal' } = opening.finish;
  const shadows = shadowsOf(opening.finish);
  const layer = newLayer(bounds, drawing.resources);
  let exact = true;
  if (shadows.length > 0) {
    const caster = together(ids, bounds, drawing, (id) => {
      // At the bounds that the letter is painted in: what kernels make for the one then serves the other.
      const own = bodyBounds(opening, id, drawing);
      return own && keptCaster(opening, id, own, drawing);
    });
    const inputs = { ...silhouetteInputs(opening, drawing), letters: ids };
    exact = drawShadowsOf(layer, bounds, { ...caster, name, inputs }, shadows, drawing) && caster.exact;
  }
  if (outline?.align === 'outside') {
    for (const id of ids) exact = outsideOutline(layer, opening, id, drawing) && exact;
  }
  // Letters that are clear would let it show through them, as the word does not while it is one.
  if (opacity < 1 || blend !== 'normal') {
    const faces = together(ids, bounds, drawing, (id) => faceLayer(opening, id, drawing));
    lay(layer, faces.layer, 1, 'destination-out');
    exact &&= faces.exact;
  }
  return { layer, exact };
}

/** One layer of several. */
function together(
  ids: readonly (string | undefined)[],
  bounds: Bounds,
  drawing: Drawing,
  layerOf: (id: string | undefined) => Made | null,
): Made {
  const all = newLayer(bounds, drawing.resources);
  let exact = true;
  for (const id of ids) {
    const one = layerOf(id);
    if (!one) continue;
    lay(all, one.layer);
    exact &&= one.exact;
  }
  return { layer: all, exact };
}
