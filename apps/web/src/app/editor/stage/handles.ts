import {
  apply,
  boxMatrix,
  placedPicture,
  placementMatrix,
  type GripContext,
  type Opening,
  type Point,
  fromLayout,
} from '@kadrosyn/core';

/** A point of the box that can be taken hold of: shares of width and height, 0 left or top, 1 right or bottom. */
export interface BoxHandle {
  readonly kind: 'peg' | 'tab';
  readonly x: number;
  readonly y: number;
}

const PEGS: readonly BoxHandle[] = [
  { kind: 'peg', x: 0, y: 0 },
  { kind: 'peg', x: 1, y: 0 },
  { kind: 'peg', x: 1, y: 1 },
  { kind: 'peg', x: 0, y: 1 },
];

const TABS: readonly BoxHandle[] = [
  { kind: 'tab', x: 0.5, y: 0 },
  { kind: 'tab', x: 1, y: 0.5 },
  { kind: 'tab', x: 0.5, y: 1 },
  { kind: 'tab', x: 0, y: 0.5 },
];

/** Text along a circle only grows; four corners are dragged themselves. */
export function handlesOf(opening: Opening): readonly BoxHandle[] {
  if (opening.outline.type === 'corners') return [];
  return opening.outline.type === 'lettering' && opening.outline.along ? PEGS : [...PEGS, ...TABS];
}

/** Corners of the photo's extent on the sheet: top-left, top-right, bottom-right, bottom-left; none without a photo. In perspective where it is laid so. */
export function photoCorners(opening: Opening, context: GripContext): Point[] {
  const placed = placedPicture(opening, context);
  if (!placed) return [];
  const toBox = placementMatrix(placed.placement, placed.picture);
  const toSheet = boxMatrix(opening.box);
  const { width, height } = placed.picture;
  const corners = [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ].map((p) => fromLayout(opening, apply(toBox, p)));
  // One beyond the horizon of four corners can not be taken hold of, nor can the others then.
  return corners.every((p) => p !== null) ? corners.map((p) => apply(toSheet, p)) : [];
}
