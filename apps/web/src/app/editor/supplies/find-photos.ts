import { holdsWords } from '@kadrosyn/core';
import { recentFirst } from '../../interface/recently-used';
import type { LibraryPhoto } from '../../photos/photo-library';

export type PhotoSort = 'newest' | 'recent' | 'name' | 'size';

/** The orders in which photos can stand. */
export const PHOTO_SORTS: readonly { readonly id: PhotoSort; readonly name: string }[] = [
  { id: 'newest', name: 'Newest first' },
  { id: 'recent', name: 'Used last' },
  { id: 'name', name: 'By name' },
  { id: 'size', name: 'Largest first' },
];

/**
 * Photos whose name or tags hold every word that is looked for, sorted.
 * @param photos - newest first.
 * @param recent - ids, used last first.
 */
export function findPhotos(
  photos: readonly LibraryPhoto[],
  search: string,
  sort: PhotoSort,
  recent: readonly string[],
): LibraryPhoto[] {
  const found = photos.filter(({ photo, tags }) => holdsWords([photo.name, ...tags].join(' '), search));
  switch (sort) {
    case 'newest':
      return found;
    case 'recent':
      return recentFirst(found, recent, ({ photo }) => photo.id);
    case 'name':
      return found.sort((a, b) => a.photo.name.localeCompare(b.photo.name, undefined, { numeric: true }));
    case 'size':
      return found.sort((a, b) => b.photo.width * b.photo.height - a.photo.width * a.photo.height);
  }
}
