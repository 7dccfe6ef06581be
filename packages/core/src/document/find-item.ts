import { isBackground } from './background.js';
import type { PhotoFill } from './fill.js';
import type { Item, Opening } from './item.js';
import type { Cutout, CutoutRevision, Photo, PhotoArea, Project, Sheet } from './project.js';

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

/** An area of a photo by its id. */
export function areaOf(photo: Photo | undefined, areaId: string): PhotoArea | undefined {
  return photo?.areas?.find(({ id }) => id === areaId);
}

/** The revision of a cutout that a fill uses; undefined where it uses none, or one that the photo does not have. */
export function cutoutRevision(photos: Project['photos'], { photoId, cutout }: PhotoFill): CutoutRevision | undefined {
  return revisionOf(photos[photoId], cutout);
}

/** A revision of a cutout of a photo by its name; undefined where there is none. */
export function revisionOf(photo: Photo | undefined, cutout: PhotoFill['cutout']): CutoutRevision | undefined {
  const { revisions } = (cutout && photo?.cutouts?.find(({ id }) => id === cutout.id)) ?? { revisions: [] };
  // Of two that show the same the later one says how it was made last.
  return revisions.findLast(({ matteSha256 }) => matteSha256 === cutout!.revision);
}

/** A cutout with one more revision, as its newest. One that shows the same is not there twice. */
export function withRevision(cutout: Cutout, revision: CutoutRevision): Cutout {
  const others = cutout.revisions.filter(({ matteSha256 }) => matteSha256 !== revision.matteSha256);
  return { ...cutout, revisions: [...others, revision] };
}

/** The newest cutout of a photo that has been made. */
export function newestCutout({ cutouts }: Pick<Photo, 'cutouts'>): PhotoFill['cutout'] {
  const cutout = cutouts?.findLast(({ revisions }) => revisions.length > 0);
  return cutout && newestRevision(cutout);
}

/** What a fill names to show the newest revision of a cutout; undefined where it has none. */
export function newestRevision({ id, revisions }: Cutout): PhotoFill['cutout'] {
  const newest = revisions.at(-1);
  return newest && { id, revision: newest.matteSha256 };
}
