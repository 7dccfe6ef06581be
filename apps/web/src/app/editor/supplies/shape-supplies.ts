import { holdsWords, newShapedOpening, type Opening, type Outline, type Point, type Sheet } from '@kadrosyn/core';
import type { OwnOutline } from '../../api/server-types';

export type ShapeKind = 'straight' | 'round' | 'natural' | 'paper' | 'own';

/** The kinds of shapes, in the order in which they are offered. */
export const SHAPE_KINDS: readonly { readonly id: ShapeKind; readonly name: string }[] = [
  { id: 'straight', name: 'Straight' },
  { id: 'round', name: 'Round' },
  { id: 'natural', name: 'Natural' },
  { id: 'paper', name: 'Paper' },
  { id: 'own', name: 'My own' },
];

/** A shape that can be put on the sheet. */
export interface ShapeSupply {
  readonly name: string;
  readonly kind: ShapeKind;
  /** More words by which it is found. */
  readonly words: string;
  /** Width for a height of 1. */
  readonly proportion: number;
  /** @param side - the shorter side of the opening, px. */
  readonly outline: (side: number) => Outline;
  /** Of an outline of one's own. */
  readonly ownId?: string;
}

export const SHAPES: readonly ShapeSupply[] = [
  shape('Rectangle', 'straight', 4 / 3, { type: 'rectangle', radii: [0, 0, 0, 0] }, 'box oblong'),
  shape('Square', 'straight', 1, { type: 'rectangle', radii: [0, 0, 0, 0] }, 'box'),
  {
    ...shape('Rounded', 'straight', 1, { type: 'rectangle', radii: [0, 0, 0, 0] }, 'rectangle soft corners'),
    outline: (side) => ({ type: 'rectangle', radii: [side * 0.12, side * 0.12, side * 0.12, side * 0.12] }),
  },
  shape('Circle', 'round', 1, { type: 'ellipse' }, 'disc dot'),
  shape('Ellipse', 'round', 0.75, { type: 'ellipse' }, 'oval egg'),
  shape('Arch', 'round', 0.8, { type: 'arch' }, 'door window gate'),
  shape('Ring', 'round', 1, { type: 'ring', hole: 0.55 }, 'hole hoop badge'),
  shape('Heart', 'natural', 1.05, { type: 'heart' }, 'love'),
  shape('Leaf', 'natural', 0.62, { type: 'leaf' }, 'plant'),
  shape('Droplet', 'natural', 0.68, { type: 'droplet' }, 'water glaze tear'),
  shape('Star', 'straight', 1.05, { type: 'star', points: 5, depth: 0.55 }, 'burst'),
  shape('Polygon', 'straight', 0.87, { type: 'polygon', points: 6 }, 'hexagon honeycomb octagon triangle'),
  shape('Trapezoid', 'straight', 1.7, { type: 'trapezoid', slant: 0.35 }, 'lying print slant'),
  shape(
    'Four corners',
    'straight',
    1.25,
    {
      type: 'corners',
      warp: true,
      points: [
        { x: 0.06, y: 0.1 },
        { x: 1, y: 0 },
        { x: 0.94, y: 1 },
        { x: 0, y: 0.86 },
      ],
    },
    'perspective screen sign wall',
  ),
  shape('Ticket', 'paper', 1.9, { type: 'ticket', notch: 0.16 }, 'label tag coupon'),
  shape('Torn paper', 'paper', 1.35, { type: 'torn', seed: 12, depth: 0.06 }, 'ragged edge'),
  shape('Speech', 'paper', 1.3, { type: 'speech', tail: 0.22, reach: 0.2 }, 'balloon says quote'),
];

function shape(name: string, kind: ShapeKind, proportion: number, outline: Outline, words: string): ShapeSupply {
  return { name, kind, words, proportion, outline: () => outline };
}

export function ownShape({ id, name, d, proportion }: OwnOutline): ShapeSupply {
  return { name, kind: 'own', words: 'own drawn', proportion, outline: () => ({ type: 'path', d }), ownId: id };
}

/** Shapes of a kind (all where it is empty) whose name or words hold everything that is looked for. */
export function findShapes(shapes: readonly ShapeSupply[], kind: ShapeKind | '', search: string): ShapeSupply[] {
  return shapes.filter((one) => (kind === '' || one.kind === kind) && holdsWords(`${one.name} ${one.words}`, search));
}

/** An empty opening of the shape, as large as suits the sheet, its middle at `at`. */
export function makeShape(shape: ShapeSupply, sheet: Sheet, at: Point): Opening {
  const height = Math.min(sheet.height * 0.5, (sheet.width * 0.5) / shape.proportion);
  const width = height * shape.proportion;
  return newShapedOpening(shape.name, shape.outline(Math.min(width, height)), at, width, height);
}
