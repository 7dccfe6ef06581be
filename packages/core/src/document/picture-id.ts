import { openingsOf } from './find-item.js';
import type { PhotoArea, Project } from './project.js';
import type { ResolvedSheet } from './resolve-sheet.js';

interface Known {
  readonly areas: readonly (readonly PhotoArea[])[];
  readonly id: string;
}

const known = new WeakMap<ResolvedSheet, Known>();

/**
 * The id of the picture that a sheet is where another one shows it. It is told by all that is seen of it, so that what was made of the picture is known
 * again, in another thread too, and by nothing else: two sheets that look the same have pictures of their own.
 */
export function pictureIdOf(sheet: ResolvedSheet, photos: Project['photos']): string {
  const openings = [...openingsOf(sheet.items)];
  // What lies in an area is drawn in its light.
  const areas = openings.flatMap(({ host }) => {
    const fill = host && openings.find(({ id }) => id === host.itemId)?.fill;
    const own = fill?.type === 'photo' ? photos[fill.photoId]?.areas : undefined;
    return own ? [own] : [];
  });
  const before = known.get(sheet);
  if (before?.areas.length === areas.length && before.areas.every((one, index) => one === areas[index])) return before.id;
  const {
    id: sheetId,
    name: _name,
    guides: _guides,
    margin: _margin,
    bleed: _bleed,
    folds: _folds,
    shows: _shows,
    ...seen
  } = sheet;
  const id = `sheet:${sheetId}:${hashOf(JSON.stringify([seen, areas]))}`;
  known.set(sheet, { areas, id });
  return id;
}

/** 64 bits in hexadecimal: two rounds of FNV-1a (Fowler, Noll, Vo) that begin apart, over UTF-16 units. */
function hashOf(text: string): string {
  let [a, b] = [0x811c9dc5, 0x9e3779b9];
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    a = Math.imul(a ^ unit, 0x01000193);
    b = Math.imul(b ^ unit, 0x85ebca6b) ^ (b >>> 13);
  }
  return [a, b].map((half) => (half >>> 0).toString(16).padStart(8, '0')).join('');
}
