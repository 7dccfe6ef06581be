import type { DrawingFill } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { newShapedOpening } from '../document/new-opening.js';
import type { Sheet } from '../document/project.js';
import type { Point } from '../geometry/matrix.js';
import type { Artwork } from './artwork.js';

/** A piece of artwork as an item, its middle at `at` (px of the sheet), as large as suits the sheet. */
export function newArtwork(
  piece: Pick<Artwork, 'name' | 'proportion' | 'outline' | 'blend' | 'share'> & Pick<DrawingFill, 'colours' | 'layers'>,
  sheet: Pick<Sheet, 'width' | 'height'>,
  at: Point,
): Opening {
  const share = piece.share ?? 0.5;
  const width = Math.min(sheet.width * share, sheet.height * share * piece.proportion);
  const { outline, colours, layers, blend } = piece;
  return {
    ...newShapedOpening(piece.name, { type: 'path', d: outline }, at, width, width / piece.proportion),
    kind: 'artwork',
    fill: { type: 'drawing', colours, layers },
    finish: blend ? { blend } : {},
  };
}
