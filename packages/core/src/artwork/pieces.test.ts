import { describe, expect, it } from 'vitest';
import { testProject } from '../../testing/test-documents.js';
import { openProject } from '../document/open-project.js';
import { flatten } from '../geometry/path.js';
import { readPathData } from '../geometry/path-data.js';
import { polygonBounds } from '../geometry/polygon.js';
import { ARTWORK_KINDS } from './artwork.js';
import { newArtwork } from './new-artwork.js';
import { ARTWORK, findArtwork } from './pieces.js';

const sheet = { width: 1000, height: 800 };

describe.each(ARTWORK.map((piece) => [piece.id, piece] as const))('%s', (_id, piece) => {
  it('is drawn within its box, from paths that can be read, in colours that it has', () => {
    for (const layer of piece.layers) {
      const { path, fault } = readPathData(layer.d);
      expect(fault).toBeUndefined();
      const { x, y, width, height } = polygonBounds(flatten(path, 0.001));
      expect(Math.min(x, y)).toBeGreaterThanOrEqual(-0.012);
      expect(Math.max(x + width, y + height)).toBeLessThanOrEqual(1.012);
      expect(layer.colour).toBeLessThan(piece.colours.length);
    }
  });

  it('has an outline to be taken by', () => {
    const { width, height } = polygonBounds(flatten(readPathData(piece.outline).path, 0.001));
    expect(Math.min(width, height)).toBeGreaterThan(0.1);
  });

  it('makes a valid item in its proportion, no larger than the sheet', () => {
    const item = newArtwork(piece, sheet, { x: 500, y: 400 });
    expect(openProject(testProject([item])).ok).toBe(true);
    expect(item.box.width / item.box.height).toBeCloseTo(piece.proportion, 9);
    expect(item.box.width).toBeLessThanOrEqual(sheet.width);
    expect(item.box.height).toBeLessThanOrEqual(sheet.height + 1e-9);
    expect(item.kind).toBe('artwork');
  });
});

describe('the collection', () => {
  it('has names and ids once only, and something of every kind', () => {
    expect(new Set(ARTWORK.map(({ id }) => id)).size).toBe(ARTWORK.length);
    expect(new Set(ARTWORK.map(({ name }) => name)).size).toBe(ARTWORK.length);
    for (const { id } of ARTWORK_KINDS) expect(findArtwork(id, '').length).toBeGreaterThan(2);
  });

  it('is searched by several words at once', () => {
    expect(findArtwork('', 'ring badge').map(({ id }) => id)).toContain('ring-plain');
    expect(findArtwork('paper', 'price').map(({ id }) => id)).toEqual(['tag-price', 'tag-round']);
    expect(findArtwork('', 'nothing like it')).toEqual([]);
  });
});
