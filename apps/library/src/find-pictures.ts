import type { Picture } from './pictures.js';

/** One page of what was found. */
export interface FoundPage {
  readonly total: number;
  readonly page: number;
  readonly pages: number;
  readonly pictures: readonly Picture[];
}

/**
 * Pictures whose title or tags hold every word, as the beginning of one of theirs; those with a whole tag of that name come first.
 * @param page - from 1; beyond the last one it is empty.
 */
export function findPictures(pictures: readonly Picture[], words: string, page: number, perPage: number): FoundPage {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const found = pictures
    .map((picture) => ({ picture, rank: rankOf(picture, wanted) }))
    .filter(({ rank }) => rank >= 0)
    .sort((a, b) => b.rank - a.rank)
    .map(({ picture }) => picture);
  const pages = Math.max(1, Math.ceil(found.length / perPage));
  return { total: found.length, page, pages, pictures: found.slice((page - 1) * perPage, page * perPage) };
}

/** How many of the words are whole tags; -1 when one is not there at all. */
function rankOf({ title, tags }: Picture, wanted: readonly string[]): number {
  const own = [...title.toLowerCase().split(/\s+/), ...tags];
  if (!wanted.every((word) => own.some((other) => other.startsWith(word)))) return -1;
  return wanted.filter((word) => tags.includes(word)).length;
}
