import { blurPixels, blurReach } from '../../finish/blur.js';
import { colourChannels } from '../../finish/colour-channels.js';
import type { Pixels } from '../../photo/pixels.js';
import type { EffectKind, EffectSetting } from './effect-kind.js';

/** Distance of halftone dots in px of the sheet, at full strength. */
const DOT_PITCH = 14;

export const halftone: EffectKind = {
  name: 'Halftone',
  turn: 4,
  apply: (pixels, setting, { scale, origin }) => dots(pixels, setting, scale, origin),
  reach: (strength) => dotPitch(strength) + blurReach(dotPitch(strength) / 3),
  isSlow: true,
  clears: true,
  inkName: 'Ink of the dots',
};

function dotPitch(strength: number): number {
  return DOT_PITCH * (0.4 + 0.6 * strength);
}

/** One ink in round dots on a raster of 45 degrees; the darker the place, the larger the dot. Between them it is clear. */
function dots(
  pixels: Pixels,
  { strength, ink = '#20272a' }: EffectSetting,
  scale: number,
  origin: { x: number; y: number },
): Pixels {
  const { width, height, data } = pixels;
  const pitch = dotPitch(strength) * scale;
  const smooth = blurPixels(pixels, pitch / 3);
  const [red, green, blue] = colourChannels(ink);
  const out = new Uint8ClampedArray(data.length);
  const half = Math.SQRT1_2 / pitch;
  for (let y = 0, o = 0; y < height; y++) {
    for (let x = 0; x < width; x++, o += 4) {
      const [px, py] = [x + 0.5 + origin.x, y + 0.5 + origin.y];
      const u = (px + py) * half;
      const v = (py - px) * half;
      const distance = Math.hypot(u - Math.floor(u) - 0.5, v - Math.floor(v) - 0.5) * pitch;
      const luma = 0.2126 * smooth.data[o]! + 0.7152 * smooth.data[o + 1]! + 0.0722 * smooth.data[o + 2]!;
      // A dot of this radius covers as much of its cell as the place is dark.
      const radius = pitch * Math.sqrt(Math.max(0, 1 - luma / 255) / Math.PI) * 1.08;
      out[o] = red;
      out[o + 1] = green;
      out[o + 2] = blue;
      // Smaller than a pixel, a dot can only grow paler.
      out[o + 3] = Math.min(1, Math.max(0, radius - distance + 0.5)) * Math.min(1, 4 * radius * radius) * data[o + 3]!;
    }
  }
  return { width, height, data: out };
}
