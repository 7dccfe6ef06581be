import type { Outline } from '../document/outline.js';
import type { Shaper } from '../lettering/shaper.js';
import { letteringPath } from '../lettering/lettering-path.js';
import { boundsOf } from './bounds.js';
import type { Point } from './matrix.js';
import { PathBuilder, type Path } from './path.js';

/** Where a quarter of a circle of radius 1 has its cubic handles; radial error under 0.03 % (A. Riškus, 2006). */
const QUARTER = 0.5522847498;

/** Outlines that this version can draw. Others are kept in the document and reported by `isDrawable`. */
export function isDrawable(outline: Outline): boolean {
  return outline.type !== 'path';
}

/** Whether the fill is put into the corners in perspective. */
export function isWarped(outline: Outline): boolean {
  return outline.type === 'corners' && outline.warp;
}

/**
 * The path of an outline in its box's own frame: 0..width, 0..height in px of the sheet.
 * @param shaper - sets lettering; other outlines do not need it.
 * @throws RangeError for an outline that this version can not draw.
 */
export function outlinePath(outline: Outline, width: number, height: number, shaper: Shaper): Path {
  switch (outline.type) {
    case 'rectangle':
      return rectanglePath(width, height, outline.radii);
    case 'ellipse':
      return ellipsePath(width, height);
    case 'arch':
      return archPath(width, height);
    case 'polygon':
      return polygonPath(regularPoints(outline.points), width, height);
    case 'star':
      return polygonPath(starPoints(outline.points, outline.depth), width, height);
    case 'trapezoid':
      return polygonPath(trapezoidPoints(outline.slant), width, height);
    case 'heart':
      return heartPath(width, height);
    case 'corners':
      return polygonPath(outline.points, width, height);
    case 'lettering':
      return letteringPath(outline, width, shaper);
    default:
      throw new RangeError(`An outline of type "${outline.type}" can not be drawn yet`);
  }
}

/** A rectangle from 0, 0 in px. Radii in the order top-left, top-right, bottom-right, bottom-left; too large ones shrink together, as in CSS. */
export function rectanglePath(
  width: number,
  height: number,
  radii: readonly [number, number, number, number] = [0, 0, 0, 0],
): Path {
  const [tl, tr, br, bl] = radii;
  const fit = Math.min(1, width / (tl + tr), width / (bl + br), height / (tl + bl), height / (tr + br));
  const r = radii.map((radius) => radius * fit) as [number, number, number, number];
  const path = new PathBuilder().moveTo(r[0], 0).lineTo(width - r[1], 0);
  const corner = (radius: number, x1: number, y1: number, x2: number, y2: number, x: number, y: number): void => {
    if (radius > 0) path.cubicTo(x1, y1, x2, y2, x, y);
  };
  const k = 1 - QUARTER;
  corner(r[1], width - r[1] * k, 0, width, r[1] * k, width, r[1]);
  path.lineTo(width, height - r[2]);
  corner(r[2], width, height - r[2] * k, width - r[2] * k, height, width - r[2], height);
  path.lineTo(r[3], height);
  corner(r[3], r[3] * k, height, 0, height - r[3] * k, 0, height - r[3]);
  path.lineTo(0, r[0]);
  corner(r[0], 0, r[0] * k, r[0] * k, 0, r[0], 0);
  return path.close().build();
}

/** @param points - in shares of the box. */
function polygonPath(points: readonly Point[], width: number, height: number): Path {
  const path = new PathBuilder();
  for (const [index, { x, y }] of points.entries()) {
    if (index === 0) path.moveTo(x * width, y * height);
    else path.lineTo(x * width, y * height);
  }
  return path.close().build();
}

/** Corners at equal angles, one at the top, stretched to fill the box. */
function regularPoints(count: number): Point[] {
  return filling(Array.from({ length: count }, (_, i) => onCircle(i / count, 1)));
}

/** @param depth - how far the inner corners lie inwards, as a share of the radius. */
function starPoints(count: number, depth: number): Point[] {
  return filling(Array.from({ length: 2 * count }, (_, i) => onCircle(i / (2 * count), i % 2 === 0 ? 1 : 1 - depth)));
}

/** @param turn - clockwise from the top, in whole turns. */
function onCircle(turn: number, radius: number): Point {
  return { x: radius * Math.sin(2 * Math.PI * turn), y: -radius * Math.cos(2 * Math.PI * turn) };
}

/** Points moved and stretched so that the rectangle round them is that of 0..1. */
function filling(points: readonly Point[]): Point[] {
  const { x, y, width, height } = boundsOf(points);
  return points.map((p) => ({ x: (p.x - x) / width, y: (p.y - y) / height }));
}

/** The upper side shorter by `slant` of the width, evenly on both ends; below 0 the lower side. */
function trapezoidPoints(slant: number): Point[] {
  const [up, down] = [Math.max(0, slant) / 2, Math.max(0, -slant) / 2];
  return [
    { x: up, y: 0 },
    { x: 1 - up, y: 0 },
    { x: 1 - down, y: 1 },
    { x: down, y: 1 },
  ];
}

/** Two lobes and a tip; the outermost places are nodes, so that it fills the box exactly. */
function heartPath(width: number, height: number): Path {
  const path = new PathBuilder();
  const [w, h] = [width, height];
  return path
    .moveTo(0.5 * w, h)
    .cubicTo(0.44 * w, 0.88 * h, 0, 0.62 * h, 0, 0.3 * h)
    .cubicTo(0, 0.12 * h, 0.12 * w, 0, 0.27 * w, 0)
    .cubicTo(0.37 * w, 0, 0.46 * w, 0.07 * h, 0.5 * w, 0.18 * h)
    .cubicTo(0.54 * w, 0.07 * h, 0.63 * w, 0, 0.73 * w, 0)
    .cubicTo(0.88 * w, 0, w, 0.12 * h, w, 0.3 * h)
    .cubicTo(w, 0.62 * h, 0.56 * w, 0.88 * h, 0.5 * w, h)
    .close()
    .build();
}

function ellipsePath(width: number, height: number): Path {
  const [rx, ry] = [width / 2, height / 2];
  const [kx, ky] = [rx * QUARTER, ry * QUARTER];
  return new PathBuilder()
    .moveTo(rx, 0)
    .cubicTo(rx + kx, 0, width, ry - ky, width, ry)
    .cubicTo(width, ry + ky, rx + kx, height, rx, height)
    .cubicTo(rx - kx, height, 0, ry + ky, 0, ry)
    .cubicTo(0, ry - ky, rx - kx, 0, rx, 0)
    .close()
    .build();
}

/** Straight sides below half a circle; a box wider than high gets half an ellipse of its full height. */
function archPath(width: number, height: number): Path {
  const rx = width / 2;
  const ry = Math.min(rx, height);
  const [kx, ky] = [rx * QUARTER, ry * QUARTER];
  return new PathBuilder()
    .moveTo(0, ry)
    .cubicTo(0, ry - ky, rx - kx, 0, rx, 0)
    .cubicTo(rx + kx, 0, width, ry - ky, width, ry)
    .lineTo(width, height)
    .lineTo(0, height)
    .close()
    .build();
}
