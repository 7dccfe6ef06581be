import { describe, expect, it } from 'vitest';
import { recentFirst } from '../../interface/recently-used';
import type { LibraryPhoto } from '../../photos/photo-library';
import { findPhotos } from './find-photos';
import { resolutionWords } from './resolution-words';
import { tagsOf } from './tags.dialog';

function entry(name: string, width: number, tags: readonly string[] = []): LibraryPhoto {
  const photo = { id: name, sha256: name, name, width, height: 100 };
  return { photo, thumbnail: '', clear: false, tags, addedAt: '' };
}

const photos = [entry('Mug 10', 300, ['teal']), entry('Bowl', 900, ['teal', 'set']), entry('Mug 2', 600)];
const names = (...args: Parameters<typeof findPhotos>): string[] => findPhotos(...args).map(({ photo }) => photo.name);

describe('finding photos of one’s own', () => {
  it('looks in names and tags for every word', () => {
    expect(names(photos, 'teal', 'newest', [])).toEqual(['Mug 10', 'Bowl']);
    expect(names(photos, 'TEAL set', 'newest', [])).toEqual(['Bowl']);
    expect(names(photos, 'kiln', 'newest', [])).toEqual([]);
  });

  it('sorts by name as people count, by size, and by use', () => {
    expect(names(photos, '', 'name', [])).toEqual(['Bowl', 'Mug 2', 'Mug 10']);
    expect(names(photos, '', 'size', [])).toEqual(['Bowl', 'Mug 2', 'Mug 10']);
    expect(names(photos, '', 'recent', ['Mug 2', 'gone'])).toEqual(['Mug 2', 'Mug 10', 'Bowl']);
  });

  it('leaves the list as it is', () => {
    findPhotos(photos, '', 'name', []);
    expect(photos[0]!.photo.name).toBe('Mug 10');
  });
});

describe('what was used last', () => {
  it('comes first, the rest in its own order', () => {
    expect(recentFirst(['a', 'b', 'c', 'd'], ['c', 'b'], (one) => one)).toEqual(['c', 'b', 'a', 'd']);
    expect(recentFirst(['a', 'b'], [], (one) => one)).toEqual(['a', 'b']);
  });
});

describe('words about photos', () => {
  it('say whether there are enough pixels for the sheet', () => {
    const card = { width: 1240, height: 1748, dpi: 300 };
    expect(resolutionWords({ width: 1600, height: 1200 }, card, 'mm')).toBe(
      '1600 × 1200 px, 206 dots per inch over the whole sheet',
    );
    expect(resolutionWords({ width: 800, height: 600 }, card, 'mm')).toMatch(
      /103 dots per inch over the whole sheet, soft in print/,
    );
    const post = { width: 1080, height: 1080, dpi: 72 };
    expect(resolutionWords({ width: 1600, height: 1200 }, post, 'px')).toBe('1600 × 1200 px, sharp over the whole sheet');
    expect(resolutionWords({ width: 540, height: 900 }, post, 'px')).toBe('540 × 900 px, sharp up to 50 % of the sheet');
  });

  it('are taken as tags: small, trimmed, each once', () => {
    expect(tagsOf(' Mug, teal ,mug,, Tarn Hollow ')).toEqual(['mug', 'teal', 'tarn hollow']);
    expect(tagsOf('x'.repeat(90))[0]).toHaveLength(40);
  });
});
