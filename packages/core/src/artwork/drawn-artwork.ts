import type { DrawingLayer, LiteralColour } from '../document/fill.js';
import { combined, unitedPath } from '../geometry/combine.js';
import { scaling } from '../geometry/matrix.js';
import { readPathData } from '../geometry/path-data.js';
import { flatten, toPathData, transformPath, type Path } from '../geometry/path.js';
import type { Polygons } from '../geometry/polygon.js';
import type { TakenDrawing } from '../svg/take-drawing.js';

/** A drawing of one's own as a piece of artwork. */
export interface DrawnArtwork {
  /** Width for a height of 1. */
  readonly proportion: number;
  /** What is taken hold of, path data in shares of the box. */
  readonly outline: string;
  readonly colours: readonly LiteralColour[];
  readonly layers: readonly DrawingLayer[];
}

const WHOLE_BOX = 'M0 0L1 0L1 1L0 1Z';
/** An outline of more characters is of no more use than the whole box. */
const MOST_CHARACTERS = 20_000;
/** Outlines are united at this size of the box, px. */
const SIDE = 1024;

/** A drawing with its colours as artwork: it is taken hold of by all that is painted, where that is not too ragged. */
export function drawnArtwork({ colours, layers, proportion }: Extract<TakenDrawing, { ok: true }>): DrawnArtwork {
  const whole = unitedPath(layers.flatMap(paintedPart));
  const outline = toPathData(transformPath(scaling(1 / SIDE), whole), 4);
  const isOfUse = outline !== '' && outline.length <= MOST_CHARACTERS;
  return { proportion, colours, layers, outline: isOfUse ? outline : WHOLE_BOX };
}

function paintedPart(layer: DrawingLayer): Polygons {
  const area = united(layer);
  return flatten(layer.clip ? combined('intersect', flatten(area), flatten(united(layer.clip))) : area);
}

function united({ d, rule = 'nonzero' }: Pick<DrawingLayer, 'd' | 'rule'>): Path {
  return unitedPath(flatten(transformPath(scaling(SIDE), readPathData(d).path), 1), rule);
}
