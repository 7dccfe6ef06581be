import type { Pixels, ResolvedSheet } from '@kadrosyn/core';
import { drawSheet, sheetSize } from '../sheet/draw-sheet.js';
import type { RenderResources } from '../canvas/resources.js';
import { NODE_ENVIRONMENT } from './node-environment.js';

/** Draws a sheet at `scale` px per px of the sheet. */
export function renderSheet(sheet: ResolvedSheet, scale: number, resources: Omit<RenderResources, 'environment'>): Pixels {
  const { width, height } = sheetSize(sheet, scale);
  const { context } = NODE_ENVIRONMENT.createSurface(width, height);
  drawSheet(context, sheet, { scale, left: 0, top: 0 }, { ...resources, environment: NODE_ENVIRONMENT });
  return { width, height, data: context.getImageData(0, 0, width, height).data };
}
