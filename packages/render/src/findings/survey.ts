import {
  apply,
  boxMatrix,
  deepestPixels,
  findOpening,
  hardCuts,
  invert,
  listAround,
  meanScale,
  multiply,
  openingPolygons,
  type Crossing,
  type CrossingZone,
  type Matrix,
  type Opening,
  type Piece,
  type Point,
  type ResolvedSheet,
} from '@kadrosyn/core';
import { composeItems } from '../compose/compose.js';
import { crossingPlan, hardCutsOf, splitsOf } from '../compose/crossing-plan.js';
import type { Drawing } from '../canvas/drawing.js';
import { photoToSheet } from '../photo/photo-pixels.js';
import type { RenderResources } from '../canvas/resources.js';
import { withPictures } from '../sheet/draw-sheet.js';
import { subjectPlan, type SubjectPlan } from '../subject/subject-plan.js';

/** The edge of an opening is looked at this often, px of the planes. */
const EDGE_STEP = 3;

/** A place that a person should know of, px of the sheet. */
export interface SeenCut {
  readonly length: number;
  readonly at: Point | null;
}

/** A piece of an overhang as a person can choose it. */
export interface SeenPiece extends Piece {
  /** Its deepest point, px of the sheet. */
  readonly at: Point;
  /** Px of the sheet along which it ends at the border of the photo, where the camera cut it off. */
  readonly atBorder: number;
  /** Px of the sheet along which it runs off the sheet. */
  readonly offSheet: number;
}

/** What hangs out of an opening, or could. Nothing but data, which can be sent. */
export interface OverhangSurvey {
  readonly plan: Pick<SubjectPlan, 'overhang' | 'toPlane'>;
  /** From the top to the bottom and from the left to the right, so that numbers are found. */
  readonly pieces: readonly SeenPiece[];
  /** For each cut line, px of the sheet. */
  readonly cuts: readonly SeenCut[];
  /** Px of the photo to px of the sheet. */
  readonly toSheet: Matrix;
  /** Share of the opening's edge, 0 to 1, that lies under the subject. */
  readonly edgeCovered: number;
}

/** A connected region of a crossing as a person can choose it. */
export interface SeenRegion {
  readonly label: number;
  /** Its deepest point, px of the sheet. */
  readonly at: Point;
  /** px² of the sheet. */
  readonly area: number;
  /** Whether the crossing's lower unit passes over. */
  readonly over: boolean;
}

/** The same of a crossing. */
export interface CrossingSurvey {
  /** As the sheet has it, or as `crossingPairs` made it up. */
  readonly crossing: Crossing;
  readonly plan: { readonly zone: Pick<CrossingZone, 'parts' | 'regions' | 'toPlane'>; readonly toPlane: Matrix };
  readonly regions: readonly SeenRegion[];
  readonly cuts: readonly SeenCut[];
  /** Px of the crossing's marks to px of the sheet. */
  readonly toSheet: Matrix;
}

/** All that is found of an item. */
export interface ItemSurvey {
  /** Null where it has no subject at hand. */
  readonly overhang: OverhangSurvey | null;
  /** For each pair that was asked about; null where there is nothing to choose. */
  readonly crossings: readonly (CrossingSurvey | null)[];
}

/** Looks for the pieces of an item's subject and for its crossings. @param pairs - see `crossingPairs`; those of the sheet are its very objects. */
export function surveyItem(
  sheet: ResolvedSheet,
  itemId: string,
  pairs: readonly Crossing[],
  resources: RenderResources,
): ItemSurvey {
  const opening = findOpening(sheet, itemId);
  const overhang = opening ? surveyOverhang(sheet, opening, resources) : null;
  return { overhang, crossings: pairs.map((pair) => surveyCrossing(sheet, pair, resources)) };
}

/** A pass over all of a sheet at its own size. Nothing is drawn by it. */
function surveying(sheet: ResolvedSheet, resources: RenderResources): Drawing {
  const clip = { x: 0, y: 0, width: sheet.width, height: sheet.height };
  return {
    sheet,
    view: { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 },
    resources: withPictures(sheet, resources),
    clip,
    compose: composeItems,
  };
}

/** The pieces of an opening's subject outside of it; null while cutout or photo are not at hand. */
export function surveyOverhang(sheet: ResolvedSheet, opening: Opening, resources: RenderResources): OverhangSurvey | null {
  const drawing = surveying(sheet, resources);
  const plan = subjectPlan(opening, drawing);
  const toSheet = plan && photoToSheet(opening, plan.fill, drawing);
  if (!plan || !toSheet) return null;
  const { overhang, toPlane } = plan;
  const planeToSheet = invert(toPlane);
  const scale = meanScale(planeToSheet);
  const deepest = deepestPixels(overhang.parts);
  const photo = resources.photos[plan.fill.photoId]!;
  const ends = endsOf(plan, photo, sheet);
  const pieces = overhang.pieces
    .map((piece): SeenPiece => {
      const { border, edge } = ends.get(piece.label)!;
      const at = middle(planeToSheet, deepest.get(piece.label)!);
      return { ...piece, area: piece.area * scale * scale, at, atBorder: border * scale, offSheet: edge * scale };
    })
    .sort((a, b) => a.at.y - b.at.y || a.at.x - b.at.x);
  const said = new Map(pieces.map(({ label, out }) => [label, out]));
  const photoToPlane = multiply(toPlane, toSheet);
  const lines = (opening.overhangs?.cuts ?? []).map((line) => line.map((p) => apply(photoToPlane, p)));
  const cuts = hardCuts(overhang.parts, lines, said).map(({ length, at }) => ({
    length: length * scale,
    at: at && apply(planeToSheet, at),
  }));
  return { plan: { overhang, toPlane }, pieces, cuts, toSheet, edgeCovered: edgeCovered(opening, plan, resources.shaper) };
}

/** The middle of a px in another space. */
function middle(to: Matrix, { x, y }: Point): Point {
  return apply(to, { x: x + 0.5, y: y + 0.5 });
}

/** For each piece how many of its px lie at the border of the photo, and how many at the edge of the sheet. */
function endsOf(
  { overhang, toPlane }: SubjectPlan,
  photo: { readonly width: number; readonly height: number },
  sheet: ResolvedSheet,
): Map<number, { border: number; edge: number }> {
  const { parts, pieces } = overhang;
  const { width, height, labels } = parts;
  const toSheet = invert(toPlane);
  const [perPhoto, perSheet] = [meanScale(overhang.toPhoto), meanScale(toSheet)];
  const found = new Map(pieces.map(({ label }) => [label, { border: 0, edge: 0 }]));
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const label = labels[i]!;
      if (label === 0 || !isRim(labels, label, x, y, width, height)) continue;
      const middle = { x: x + 0.5, y: y + 0.5 };
      const ends = found.get(label)!;
      const [onPhoto, onSheet] = [apply(overhang.toPhoto, middle), apply(toSheet, middle)];
      if (toEdge(onPhoto, photo) <= 2 * perPhoto) ends.border++;
      if (toEdge(onSheet, sheet) <= 1.5 * perSheet) ends.edge++;
    }
  }
  return found;
}

// eslint-disable-next-line max-params -- once for each pixel: an object would be made for each
function isRim(labels: Int32Array, label: number, x: number, y: number, width: number, height: number): boolean {
  if (x === 0 || y === 0 || x === width - 1 || y === height - 1) return true;
  const i = y * width + x;
  return labels[i - 1] !== label || labels[i + 1] !== label || labels[i - width] !== label || labels[i + width] !== label;
}

/** How far a point lies inside of a rectangle at the origin. */
function toEdge({ x, y }: Point, { width, height }: { readonly width: number; readonly height: number }): number {
  return Math.min(x, y, width - x, height - y);
}

/** Share of the opening's edge under the subject, looked at every few px along it. */
function edgeCovered(opening: Opening, { subject, toPlane }: SubjectPlan, shaper: RenderResources['shaper']): number {
  const toSubject = multiply(toPlane, boxMatrix(opening.box));
  let [looked, covered] = [0, 0];
  for (const polygon of openingPolygons(opening, shaper)) {
    const count = polygon.length / 2;
    for (let n = 0; n < count; n++) {
      const [a, b] = [n, (n + 1) % count].map((k) => apply(toSubject, { x: polygon[2 * k]!, y: polygon[2 * k + 1]! })) as [
        Point,
        Point,
      ];
      const length = Math.hypot(b.x - a.x, b.y - a.y);
      for (let s = EDGE_STEP / 2; s < length; s += EDGE_STEP) {
        const [x, y] = [Math.floor(a.x + ((b.x - a.x) * s) / length), Math.floor(a.y + ((b.y - a.y) * s) / length)];
        looked++;
        const isIn = x >= 0 && y >= 0 && x < subject.width && y < subject.height;
        if (isIn && subject.data[y * subject.width + x]! >= 128) covered++;
      }
    }
  }
  return looked === 0 ? 0 : covered / looked;
}

/** One pair: null where the two do not meet, or where one lies on the other with all that it is and nothing was said of them. */
export function surveyCrossing(sheet: ResolvedSheet, crossing: Crossing, resources: RenderResources): CrossingSurvey | null {
  const drawing = surveying(sheet, resources);
  const list = listAround(sheet, crossing.lower.itemId);
  const isKnown = sheet.crossings.includes(crossing);
  const splits = splitsOf(isKnown ? sheet.crossings : [...sheet.crossings, crossing]);
  const plan = crossingPlan(crossing, list, splits, drawing);
  if (!plan || plan.zone.regions.length === 0) return null;
  const isWhole = plan.moved.part === 'whole' && plan.above.part === 'whole';
  if (!isKnown && isWhole && plan.isLaid) return null;
  const deepest = deepestPixels(plan.zone.parts);
  const planeToSheet = invert(plan.toPlane);
  const toSheet = multiply(planeToSheet, plan.zone.toPlane);
  const scale = meanScale(planeToSheet);
  const regions = plan.zone.regions
    .map(({ label, area, over }) => ({ label, over, area: area * scale * scale, at: middle(planeToSheet, deepest.get(label)!) }))
    .sort((a, b) => a.at.y - b.at.y || a.at.x - b.at.x);
  const { toPlane, zone } = plan;
  const said = { toPlane, zone: { parts: zone.parts, regions: zone.regions, toPlane: zone.toPlane } };
  return { crossing, plan: said, regions, cuts: hardCutsOf(plan), toSheet };
}
