import { describe, expect, it } from 'vitest';
import type { Crossing } from '../document/crossing.js';
import type { BreakoutSeen } from './check.js';
import { breakoutFindings } from './checks.js';

const crossing: Crossing = {
  lower: { itemId: 'ribbon', part: 'whole' },
  upper: { itemId: 'ring', part: 'whole' },
  ...{ over: true, regions: [] },
  cuts: [
    [
      { x: 0, y: 0 },
      { x: 1, y: 1 },
    ],
  ],
};
const at = { x: 5, y: 6 };
const seen = (more: Partial<BreakoutSeen>): BreakoutSeen => ({
  sheet: { width: 1000, height: 500 },
  ...{ overhang: null, crossings: [], nameOf: () => 'Ring, above' },
  ...more,
});
const overhang = (more: Partial<NonNullable<BreakoutSeen['overhang']>>) =>
  seen({ overhang: { pieces: [], cuts: [], edgeCovered: 0.5, ...more } });
const piece = (atBorder: number, offSheet: number, out = true) => overhang({ pieces: [{ out, atBorder, offSheet, at }] });
const found = (what: BreakoutSeen) => breakoutFindings(what).map(({ check }) => check);

describe('what would look wrong about a break-out', () => {
  it('is nothing where there is nothing, or where all is well', () => {
    expect(found(seen({}))).toEqual([]);
    expect(
      found(
        overhang({
          cuts: [
            { length: 0, at },
            { length: 40, at: null },
          ],
        }),
      ),
    ).toEqual([]);
  });

  it('ends of pieces from the width of a hair on; of two reasons the first is said', () => {
    expect(found(piece(7.9, 7.9))).toEqual([]);
    expect(found(piece(8, 300))).toEqual(['at-border']);
    expect(found(piece(0, 8))).toEqual(['off-sheet']);
    expect(found(piece(50, 50, false))).toEqual([]);
    const [finding] = breakoutFindings(piece(12.4, 0));
    expect(finding).toMatchObject({ at, remedies: [{ do: 'keep-in', piece: 0 }] });
    expect(finding!.words).toContain('over 12 px');
  });

  it('hard cuts of the overhang and of crossings, and what was painted there', () => {
    const cuts = [
      { length: 0.5, at },
      { length: 30, at },
    ];
    expect(breakoutFindings(overhang({ cuts }))).toMatchObject([
      {
        check: 'hard-cut',
        words: expect.stringContaining('Cut line 2') as string,
        remedies: [{ do: 'move-cut', pair: null, cut: 1 }],
      },
    ]);
    const pair = 'ribbon#whole ring#whole';
    const crossed = seen({
      crossings: [
        {
          crossing,
          regions: [],
          cuts: [
            { length: 9, at },
            { length: 9, at },
          ],
        },
      ],
    });
    expect(breakoutFindings(crossed).flatMap(({ remedies }) => remedies)).toMatchObject([
      { do: 'move-cut', pair, cut: 0 },
      { do: 'paint-on', pair },
    ]);
  });

  it('crossings that look like a slip, by the name that people see, and an edge without ground', () => {
    const regions = [
      { label: 1, area: 149, at },
      { label: 2, area: 150, at },
    ];
    const [finding, ...others] = breakoutFindings(seen({ crossings: [{ crossing, regions, cuts: [] }] }));
    expect(others).toEqual([]);
    expect(finding!.words).toBe('It crosses Ring, above by only about 12 px, which looks like a slip. Move it a little.');
    expect(found(overhang({ edgeCovered: 0.919 }))).toEqual([]);
    expect(breakoutFindings(overhang({ edgeCovered: 0.93 }))[0]).toMatchObject({ check: 'no-background', at: null });
  });
});
