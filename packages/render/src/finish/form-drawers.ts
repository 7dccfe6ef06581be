import { FINISHES, type Colour, type Finish, type FormFinish, type Opening, type Path, type Shaper } from '@kadrosyn/core';
import { drawOutline, drawSilhouetteOutline, replaceInside } from './draw-outline.js';
import { giveBack, newLayer, type Drawing, type Layer } from '../canvas/drawing.js';
import { takeOut } from '../canvas/fill-path.js';
import { boxOnTarget, ink } from '../fill/ink.js';
import { innerPath } from '../outline/outline-paths.js';
import { fillsSolidly } from '../fill/solid-fill.js';

/** What of an opening is drawn, and onto what. */
export interface FinishScene {
  readonly layer: Layer;
  readonly opening: Opening;
  readonly letterId: string | undefined;
  /** The outline of the opening, or of the letter. */
  readonly path: Path;
  readonly drawing: Drawing;
  /** Where only the subject of a photo is shown: it, by itself. */
  readonly subject?: Layer;
}

/** How a part of a finish is drawn that belongs to the form of an item. */
interface FormDrawer<T> {
  /** Beneath the fill, and whether there is anything. @default nothing */
  readonly below?: (value: T, scene: FinishScene) => boolean;
  readonly above: (value: T, scene: FinishScene) => void;
  /** The edge of what lies inside; null where nothing is left. @default the outline */
  readonly inner?: (value: T, opening: Opening, shaper: Shaper) => Path | null;
}

/** Every one of them, in the order in which they are drawn over the fill. */
const FORM_DRAWERS: { readonly [K in FormFinish]: FormDrawer<NonNullable<Finish[K]>> } = {
  rim: {
    // A silhouette has no inner frame.
    above: (rim, scene) => {
      const inner = scene.subject ? null : innerPath(scene.opening, rim, scene.drawing.resources.shaper);
      if (inner) drawRim(scene, inner, rim.colour);
    },
    inner: (rim, opening, shaper) => innerPath(opening, rim, shaper),
  },
  outline: {
    below: (outline, { layer, opening, path, drawing, subject }) => {
      // Under a solid fill the outer outline goes below it, whole: two soft edges side by side would let the ground through.
      if (outline.align !== 'outside' || (!subject && !fillsSolidly(opening, drawing))) return false;
      if (subject) drawSilhouetteOutline(layer, subject, opening, drawing);
      else drawOutline(layer, opening, path, null, drawing);
      return true;
    },
    above: (outline, { layer, opening, path, drawing, subject }) => {
      const isOutside = outline.align === 'outside';
      if (subject) {
        if (!isOutside) drawSilhouetteOutline(layer, subject, opening, drawing);
      } else if (!isOutside || !fillsSolidly(opening, drawing)) drawOutline(layer, opening, path, path, drawing);
    },
  },
};
const ORDER = Object.keys(FORM_DRAWERS) as FormFinish[];

/** Draws what a finish has of the form of an item over the fill. */
export function drawFormAbove(scene: FinishScene): void {
  for (const [value, { above }] of drawersOf(scene)) above(value, scene);
}

/** The same beneath the fill. @returns whether there is anything */
export function drawFormBelow(scene: FinishScene): boolean {
  return drawersOf(scene).reduce((isAny, [value, { below }]) => (below?.(value, scene) ?? false) || isAny, false);
}

/** What the finish has, each with its drawer: which takes its own values only, and is found by their name. */
function drawersOf({ opening }: FinishScene): [unknown, FormDrawer<unknown>][] {
  return ORDER.flatMap((name): [unknown, FormDrawer<unknown>][] => {
    const value = opening.finish[name];
    return value === undefined ? [] : [[value, FORM_DRAWERS[name] as FormDrawer<unknown>]];
  });
}

/** The edge of what lies inside an item, within its frame; null where nothing is left. */
export function innerEdge({ opening, path, drawing }: FinishScene): Path | null {
  for (const name of ORDER) {
    const value = opening.finish[name];
    const { inner } = FORM_DRAWERS[name] as FormDrawer<unknown>;
    if (value !== undefined && FINISHES[name].isFrame && inner) return inner(value, opening, drawing.resources.shaper);
  }
  return path;
}

function drawRim({ layer, opening, path, drawing }: FinishScene, inner: Path, colour: Colour): void {
  const scratch = newLayer(layer.bounds, drawing.resources);
  scratch.context.fillRect(0, 0, scratch.bounds.width, scratch.bounds.height);
  takeOut(scratch.context, boxOnTarget(opening, scratch, drawing), inner);
  ink(scratch, opening, { type: 'colour', colour }, drawing);
  replaceInside(layer, scratch, opening, path, drawing);
  giveBack(scratch, drawing.resources);
}
