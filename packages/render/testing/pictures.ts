import { fileURLToPath } from 'node:url';
import {
  boxMatrix,
  findOpening,
  invert,
  marksToSheet,
  multiply,
  regionPoints,
  resolvedIn,
  apply,
  type Crossing,
  type Item,
  type Opening,
  type Pixels,
  type Point,
  type ResolvedSheet,
  type Sheet,
} from '@kadrosyn/core';
import { hardPictures } from '../fixtures/hard-pictures.js';
import { loadIngredients, sourceOf } from '../fixtures/ingredients.js';
import { pictureOf, PICTURES, project } from '../fixtures/kit.js';
import { composeItems } from '../src/compose/compose.js';
import { crossingPlan, splitsOf, type CrossingPlan } from '../src/compose/crossing-plan.js';
import type { Drawing } from '../src/canvas/drawing.js';
import type { RenderResources } from '../src/index.js';
import { viewMatrix } from '../src/sheet/draw-sheet.js';
import { loadShaperFrom, NODE_ENVIRONMENT, renderSheet } from '../src/node/index.js';
import { photoToSheet } from '../src/photo/photo-pixels.js';
import { resolved } from './resolved.js';

const shaper = await loadShaperFrom(fileURLToPath(new URL('../../../build/faces', import.meta.url)));
const ingredients = await loadIngredients();
const source = sourceOf(ingredients);
const pictures = new Map(hardPictures(shaper).map((picture) => [picture.name, picture]));

export { shaper };
export const pictureNames = [...pictures.keys()];

/** For a row of a sample picture the middle of the longest stretch that is all subject, px of the photo. */
export function middleOfSubject(name: string, row: number): Point {
  const { matte } = ingredients.find((ingredient) => ingredient.name === name)!;
  let [best, start, middle] = [0, -1, 0];
  for (let x = 0; x <= matte!.width; x++) {
    const isSubject = x < matte!.width && matte!.data[row * matte!.width + x]! > 250;
    if (isSubject && start < 0) start = x;
    if (!isSubject && start >= 0) {
      if (x - start > best) [best, middle] = [x - start, (x + start) / 2];
      start = -1;
    }
  }
  return { x: middle, y: row + 0.5 };
}

/** All sample pictures with their mattes. */
export const sampleResources: RenderResources = {
  environment: NODE_ENVIRONMENT,
  photos: Object.fromEntries(PICTURES.map((name) => [name, pictureOf(name)])),
  source,
  shaper,
};

/** Items on a square sheet of their own. */
export function squareSheet(size: number, items: readonly Item[], crossings: readonly Crossing[] = []): ResolvedSheet {
  return resolved({ ...project(items, { crossings }).sheets[0]!, width: size, height: size });
}

/** A pass over all of a sheet at its own size. */
export function drawingOfSheet(sheet: ResolvedSheet, resources = sampleResources): Drawing {
  const clip = { x: 0, y: 0, width: sheet.width, height: sheet.height };
  return { sheet, view: viewMatrix({ scale: 1, left: 0, top: 0 }), resources, clip, compose: composeItems };
}

/** One of the hard pictures, ready to be drawn and asked. */
export class DrawnPicture {
  readonly sheet: ResolvedSheet;
  readonly resources: RenderResources;
  private whole: Pixels | undefined;

  constructor(name: string) {
    const { project } = pictures.get(name)!;
    this.sheet = resolvedIn(project, project.sheets[0]!);
    this.resources = { environment: NODE_ENVIRONMENT, photos: project.photos, source, shaper };
  }

  get pixels(): Pixels {
    return (this.whole ??= this.draw({}));
  }

  draw(change: Partial<Sheet>, scale = 1): Pixels {
    return renderSheet(resolved({ ...this.sheet, ...change }), scale, this.resources);
  }

  /** The sheet with only these items on it, no crossings, on a clear ground. */
  alone(...ids: string[]): Pixels {
    const items = ids.map((id) => this.item(id));
    return this.draw({ items, crossings: [], background: { type: 'none' } });
  }

  /** The sheet with its items in another order and without crossings. */
  ordered(...ids: string[]): Pixels {
    return this.draw({ items: ids.map((id) => this.item(id)), crossings: [] });
  }

  item(id: string): Item {
    return this.sheet.items.find((item) => item.id === id)!;
  }

  get drawing(): Drawing {
    return drawingOfSheet(this.sheet, this.resources);
  }

  /** The plan of the crossing with this number. */
  plan(index: number): CrossingPlan {
    return crossingPlan(this.sheet.crossings[index]!, this.sheet.items, splitsOf(this.sheet.crossings), this.drawing)!;
  }

  /** Deepest points of a crossing's regions on the sheet, the largest region first. */
  regions(index: number): { readonly at: Point; readonly over: boolean; readonly area: number }[] {
    const toSheet = marksToSheet(this.sheet.crossings[index]!, this.drawing.sheet, this.drawing.resources.photos);
    const { zone } = this.plan(index);
    const points = regionPoints(zone);
    return zone.regions
      .map(({ label, over, area }) => ({ at: apply(toSheet, points.get(label)![0]!), over, area }))
      .sort((a, b) => b.area - a.area);
  }

  /** Where a point of an opening's photo lies on the sheet, and the other way round. */
  photoPoint(id: string, p: Point): Point {
    return apply(this.photoMatrix(id), p);
  }

  opening(id: string): Opening {
    return findOpening(this.sheet, id)!;
  }

  /** Px of the sheet to shares of an opening's box. */
  inBox(id: string, p: Point): Point {
    const { box } = this.opening(id);
    const q = apply(invert(multiply(boxMatrix(box), { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 })), p);
    return { x: q.x / box.width, y: q.y / box.height };
  }

  private photoMatrix(id: string) {
    const opening = this.opening(id);
    if (opening.fill.type !== 'photo') throw new Error(`${id} has no photo`);
    return photoToSheet(opening, opening.fill, this.drawing)!;
  }
}

/** RGB at a point, rounded down to its pixel. */
export function colourAt({ width, data }: Pixels, { x, y }: Point): [number, number, number, number] {
  const o = (Math.floor(y) * width + Math.floor(x)) * 4;
  return [data[o]!, data[o + 1]!, data[o + 2]!, data[o + 3]!];
}

/** The largest difference of two colours. */
export function apart(a: readonly number[], b: readonly number[]): number {
  return Math.max(...a.slice(0, 3).map((value, i) => Math.abs(value - b[i]!)));
}
