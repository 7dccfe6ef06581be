import { areaOf, findOpening, type Opening } from '@kadrosyn/core';
import { keepInside } from '../canvas/fill-path.js';
import type { Drawing, Layer } from '../canvas/drawing.js';
import { boxOnTarget } from '../fill/ink.js';
import type { Inputs } from '../kept/inputs.js';
import { partPath } from '../outline/outline-paths.js';

/** The opening in whose photo's area another lies; undefined for one that lies free. */
export function hostOf({ host }: Opening, { sheet }: Pick<Drawing, 'sheet'>): Opening | undefined {
  return host && findOpening(sheet, host.itemId);
}

/** What lies in an area ends where its host ends. */
export function cutByHost(layer: Layer, opening: Opening, drawing: Drawing): void {
  const host = hostOf(opening, drawing);
  if (host)
    keepInside(layer.context, boxOnTarget(host, layer, drawing), partPath(host, undefined, drawing.resources.shaper).path);
}

/** What decides where that is. */
export function hostInputs(opening: Opening, drawing: Pick<Drawing, 'sheet'>): Inputs {
  const host = hostOf(opening, drawing);
  return host ? { hostOutline: host.outline, hostBox: host.box } : {};
}

/** What decides how it looks there besides: what the host shows, and what is known of the area. */
export function surfaceInputs(opening: Opening, drawing: Drawing): Inputs {
  const host = hostOf(opening, drawing);
  if (host?.fill.type !== 'photo') return {};
  return { hostFill: host.fill, hostArea: areaOf(drawing.resources.photos[host.fill.photoId], opening.host!.areaId) };
}
