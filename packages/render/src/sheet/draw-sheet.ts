import {
  backgroundOf,
  intersect,
  multiply,
  scaling,
  translation,
  withoutBackground,
  type Bounds,
  type Fill,
  type Item,
  type Matrix,
  type Opening,
  type Pixels,
  type ResolvedSheet,
} from '@kadrosyn/core';
import { composeItems } from '../compose/compose.js';
import type { Drawing, Target } from '../canvas/drawing.js';
import { drawMood, hasMood } from '../finish/mood.js';
import { paintsOf } from '../compose/paints.js';
import type { Context2D } from '../canvas/environment.js';
import type { RenderResources } from '../canvas/resources.js';
import { sheetPicture, withShownSheets, type DrawWhole } from './shown-sheets.js';
import { setMatrix } from '../canvas/set-matrix.js';

/** Where the sheet lies on the canvas, in px of the canvas. */
export interface SheetView {
  /** px of the canvas per px of the sheet. */
  readonly scale: number;
  /** Whole px, so that the edge of the sheet is sharp and its pixels are those of an export. */
  readonly left: number;
  readonly top: number;
}

/** Maps px of the sheet to px of the canvas. */
export function viewMatrix(view: SheetView): Matrix {
  return multiply(translation(view.left, view.top), scaling(view.scale));
}

/** The size of a sheet in whole px of the canvas. A sheet is never smaller than 1 px. */
export function sheetSize(sheet: Pick<ResolvedSheet, 'width' | 'height'>, scale: number): { width: number; height: number } {
  return { width: Math.max(1, Math.round(sheet.width * scale)), height: Math.max(1, Math.round(sheet.height * scale)) };
}

/** Draws all of a sheet: background and items, and over them its mood. The context should be clipped to what is wanted. */
export function drawSheet(context: Context2D, sheet: ResolvedSheet, view: SheetView, resources: RenderResources): void {
  drawPlainSheet(context, sheet, view, resources);
  const drawing = hasMood(sheet) ? drawingOf(context, sheet, view, resources) : null;
  if (drawing) drawMood(context, drawing.clip, drawing);
}

/**
 * Draws background and items, the crossings in their local order, without the sheet's mood.
 * @param part - only this much of the canvas is wanted, px of the canvas; all of it when absent.
 * @returns whether all of it is exact: nothing stands in for what is still made elsewhere.
 */
export function drawPlainSheet(
  context: Context2D,
  sheet: ResolvedSheet,
  view: SheetView,
  resources: RenderResources,
  part?: Bounds,
): boolean {
  context.save();
  clipToSheet(context, sheet, view);
  const drawing = drawingOf(context, sheet, view, resources);
  const backdrop = (target: Target): boolean => drawBackdrop(target, drawing!);
  const exact = !drawing || composeItems({ context, x: 0, y: 0 }, withoutBackground(sheet.items), drawing, backdrop, part);
  context.restore();
  return exact;
}

/** A pass over all of the sheet that the canvas shows; null where that is nothing. */
export function drawingOf(context: Context2D, sheet: ResolvedSheet, view: SheetView, resources: RenderResources): Drawing | null {
  const { width, height } = context.canvas;
  const clip = intersect({ x: view.left, y: view.top, ...sheetSize(sheet, view.scale) }, { x: 0, y: 0, width, height });
  return clip && { sheet, view: viewMatrix(view), resources: withPictures(sheet, resources), clip, compose: composeItems };
}

/** A sheet as the picture that it is in openings of others: at its own px, without bleed, clear where it is clear. */
export function shownPicture(sheet: ResolvedSheet, resources: RenderResources): Pixels {
  return sheetPicture(sheet, resources, drawWhole);
}

const drawWhole: DrawWhole = (context, sheet, resources, scale) =>
  drawSheet(context, sheet, { scale, left: 0, top: 0 }, resources);

/** With the sheets that a sheet shows as pictures. */
export function withPictures(sheet: ResolvedSheet, resources: RenderResources): RenderResources {
  return withShownSheets(sheet, resources, drawWhole);
}

/** Draws one item on its own, for a small picture of it. @param view - px of the sheet to px of the canvas. */
export function drawItem(context: Context2D, item: Item, sheet: ResolvedSheet, view: Matrix, resources: RenderResources): void {
  const { width, height } = context.canvas;
  const drawing: Drawing = {
    sheet,
    view,
    resources: withPictures(sheet, resources),
    clip: { x: 0, y: 0, width, height },
    compose: composeItems,
  };
  composeItems({ context, x: 0, y: 0 }, [item], drawing, null);
}

/** Limits drawing to the sheet's whole px; such a clip has no soft edge, so it is the same everywhere. */
export function clipToSheet(context: Context2D, sheet: ResolvedSheet, view: SheetView): void {
  const { width, height } = sheetSize(sheet, view.scale);
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.beginPath();
  context.rect(view.left, view.top, width, height);
  context.clip();
}

/** All that lies behind the items: the ground of the sheet, its background, and the veil over both that makes what lies upon it readable. @returns whether it is exact. */
export function drawBackdrop(target: Target, drawing: Drawing): boolean {
  drawGround(target, drawing);
  const background = backgroundOf(drawing.sheet);
  const exact = !background || background.hidden || drawOne(target, background, drawing);
  drawVeil(target, drawing);
  return exact;
}

function drawOne(target: Target, opening: Opening, drawing: Drawing): boolean {
  let exact = true;
  for (const paint of paintsOf([opening], new Map(), drawing)) exact = paint.draw(target) && exact;
  return exact;
}

/** What the sheet itself is made of. @returns whether it is exact; a colour or a gradient always is. */
export function drawGround(target: Target, drawing: Drawing): boolean {
  return drawOne(target, groundOpening(drawing.sheet), drawing);
}

export function drawVeil(target: Target, drawing: Drawing): void {
  const { sheet } = drawing;
  const { colour, strength = 0.5 } = sheet.veil ?? {};
  if (!colour) return;
  const veil: Opening = {
    ...groundOpening(sheet),
    id: 'veil',
    fill: { type: 'colour', colour },
    finish: { opacity: strength },
  };
  drawOne(target, veil, drawing);
}

const grounds = new WeakMap<Fill, Opening>();

/** The ground as an opening one px larger than the sheet, since a sheet in mm may end within a px. */
function groundOpening(sheet: ResolvedSheet): Opening {
  const known = grounds.get(sheet.background);
  if (known?.box.width === sheet.width + 2 && known.box.height === sheet.height + 2) return known;
  const opening: Opening = {
    type: 'opening',
    id: 'ground',
    name: 'Sheet colour',
    kind: 'artwork',
    outline: { type: 'rectangle', radii: [0, 0, 0, 0] },
    box: { x: -1, y: -1, width: sheet.width + 2, height: sheet.height + 2, turn: 0 },
    fill: sheet.background,
    finish: {},
  };
  grounds.set(sheet.background, opening);
  return opening;
}

/** Clears a canvas whatever its transform. */
export function clearCanvas(context: Context2D): void {
  setMatrix(context, { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 });
  context.clearRect(0, 0, context.canvas.width, context.canvas.height);
}
