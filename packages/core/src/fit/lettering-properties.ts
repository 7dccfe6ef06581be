import type { ItemProperties } from '../document/edit.js';
import type { Opening } from '../document/item.js';
import type { LetteringOutline } from '../kinds/outlines/lettering.js';
import { changeLettering } from '../document/new-opening.js';
import { setBoxByGrip, type GripContext } from './grip.js';

/** Properties that set another lettering outline; a photo in the letters stays on the sheet and covers the new ones. */
export function letteringProperties(context: GripContext, opening: Opening, outline: LetteringOutline): ItemProperties {
  const set = changeLettering(opening, outline, context.shaper);
  const shaped = { ...opening, outline: set.outline! };
  return { ...set, ...setBoxByGrip(shaped, 'opening', set.box!, context) };
}
