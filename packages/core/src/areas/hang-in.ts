import type { Edit, Operation } from '../document/edit.js';
import type { Opening } from '../document/item.js';
import { changeItemOperation, placeBefore, placeOf } from '../document/make-edit.js';
import type { PhotoArea } from '../document/project.js';
import { laidAnew } from '../fit/change-outline.js';
import { placedPicture, type GripContext } from '../fit/grip.js';
import { isShared } from '../fit/register.js';
import { keptWith, type AreaPlace } from './area-edits.js';
import { openingInArea } from './area-opening.js';

/**
 * Hangs an opening that is there already in an area, as a print is taken from one frame to another: it takes the form of its place and lies directly above
 * the host; its picture is fitted again by its rule, or as large in it as it was placed by hand, and everything else about it stays.
 * @returns null where the area is out of sight
 */
export function hangIn(place: AreaPlace, area: PhotoArea, opening: Opening, context: GripContext): Edit | null {
  const { sheet, host } = place;
  const there = openingInArea(host, area, context);
  if (!there) return null;
  const { outline, box } = there;
  const placed = placedPicture(opening, context);
  const fill =
    placed && !isShared(opening.fill)
      ? {
          fill: {
            ...placed.fill,
            placement: laidAnew(opening, { ...opening, outline, box }, placed, context),
          } as Opening['fill'],
        }
      : {};
  const [from, to] = [placeOf(sheet, opening.id), placeBefore(sheet, host.id)];
  const isThere = to.above === opening.id || (from.groupId === to.groupId && from.above === to.above);
  const move: readonly Operation[] = isThere ? [] : [{ type: 'move-item', sheetId: sheet.id, itemId: opening.id, from, to }];
  return {
    name: `${opening.name} into ${area.name}`,
    operations: [
      ...keptWith(place, area),
      changeItemOperation(sheet, opening, { outline, box, ...fill, host: { itemId: host.id, areaId: area.id } }),
      ...move,
    ],
  };
}
