import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Pixels } from '../photo/pixels.js';
import { MUST_BE_GROUND, MUST_BE_SUBJECT, segmentPieces, UNKNOWN } from './segment.js';
import { preparePhoto } from './prepared-photo.js';

const [WIDTH, HEIGHT] = [120, 90];
const isDisc = (x: number, y: number): boolean => Math.hypot(x - 60, y - 45) < 26;

/** A speckled disc on a speckled ground of other colours. */
function picture(): Pixels {
  const data = new Uint8ClampedArray(WIDTH * HEIGHT * 4);
  for (let i = 0; i < WIDTH * HEIGHT; i++) {
    const [x, y] = [i % WIDTH, Math.floor(i / WIDTH)];
    const speck = ((x * 7 + y * 13) % 5) * 8;
    data.set(isDisc(x, y) ? [190 + speck, 90 + speck, 40, 255] : [60, 100 + speck, 150 + speck, 255], i * 4);
  }
  return { width: WIDTH, height: HEIGHT, data };
}

const photo = preparePhoto({ pixels: picture(), index: 0 });
const { pieces } = photo;
const middles = Array.from({ length: pieces.count }, () => ({ x: 0, y: 0 }));
for (let i = 0; i < pieces.labels.length; i++) {
  const k = pieces.labels[i]!;
  const [x, y] = [i % WIDTH, Math.floor(i / WIDTH)];
  middles[k]!.x += x / pieces.sizes[k]!;
  middles[k]!.y += y / pieces.sizes[k]!;
}
/** A box round the disc: what lies outside of it is ground. */
const inBox = middles.map(({ x, y }) => x > 26 && x < 94 && y > 12 && y < 78);
const box = Int8Array.from(inBox, (inside) => (inside ? UNKNOWN : MUST_BE_GROUND));
const start = Uint8Array.from(inBox, (inside) => (inside ? 1 : 0));

describe('parting pieces into subject and ground', () => {
  it('finds the disc in a box', () => {
    const sides = segmentPieces(photo, box, start, { smoothness: 10 });
    let [both, either] = [0, 0];
    for (let i = 0; i < pieces.labels.length; i++) {
      const [found, is] = [sides[pieces.labels[i]!] === 1, isDisc(i % WIDTH, Math.floor(i / WIDTH))];
      if (found && is) both++;
      if (found || is) either++;
    }
    // A piece can not be parted: on so small a disc the edge is half a px off.
    expect(both / either).toBeGreaterThan(0.92);
  });

  it('obeys every hint, whatever the colours say', () => {
    const hint = fc.constantFrom(MUST_BE_GROUND, UNKNOWN, MUST_BE_SUBJECT);
    fc.assert(
      fc.property(
        fc.array(hint, { minLength: pieces.count, maxLength: pieces.count }),
        fc.constantFrom(2, 10, 40),
        (list, smoothness) => {
          const hints = Int8Array.from(list);
          const sides = segmentPieces(photo, hints, start, { smoothness, rounds: 2 });
          for (let k = 0; k < pieces.count; k++) {
            if (hints[k] === MUST_BE_SUBJECT) expect(sides[k]).toBe(1);
            if (hints[k] === MUST_BE_GROUND) expect(sides[k]).toBe(0);
          }
        },
      ),
      { numRuns: 25 },
    );
  });

  it('leaves all on one side where nothing says otherwise', () => {
    const none = new Int8Array(pieces.count);
    expect(segmentPieces(photo, none, new Uint8Array(pieces.count), { smoothness: 10 }).every((side) => side === 0)).toBe(true);
  });
});
