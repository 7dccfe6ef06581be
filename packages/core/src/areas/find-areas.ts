import type { Point } from '../geometry/matrix.js';
import { signedArea } from '../geometry/polygon.js';
import type { Pixels } from '../photo/pixels.js';
import { isSameForm, type AreaForm } from './area-form.js';
import type { EdgeMap } from './edge-map.js';
import { fitEllipse } from './fit-ellipse.js';
import { floodFrom, restsOf, type Flood } from './flood.js';
import { quadAround } from './hull-quad.js';
import { refineQuad, shortestSide } from './refine-quad.js';
import { refineRound } from './refine-round.js';
import { regionAt, regionHull } from './region.js';
import { traceRegion } from './trace-region.js';

/** An area that may be meant. */
export interface AreaCandidate {
  readonly form: AreaForm;
  /** How sure it is to be one, 0 to 1. */
  readonly score: number;
  /** px² of the photo that were flooded. */
  readonly size: number;
  /** The level of the flood that it was found at. */
  readonly level: number;
}

/** Shares of the photo: what is smaller or larger is no area. */
const [LEAST, MOST] = [0.0004, 0.85];
/** The same form as another: corners no further apart, px of the photo. */
const SAME = 4;
/** A form that scores lower than this is not what the flood found: its outline is traced. */
const FORMED = 0.45;
const FORMED_ROUND = 0.6;
/** What a traced outline scores at best: any edge can be traced. */
const TRACED = 0.4;

/**
 * What may be meant by a click on a photo: each region that an edge surrounds, as four corners, an ellipse, or its traced outline.
 * @param map - of the photo; @param stroke - px of the photo: what is found holds all of it
 * @returns by growing size; each once
 */
export function findAreas(photo: Pixels, map: EdgeMap, stroke: readonly Point[]): AreaCandidate[] {
  const [first] = stroke;
  if (!first) return [];
  const flood = floodFrom(map, first.x / map.scale, first.y / map.scale, MOST + 0.05);
  const count = map.width * map.height;
  const through = stroke.map(({ x, y }) => flood.reached[pxAt(map, x, y)]!);
  const hardest = Math.max(...through);
  const found = restsOf(flood, LEAST * count, MOST * count)
    .filter((level) => level >= hardest)
    .map((level) => candidateAt(photo, flood, level))
    .filter((candidate) => candidate !== null);
  return found.filter(
    (one, i) =>
      !found.some(
        (other, j) => isSameForm(one.form, other.form, SAME) && (other.score > one.score || (other.score === one.score && j < i)),
      ),
  );
}

/** A frame round an area is as good a form as the area: the inner one is meant, unless it is so much worse. */
const AS_GOOD = 0.65;
/** What scores less is a form by chance as likely as not: there the best one is meant. */
const SURE = 0.6;

/** Where the one that is most likely meant stands among them. */
export function likeliest(candidates: readonly AreaCandidate[]): number {
  const best = Math.max(...candidates.map(({ score }) => score));
  return Math.max(
    0,
    candidates.findIndex(({ score }) => score >= Math.max(AS_GOOD * best, Math.min(best, SURE))),
  );
}

function pxAt({ width, height, scale }: EdgeMap, x: number, y: number): number {
  const inside = (value: number, size: number): number => Math.max(0, Math.min(size - 1, Math.floor(value / scale)));
  return inside(y, height) * width + inside(x, width);
}

/**
 * What was found, in a form of one's choice.
 * @param stroke - as it was found; @param level - of the candidate
 * @returns null where it can not be given that form
 */
export function areaAs(photo: Pixels, map: EdgeMap, { stroke, level }: FoundAt, type: AreaForm['type']): AreaForm | null {
  const [first] = stroke;
  if (!first) return null;
  const flood = floodFrom(map, first.x / map.scale, first.y / map.scale, MOST + 0.05);
  if (type === 'traced') return traceRegion(photo, regionAt(flood, level), map);
  const hull = regionHull(flood, level);
  const hullArea = Math.abs(signedArea(hull));
  if (hullArea === 0) return null;
  return (type === 'flat' ? flatCandidate(photo, hull, hullArea) : roundCandidate(photo, hull, hullArea, 0))?.form ?? null;
}

/** What a candidate was found by. */
export interface FoundAt {
  readonly stroke: readonly Point[];
  readonly level: number;
}

function candidateAt(photo: Pixels, flood: Flood, level: number): AreaCandidate | null {
  const hull = regionHull(flood, level);
  const hullArea = Math.abs(signedArea(hull));
  if (hullArea === 0) return null;
  const size = flood.areas[level]! * flood.map.scale ** 2;
  const fill = Math.min(1, size / hullArea / 0.85);
  const flat = flatCandidate(photo, hull, hullArea);
  const round = flat && flat.shape > ROUNDER ? null : roundCandidate(photo, hull, hullArea, flat?.shape ?? 0);
  const formed = round ?? flat;
  if (formed && formed.score * fill >= (formed === round ? FORMED_ROUND : FORMED)) {
    return { form: formed.form, score: formed.score * fill, size, level };
  }
  const traced = traceRegion(photo, regionAt(flood, level), flood.map);
  return traced ? { form: traced, score: TRACED * fill, size, level } : null;
}

/** A hull that fills so much of its four corners is no ellipse, which fills at most 79 %. */
const ROUNDER = 0.9;

interface Formed {
  readonly form: AreaForm;
  /** How much of the form the hull fills. */
  readonly shape: number;
  readonly score: number;
}

function flatCandidate(photo: Pixels, hull: Float64Array, hullArea: number): Formed | null {
  const quad = quadAround(hull);
  if (!quad) return null;
  const shape = hullArea / Math.abs(signedArea(Float64Array.from(quad.flatMap(({ x, y }) => [x, y]))));
  const { corners, worstSide } = refineQuad(photo, quad);
  return {
    form: { type: 'flat', corners },
    shape,
    score: Math.min(1, shortestSide(corners) / 60) * shape * (0.25 + 0.75 * worstSide),
  };
}

function roundCandidate(photo: Pixels, hull: Float64Array, hullArea: number, flatShape: number): Formed | null {
  const rough = fitEllipse(evenly(hull));
  if (!rough) return null;
  const area = Math.PI * rough.rx * rough.ry;
  const shape = Math.min(hullArea / area, area / hullArea);
  if (shape <= flatShape) return null;
  const refined = refineRound(photo, rough);
  if (!refined) return null;
  return {
    form: refined.form,
    shape,
    score: Math.min(1, Math.min(rough.rx, rough.ry) / 30) * shape * (0.25 + 0.75 * refined.agreed),
  };
}

/** Points evenly along an outline, so that a long side counts for more than a corner. */
function evenly(hull: Float64Array, count = 180): Point[] {
  const n = hull.length / 2;
  const lengths = Array.from({ length: n }, (_, i) =>
    Math.hypot(hull[2 * ((i + 1) % n)]! - hull[2 * i]!, hull[2 * ((i + 1) % n) + 1]! - hull[2 * i + 1]!),
  );
  const step = lengths.reduce((sum, length) => sum + length, 0) / count;
  const points: Point[] = [];
  let left = 0;
  lengths.forEach((length, i) => {
    for (; left < length; left += step) {
      const t = left / length;
      const j = (i + 1) % n;
      points.push({ x: hull[2 * i]! * (1 - t) + hull[2 * j]! * t, y: hull[2 * i + 1]! * (1 - t) + hull[2 * j + 1]! * t });
    }
    left -= length;
  });
  return points;
}
