import {
  holdsWords,
  newShapedOpening,
  OUTLINES,
  type Opening,
  type Outline,
  type OutlineSupply,
  type Point,
  type Sheet,
  withTrueProportion,
} from '@kadrosyn/core';
import type { OwnOutline } from '@kadrosyn/contract';

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

export const SHAPES: readonly ShapeSupply[] = Object.values(OUTLINES)
  .flatMap(({ supplies = [] }) => supplies as readonly OutlineSupply<Outline>[])
  .map(({ group, ...supply }) => ({ ...supply, kind: group }));

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
  const opening = newShapedOpening(shape.name, shape.outline(Math.min(width, height)), at, width, height);
  return { ...opening, outline: withTrueProportion(opening, sheet) };
}
