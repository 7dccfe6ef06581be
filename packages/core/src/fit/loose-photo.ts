import type { Opening } from '../document/item.js';
import type { Photo, Sheet } from '../document/project.js';
import type { Point } from '../geometry/matrix.js';
import { newId } from '../document/new-id.js';

/** A loose photo covers at most this share of the sheet's width and height when it is laid down. */
const SHARE = 0.6;

/** An opening with the photo's own rectangle, its middle at `at` (sheet px), never larger than the photo's own px. */
export function loosePhoto(photo: Photo, sheet: Pick<Sheet, 'width' | 'height'>, at: Point): Opening {
  return photoAt(photo, at, Math.min(1, (sheet.width * SHARE) / photo.width, (sheet.height * SHARE) / photo.height));
}

/** An opening with the photo's own rectangle, its middle at `at`. @param scale - px of the sheet for one of the photo */
export function photoAt(photo: Photo, at: Point, scale: number): Opening {
  const [width, height] = [photo.width * scale, photo.height * scale];
  return {
    type: 'opening',
    id: newId('item'),
    name: photo.name,
    kind: 'loose',
    outline: { type: 'rectangle', radii: [0, 0, 0, 0] },
    box: { x: at.x - width / 2, y: at.y - height / 2, width, height, turn: 0 },
    fill: {
      type: 'photo',
      photoId: photo.id,
      placement: { x: width / 2, y: height / 2, scale, turn: 0, flipX: false, flipY: false },
      fit: 'fill',
    },
    finish: {},
  };
}
