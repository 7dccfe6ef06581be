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
export function isOutOfReach({ hidden, locked }: Item): boolean {
  return hidden === true || locked === true;
}

/** Ids of all photos that any fill of the project shows. */
export function photosUsed(project: Project): Set<string> {
  const used = new Set<string>();
  for (const sheet of project.sheets) {
    if (sheet.background.type === 'photo') used.add(sheet.background.photoId);
    for (const opening of openingsOf(sheet.items)) {
      if (opening.fill.type === 'photo') used.add(opening.fill.photoId);
    }
  }
  return used;
}

/** The mattes that fills of the project use, each once. */
export function mattesUsed(project: Project): { readonly photoId: string; readonly matteSha256: string }[] {
  const used = new Map<string, { photoId: string; matteSha256: string }>();
  for (const sheet of project.sheets) {
    for (const { fill } of openingsOf(sheet.items)) {
      const revision = fill.type === 'photo' ? cutoutRevision(project.photos, fill) : undefined;
      if (fill.type !== 'photo' || !revision) continue;
      used.set(`${fill.photoId}/${revision.matteSha256}`, { photoId: fill.photoId, matteSha256: revision.matteSha256 });
    }
  }
  return [...used.values()];
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

/** What letterings need: ids of their faces, and all of their text. */
export function facesUsed(project: Project): { readonly faces: ReadonlySet<string>; readonly text: string } {
  const faces = new Set<string>();
  let text = '';
  for (const sheet of project.sheets) {
    for (const { outline } of openingsOf(sheet.items)) {
      if (outline.type !== 'lettering') continue;
      for (const run of outline.runs) {
        faces.add(run.face);
        if (run.standIn) faces.add(run.standIn);
        text += run.text;
      }
    }
  }
  return { faces, text };
}
