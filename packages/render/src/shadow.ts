import { blurPlane, colourChannels, distanceTo, meanScale, tinted, type Plane, type Shadow } from '@kadrosyn/core';
import { lay, newLayer, type Drawing, type Layer } from './drawing.js';
import { putPixels } from './level-chain.js';
import { shadowOffset } from './reach.js';

/** Draws the shadow of a silhouette that has the place of the layer. */
export function drawShadow(layer: Layer, silhouette: Plane, shadow: Shadow, drawing: Drawing, mask?: Plane): void {
  const scale = meanScale(drawing.view);
  const offset = shadowOffset(shadow, drawing.sheet.light);
  const [dx, dy] = [Math.round(offset.x * scale), Math.round(offset.y * scale)];
  const wide = shadow.spread ? spread(silhouette, shadow.spread * scale) : silhouette;
  const soft = shifted(blurPlane(wide, (shadow.blur / 2) * scale), dx, dy);
  if (mask) for (let i = 0; i < soft.data.length; i++) soft.data[i] = (soft.data[i]! * (255 - mask.data[i]!)) / 255;
  const [red, green, blue] = colourChannels(shadow.colour ?? '#20272a');
  const scratch = newLayer(layer.bounds, drawing.resources);
  putPixels(scratch.context, tinted(soft, red, green, blue, shadow.strength));
  lay(layer, scratch);
}

function shifted(plane: Plane, dx: number, dy: number): Plane {
  const { width, height } = plane;
  const data = new Uint8Array(width * height);
  for (let y = Math.max(0, dy); y < Math.min(height, height + dy); y++) {
    const from = (y - dy) * width + Math.max(0, -dx);
    data.set(plane.data.subarray(from, from + width - Math.abs(dx)), y * width + Math.max(0, dx));
  }
  return { width, height, data };
}

/** A silhouette grown (or shrunken, below 0) by px, its edge one px soft. */
function spread(plane: Plane, by: number): Plane {
  const inverse: Plane = { ...plane, data: plane.data.map((value) => 255 - value) };
  const distances = by > 0 ? distanceTo(plane, 128) : distanceTo(inverse, 128);
  const data = Uint8Array.from(distances, (distance) => {
    const share = Math.min(1, Math.max(0, by > 0 ? by - distance + 0.5 : distance + by + 0.5));
    return share * 255;
  });
  return { ...plane, data };
}
