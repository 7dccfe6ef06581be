import type { Cutout, Photo, Project } from './project.js';

/** How a photo is known elsewhere. */
export interface PhotoName {
  readonly id: string;
  readonly sha256: string;
}

/**
 * The same project with other names for some of its photos, in its list and wherever they are shown. Photos that get the same name are one from then on,
 * with the cutouts and areas of all. @param names - new ones by the old ids
 */
export function renamePhotos(project: Project, names: ReadonlyMap<string, PhotoName>): Project {
  if (names.size === 0) return project;
  const photos: Record<string, Photo> = {};
  for (const { id, ...rest } of Object.values(project.photos)) {
    const photo = { id, ...rest, ...names.get(id) };
    photos[photo.id] = joined(photos[photo.id], photo);
  }
  return { ...project, photos, sheets: renamed(project.sheets, names) };
}

function joined(first: Photo | undefined, second: Photo): Photo {
  if (!first) return second;
  const cutouts = joinedCutouts(first.cutouts ?? [], second.cutouts ?? []);
  const known = new Set(first.areas?.map(({ id }) => id));
  const areas = [...(first.areas ?? []), ...(second.areas ?? []).filter(({ id }) => !known.has(id))];
  return { ...second, ...first, ...(cutouts.length > 0 ? { cutouts } : {}), ...(areas.length > 0 ? { areas } : {}) };
}

/** Those of both; of one that both have, the revisions of both. */
function joinedCutouts(first: readonly Cutout[], second: readonly Cutout[]): Cutout[] {
  const both = first.map((cutout) => {
    const known = new Set(cutout.revisions.map(({ matteSha256 }) => matteSha256));
    const more = second.find(({ id }) => id === cutout.id)?.revisions.filter(({ matteSha256 }) => !known.has(matteSha256)) ?? [];
    return { ...cutout, revisions: [...cutout.revisions, ...more] };
  });
  return [...both, ...second.filter(({ id }) => !first.some((cutout) => cutout.id === id))];
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
