import {
  fillWithPhoto,
  type GripContext,
  type Opening,
  type Photo,
  placePhoto,
  type PhotoFill,
  type Placement,
  type Shaper,
  type Sheet,
} from '@kadrosyn/core';

/** How the photo differs from one that just fills its opening. */
export interface Adjustment {
  /** Times the least covering scale. @default 1 */
  readonly zoom?: number;
  /** Shift in shares of the opening's width and height. @default 0 */
  readonly right?: number;
  readonly down?: number;
}

/** The opening with the photo in it, adjusted and still covered. */
export function fillOpeningWith(opening: Opening, photo: Photo, adjustment: Adjustment, sheet: Sheet, shaper: Shaper): Opening {
  const fill = fillWithPhoto(opening, photo, shaper);
  const filled: Opening = { ...opening, name: opening.name, fill };
  const { zoom = 1, right = 0, down = 0 } = adjustment;
  const start = fill.placement as Placement;
  const context: GripContext = { sheet, sheets: [], photos: { [photo.id]: photo }, shaper };
  const wanted: Placement = {
    ...start,
    scale: start.scale * zoom,
    x: start.x + right * opening.box.width,
    y: start.y + down * opening.box.height,
  };
  return { ...filled, fill: placePhoto(filled, wanted, context).fill as PhotoFill };
}
