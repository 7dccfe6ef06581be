import type { Placement } from '../document/fill.js';
import type { Bounds } from '../geometry/bounds.js';
import { apply, rotation } from '../geometry/matrix.js';
import { extentAlong, keepCovered, type Hull } from './cover.js';
import type { Size } from './placement.js';

/** A photo of which the part that it is about may be known, px of the photo. */
export type FocusedSize = Size & { readonly focus?: Bounds };

/**
 * Slides a photo that covers its opening so that its focus is seen: `inside` moves it no more than it takes to bring all of it in, `centred`
 * brings its middle to the middle. Scale and turn stay, and so does the cover; without a focus nothing moves.
 */
export function keepFocus(placement: Placement, hull: Hull, photo: FocusedSize, how: 'inside' | 'centred'): Placement {
  const { focus } = photo;
  if (!focus || hull.length < 6) return placement;
  const { turn, scale, flipX, flipY } = placement;
  const extent = extentAlong(hull, turn);
  const middle = apply(rotation(-turn), placement);
  const slid = (at: number, from: number, length: number, off: number, half: number): number => {
    const focused = at + off;
    if (how === 'centred' || 2 * half > length) return at + from + length / 2 - focused;
    return at + Math.min(Math.max(focused, from + half), from + length - half) - focused;
  };
  const offX = (focus.x + focus.width / 2 - photo.width / 2) * scale * (flipX ? -1 : 1);
  const offY = (focus.y + focus.height / 2 - photo.height / 2) * scale * (flipY ? -1 : 1);
  const moved = {
    x: slid(middle.x, extent.x, extent.width, offX, (focus.width * scale) / 2),
    y: slid(middle.y, extent.y, extent.height, offY, (focus.height * scale) / 2),
  };
  if (moved.x === middle.x && moved.y === middle.y) return placement;
  return keepCovered({ ...placement, ...apply(rotation(turn), moved) }, hull, photo);
}
