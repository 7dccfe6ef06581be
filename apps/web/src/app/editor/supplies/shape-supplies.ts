import { newShapedOpening, type Opening, type Outline, type Point, type Sheet } from '@kadrosyn/core';

/** A shape that can be put on the sheet. */
export interface ShapeSupply {
  readonly name: string;
  /** In a square of 40 px. */
  readonly drawing: string;
  /** Width for a height of 1. */
  readonly proportion: number;
  /** @param side - the shorter side of the opening, px. */
  readonly outline: (side: number) => Outline;
}

export const SHAPES: readonly ShapeSupply[] = [
  { name: 'Rectangle', drawing: 'M4 8H36V32H4Z', proportion: 4 / 3, outline: () => ({ type: 'rectangle', radii: [0, 0, 0, 0] }) },
  { name: 'Square', drawing: 'M6 6H34V34H6Z', proportion: 1, outline: () => ({ type: 'rectangle', radii: [0, 0, 0, 0] }) },
  {
    name: 'Rounded',
    drawing: 'M11 6H29A5 5 0 0 1 34 11V29A5 5 0 0 1 29 34H11A5 5 0 0 1 6 29V11A5 5 0 0 1 11 6Z',
    proportion: 1,
    outline: (side) => ({ type: 'rectangle', radii: [side * 0.12, side * 0.12, side * 0.12, side * 0.12] }),
  },
  { name: 'Circle', drawing: 'M20 5A15 15 0 1 1 19.9 5Z', proportion: 1, outline: () => ({ type: 'ellipse' }) },
  { name: 'Ellipse', drawing: 'M20 4A12 16 0 1 1 19.9 4Z', proportion: 0.75, outline: () => ({ type: 'ellipse' }) },
  { name: 'Arch', drawing: 'M8 35V17A12 12 0 0 1 32 17V35Z', proportion: 0.8, outline: () => ({ type: 'arch' }) },
  {
    name: 'Heart',
    drawing: 'M20 35C18 31 5 23 5 14C5 9 8.5 5 13 5C16 5 19 7 20 11C21 7 24 5 27 5C31.5 5 35 9 35 14C35 23 22 31 20 35Z',
    proportion: 1.05,
    outline: () => ({ type: 'heart' }),
  },
  {
    name: 'Star',
    drawing: 'M20 4L23.9 14.6L35.2 15.1L26.3 22L29.4 32.9L20 26.6L10.6 32.9L13.7 22L4.8 15.1L16.1 14.6Z',
    proportion: 1.05,
    outline: () => ({ type: 'star', points: 5, depth: 0.55 }),
  },
  {
    name: 'Polygon',
    drawing: 'M20 4L33.9 12V28L20 36L6.1 28V12Z',
    proportion: 0.87,
    outline: () => ({ type: 'polygon', points: 6 }),
  },
  {
    name: 'Trapezoid',
    drawing: 'M10 12H30L36 30H4Z',
    proportion: 1.7,
    outline: () => ({ type: 'trapezoid', slant: 0.35 }),
  },
];

/** An empty opening of the shape, as large as suits the sheet, its middle at `at`. */
export function makeShape(shape: ShapeSupply, sheet: Sheet, at: Point): Opening {
  const height = Math.min(sheet.height * 0.5, (sheet.width * 0.5) / shape.proportion);
  const width = height * shape.proportion;
  return newShapedOpening(shape.name, shape.outline(Math.min(width, height)), at, width, height);
}
