import { finishInputs } from './finish-inputs.js';
import { clipTo } from '../photo/draw-level.js';
import { shadesOf, type Opening, type Path } from '@kadrosyn/core';
import { newLayer, type Drawing, type Layer } from '../canvas/drawing.js';
import { innerEdge, type FinishScene } from './form-drawers.js';
import { boxOnTarget, coverPath } from '../fill/ink.js';
import type { Inputs } from '../kept/inputs.js';
import { drawInnerShade } from './shadow.js';

/** Darkens the inner edge of an opening, or of a letter, within its frame. @returns whether it is exact. */
export function drawShades(scene: FinishScene): boolean {
  const { layer, opening, letterId, drawing } = scene;
  const shades = shadesOf(opening.finish);
  const path = shades.length > 0 ? innerEdge(scene) : null;
  if (!path) return true;
  const { outline, box, finish, id } = opening;
  const { x, y, width, height } = layer.bounds;
  const inputs = { outline, box, ...finishInputs(finish, 'form'), bounds: [x, y, width, height] };
  const name = `${id} ${letterId ?? ''}`;
  const inside = keptInside(opening, path, { layer, name: `${name} cover`, inputs }, drawing);
  const drawn = shades.map(({ name: part, shade }) =>
    drawInnerShade(layer, { layer: inside, name: `${name} ${part}`, inputs }, shade, drawing, () => {
      clipTo(layer.context, boxOnTarget(opening, layer, drawing), path);
    }),
  );
  return drawn.every(Boolean);
}

/** The same along the silhouette of a subject that is shown alone. @param inputs - everything that the silhouette depends on. */
export function drawSubjectShades({ layer, opening, drawing, subject }: FinishScene, inputs: Inputs): boolean {
  if (!subject || drawing.silhouette) return true;
  const { x, y, width, height } = layer.bounds;
  const all = { ...inputs, bounds: [x, y, width, height] };
  // What is drawn from fewer px is clipped by the form of the opening only: a little of it may lie outside until it is exact.
  const drawn = shadesOf(opening.finish).map(({ name, shade }) => {
    const caster = { layer: subject, name: `${opening.id} subject ${name}`, inputs: all };
    return drawInnerShade(layer, caster, shade, drawing, () => undefined);
  });
  return drawn.every(Boolean);
}

/** What the shade lies in; in a frame of a drag it stays the same while the shade alone is changed. */
function keptInside(
  opening: Opening,
  path: Path,
  { layer: { bounds }, name, inputs }: { readonly layer: Layer; readonly name: string; readonly inputs: Inputs },
  drawing: Drawing,
): Layer {
  const { layers, draft, trace } = drawing.resources;
  const make = (): Layer => {
    const inside = newLayer(bounds, drawing.resources);
    coverPath(inside, opening, path, drawing);
    return inside;
  };
  if (!layers || !draft) return make();
  const { view } = drawing;
  const all = { ...inputs, path, view: [view.a, view.e, view.f] };
  return layers.keep(name, all, make, () => bounds.width * bounds.height * 4, trace);
}
