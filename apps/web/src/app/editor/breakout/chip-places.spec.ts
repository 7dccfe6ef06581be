import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chipPlaces, type WantedChip } from './chip-places';

const STAGE = { width: 700, height: 500 };
const chips = fc.array(
  fc.record({
    at: fc.record({ x: fc.integer({ min: -100, max: 800 }), y: fc.integer({ min: -100, max: 600 }) }),
    width: fc.integer({ min: 26, max: 120 }),
    height: fc.constant(26),
  }),
  { maxLength: 12 },
);

function cover(a: WantedChip, b: WantedChip): boolean {
  return Math.abs(a.at.x - b.at.x) < (a.width + b.width) / 2 && Math.abs(a.at.y - b.at.y) < (a.height + b.height) / 2;
}

describe('chips on the stage', () => {
  it('stand where they want to when there is room', () => {
    const far = [
      { at: { x: 100, y: 100 }, width: 30, height: 26 },
      { at: { x: 400, y: 300 }, width: 80, height: 26 },
    ];
    expect(chipPlaces(far, STAGE)).toEqual(far.map(({ at }) => at));
    expect(chipPlaces([], STAGE)).toEqual([]);
  });

  it('lie on the stage whatever they want, and hardly ever on one another', () => {
    let [pairs, covered] = [0, 0];
    fc.assert(
      fc.property(chips, (wanted) => {
        const placed = chipPlaces(wanted, STAGE).map((at, index) => ({ ...wanted[index]!, at }));
        for (const { at, width, height } of placed) {
          expect(at.x).toBeGreaterThanOrEqual(width / 2);
          expect(at.x).toBeLessThanOrEqual(STAGE.width - width / 2);
          expect(at.y).toBeGreaterThanOrEqual(height / 2);
          expect(at.y).toBeLessThanOrEqual(STAGE.height - height / 2);
        }
        for (const [index, chip] of placed.entries()) {
          for (const other of placed.slice(index + 1)) {
            pairs++;
            if (cover(chip, other)) covered++;
          }
        }
      }),
      // The same values in every run: how often they lie on one another depends on them.
      { seed: 20_261_125 },
    );
    expect(pairs).toBeGreaterThan(500);
    expect(covered / pairs).toBeLessThan(0.01);
  });

  it('give way to one that was there first', () => {
    const same = Array.from({ length: 4 }, () => ({ at: { x: 300, y: 200 }, width: 70, height: 26 }));
    const places = chipPlaces(same, STAGE);
    expect(places[0]).toEqual({ x: 300, y: 200 });
    const placed = places.map((at, index) => ({ ...same[index]!, at }));
    expect(placed.some((chip, index) => placed.slice(index + 1).some((other) => cover(chip, other)))).toBe(false);
  });
});
