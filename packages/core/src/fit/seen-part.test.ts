import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { ARTWORK } from '../artwork/pieces.js';
import { newArtwork } from '../artwork/new-artwork.js';
import type { Item, Opening } from '../document/item.js';
import { flatten } from '../geometry/path.js';
import { contains, polygonBounds, signedArea } from '../geometry/polygon.js';
import { seenPart } from './seen-part.js';

const shaper = await testShaper();
const box = { x: 300, y: 200, width: 400, height: 400, turn: 0 };
const slot = testOpening('slot', { box });
const colour = { type: 'colour', colour: '#1d5a4c' } as const;

function seen(...over: Item[]) {
  const path = seenPart(testProject([slot, ...over]).sheets[0]!, slot, shaper);
  return path && flatten(path, 0.1);
}

const areaOf = (polygons: readonly Float64Array[]): number =>
  Math.abs(polygons.reduce((sum, polygon) => sum + signedArea(polygon), 0));

describe('the part of an opening that is seen', () => {
  it('is not told apart where nothing lies over it', () => {
    expect(seen()).toBeNull();
    expect(seen(testOpening('far', { fill: colour, box: { ...box, x: 0, y: 0, width: 100, height: 100 } }))).toBeNull();
    expect(seen(testOpening('clear', { box }))).toBeNull();
    expect(seen(testOpening('pale', { box, fill: colour, finish: { opacity: 0.4 } }))).toBeNull();
    expect(seen(testOpening('hidden', { box, fill: colour, hidden: true }))).toBeNull();
  });

  it('is what a shape over it leaves', () => {
    const half: Opening = testOpening('half', { fill: colour, box: { ...box, width: 150 } });
    const left = seen(half)!;
    expect(polygonBounds(left)).toMatchObject({ x: 450, width: 250, height: 400 });
    expect(areaOf(seen(testGroup('g', [half]))!)).toBeCloseTo(250 * 400, 0);
  });

  it('is the inside of a ring, at any turn', () => {
    const piece = ARTWORK.find(({ id }) => id === 'ring-plain')!;
    const ring = newArtwork(piece, { width: 1000, height: 1000 }, { x: 500, y: 400 });
    for (const turn of [0, 33]) {
      const left = seen({ ...ring, box: { ...ring.box, turn, x: 250, y: 150, width: 500, height: 500 } })!;
      expect(contains(left, { x: 500, y: 400 })).toBe(true);
      expect(contains(left, { x: 500, y: 400 - 229 })).toBe(false);
      // Corners of the slot beyond the ring are seen as well; the ring's hole has a radius of 210 px.
      const middle = left.filter((polygon) => contains([polygon], { x: 500, y: 400 }));
      expect(areaOf(middle)).toBeLessThan(Math.PI * 210 * 210 + 1);
    }
  });

  it('is not narrowed by shading that only tints', () => {
    const glass = newArtwork(
      ARTWORK.find(({ id }) => id === 'glass-round')!,
      { width: 1000, height: 1000 },
      { x: 500, y: 400 },
    );
    expect(seen(glass)).toBeNull();
  });
});
