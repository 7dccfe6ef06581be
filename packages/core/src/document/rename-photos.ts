import type { Project } from './project.js';

/** How a photo is known elsewhere. */
export interface PhotoName {
  readonly id: string;
  readonly sha256: string;
}

/**
 * The same project with other names for some of its photos, in its list and wherever they are shown. @param names - new ones by the old ids
 */
export function renamePhotos(project: Project, names: ReadonlyMap<string, PhotoName>): Project {
  if (names.size === 0) return project;
  const photos = Object.values(project.photos).map((photo) => ({ ...photo, ...names.get(photo.id) }));
  return {
    ...project,
    photos: Object.fromEntries(photos.map((photo) => [photo.id, photo])),
    sheets: renamed(project.sheets, names),
  };
}

/** Whatever kind of fill or outline it is in: every one names a photo by `photoId`. */
function renamed<Value>(value: Value, names: ReadonlyMap<string, PhotoName>): Value {
  if (Array.isArray(value)) return value.map((each: unknown) => renamed(each, names)) as Value;
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(([key, inner]: [string, unknown]) => [
    key,
    key === 'photoId' && typeof inner === 'string' ? (names.get(inner)?.id ?? inner) : renamed(inner, names),
  ]);
  return Object.fromEntries(entries) as Value;
}
