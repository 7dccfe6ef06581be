import { isBackground } from './background.js';
import type { PhotoFill } from './fill.js';
import type { Item, Opening } from './item.js';
import type { CutoutRevision, Photo, Project, Sheet } from './project.js';

/** Finds an item at any depth of groups, or undefined. */
export function findItem(items: readonly Item[], id: string): Item | undefined {
  for (const item of items) {
    if (item.id === id) return item;
    if (item.type === 'group') {
      const inner = findItem(item.items, id);
      if (inner) return inner;
    }
  }
  return undefined;
}

/** The opening with this id, or undefined when there is none or it is a group. */
export function findOpening(sheet: Sheet, id: string | null | undefined): Opening | undefined {
  if (!id) return undefined;
  const item = findItem(sheet.items, id);
  return item?.type === 'opening' ? item : undefined;
}

export function findSheet(project: Project, id: string): Sheet | undefined {
  return project.sheets.find((sheet) => sheet.id === id);
}

/**
 * All openings of a list of items, from back to front, those inside groups included.
 * @param isPassed - items that are passed over, with all that is in them; none when absent.
 */
export function* openingsOf(items: readonly Item[], isPassed: (item: Item) => boolean = () => false): Generator<Opening> {
  for (const item of items) {
    if (isPassed(item)) continue;
    if (item.type === 'opening') yield item;
    else yield* openingsOf(item.items, isPassed);
  }
}

/** For `openingsOf`: what is not seen. */
export function isHidden({ hidden }: Item): boolean {
  return hidden === true;
}

/** For `openingsOf`: what can not be seen or not be changed. */
export function isOutOfReach(item: Item): boolean {
  return item.hidden === true || item.locked === true || isBackground(item);
}

/** The revision of a cutout that a fill uses; undefined where it uses none, or one that the photo does not have. */
export function cutoutRevision(photos: Project['photos'], { photoId, cutout }: PhotoFill): CutoutRevision | undefined {
  return cutout && photos[photoId]?.cutouts?.find(({ id }) => id === cutout.id)?.revisions[cutout.revision];
}

/** The newest cutout of a photo that has been made. */
export function newestCutout({ cutouts }: Pick<Photo, 'cutouts'>): PhotoFill['cutout'] {
  const cutout = cutouts?.findLast(({ revisions }) => revisions.length > 0);
  return cutout && { id: cutout.id, revision: cutout.revisions.length - 1 };
}
