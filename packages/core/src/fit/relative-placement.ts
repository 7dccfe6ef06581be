import type { Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import type { Shaper } from '../lettering/shaper.js';
import { keepCovered, leastCoveringScale } from './cover.js';
import { openingHull } from './opening-fit.js';
import type { Size } from './placement.js';

/** How a photo lies in its opening, whatever the sizes of both. */
export interface RelativePlacement {
  /** Where the middle of the photo lies, from the middle of the box, as shares of its width and height. */
  readonly right: number;
  readonly down: number;
  /** The scale as a multiple of the least that covers. */
  readonly zoom: number;
  readonly turn: number;
  readonly flipX: boolean;
  readonly flipY: boolean;
}

/** @param placement - in the frame of the opening's box. */
export function relativePlacement(opening: Opening, placement: Placement, photo: Size, shaper: Shaper): RelativePlacement {
  const { width, height } = opening.box;
  const { x, y, scale, turn, flipX, flipY } = placement;
  return {
    right: x / width - 0.5,
    down: y / height - 0.5,
    zoom: scale / leastCoveringScale(openingHull(opening, shaper), photo, turn),
    ...{ turn, flipX, flipY },
  };
}

/** The same way to lie, for another photo in another opening; it covers where the first did. */
export function placementLike(opening: Opening, like: RelativePlacement, photo: Size, shaper: Shaper): Placement {
  const hull = openingHull(opening, shaper);
  const { width, height } = opening.box;
  const { right, down, zoom, turn, flipX, flipY } = like;
  const placement: Placement = {
    x: (right + 0.5) * width,
    y: (down + 0.5) * height,
    scale: zoom * leastCoveringScale(hull, photo, turn),
    ...{ turn, flipX, flipY },
  };
  return zoom >= 1 - 1e-6 ? keepCovered(placement, hull, photo) : placement;
}
