import { isRaw, type Migration, type Raw, type RawEdit } from './migration.js';

/** Photos of a document, by id, with their cutouts. */
type Photos = Readonly<Record<string, Raw>>;

/** What numbers of revisions were found to mean, by photo, cutout and number. */
type Meanings = Map<string, string>;

/**
 * Version 7 names a revision of a cutout by the sha256 of its matte, where version 6 counted revisions from 0: a number means something else in each project
 * that has a cutout. Drawings may have more colours, gradients and clips, which no earlier one has.
 */
export const revisionsByContent: Migration = {
  from: 6,
  document: (document) => named(document, photosOf(document), null) as Raw,
  edits: (before, edits) => {
    const { [MEANINGS]: known } = before as { readonly [MEANINGS]?: Meanings };
    const meanings = known ?? meaningsIn(before);
    let photos = photosOf(before);
    return edits.map(({ name, operations }): RawEdit => ({
      name,
      operations: operations.map((operation) => {
        photos = withOperation(photos, operation);
        return named(operation, photos, meanings) as Raw;
      }),
    }));
  },
  // Of the document before them edits need the photos, and what the one that they led to means.
  before: (document, edits) => ({
    photos: photosBefore(photosOf(document), edits),
    [MEANINGS]: meaningsIn(document),
  }),
};

const MEANINGS = 'meanings';

/** No matte is called this: a fill that named a revision that was not there still names none. */
const NOWHERE = '0'.repeat(64);

function photosOf({ photos }: Raw): Photos {
  return isRaw(photos) ? (photos as Photos) : {};
}

function meaningsIn(document: Raw): Meanings {
  const meanings: Meanings = new Map();
  named(document, photosOf(document), meanings);
  return meanings;
}

/**
 * Any part of a document with the cutouts of its fills named by their content.
 * @param meanings - gathers them. @throws Error when the same number has meant something else before: what was done then can not be told.
 */
function named(value: unknown, photos: Photos, meanings: Meanings | null): unknown {
  if (Array.isArray(value)) return value.map((inner) => named(inner, photos, meanings));
  if (!isRaw(value)) return value;
  const inner = Object.fromEntries(Object.entries(value).map(([key, part]) => [key, named(part, photos, meanings)]));
  const { photoId, cutout } = value;
  if (typeof photoId !== 'string' || !isRaw(cutout) || typeof cutout['revision'] !== 'number') return inner;
  const revision = matteOf(photos[photoId], cutout);
  const key = JSON.stringify([photoId, cutout['id'], cutout['revision']]);
  if ((meanings?.get(key) ?? revision) !== revision) throw new Error('A revision with two meanings');
  meanings?.set(key, revision);
  return { ...inner, cutout: { ...cutout, revision } };
}

function matteOf(photo: Raw | undefined, { id, revision }: Raw): string {
  const cutouts = Array.isArray(photo?.['cutouts']) ? (photo['cutouts'] as unknown[]) : [];
  const cutout = cutouts.filter(isRaw).find((each) => each['id'] === id);
  const revisions = Array.isArray(cutout?.['revisions']) ? (cutout['revisions'] as unknown[]) : [];
  const found = revisions[revision as number];
  return isRaw(found) && typeof found['matteSha256'] === 'string' ? found['matteSha256'] : NOWHERE;
}

/** The photos once an operation was done, or before it. One that is taken out stays known: what showed it was said before. */
function withOperation(photos: Photos, { type, photo, photoId, ...change }: Raw, when: 'before' | 'after' = 'after'): Photos {
  if ((type === 'add-photo' || type === 'remove-photo') && isRaw(photo)) return { ...photos, [String(photo['id'])]: photo };
  const values = change[when];
  if (type !== 'change-photo' || !isRaw(values) || !('cutouts' in values)) return photos;
  return { ...photos, [String(photoId)]: { ...photos[String(photoId)], cutouts: values['cutouts'] } };
}

function photosBefore(photos: Photos, edits: readonly RawEdit[]): Photos {
  const operations = edits.flatMap((edit) => edit.operations);
  return operations.reduceRight<Photos>((now, operation) => withOperation(now, operation, 'before'), photos);
}
