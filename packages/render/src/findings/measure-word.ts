import { edgeContrast, wordEdges, type Opening, type Readability, type ResolvedSheet, type WordEdges } from '@kadrosyn/core';
import { drawSheet } from '../sheet/draw-sheet.js';
import type { RenderResources } from '../canvas/resources.js';

/** A word as it was measured, and on which part of the sheet. */
export interface MeasuredWord extends Readability {
  readonly edges: WordEdges;
}

/**
 * Measures how well a word of a sheet can be read, from the pixels of the sheet as it is looked at. Null for what is no lettering.
 * @param seen - px as it is looked at to one px of the sheet.
 */
export function measureWord(sheet: ResolvedSheet, word: Opening, seen: number, resources: RenderResources): MeasuredWord | null {
  const edges = wordEdges(word, seen, resources.shaper);
  if (!edges) return null;
  const { area, scale, letters, options } = edges;
  const { context } = resources.environment.createSurface(area.width, area.height);
  drawSheet(context, sheet, { scale, left: -area.x, top: -area.y }, resources);
  const picture = { width: area.width, height: area.height, data: context.getImageData(0, 0, area.width, area.height).data };
  return { ...edgeContrast(picture, letters, options), edges };
}
