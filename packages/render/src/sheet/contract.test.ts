import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  apply,
  regionPoints,
  type Crossing,
  type Finish,
  type Item,
  type Pixels,
  type ResolvedSheet,
  type Shadow,
} from '@kadrosyn/core';
import { crossing, group, RECTANGLE, shape, subject, word } from '../../fixtures/kit.js';
import { drawingOfSheet, sampleResources, shaper, squareSheet } from '../../testing/pictures.js';
import { largestDifference } from '../../testing/node-scene.js';
import { crossingPlan, splitsOf } from '../compose/crossing-plan.js';
import { composeItems } from '../compose/compose.js';
import { NODE_ENVIRONMENT, renderSheet } from '../node/index.js';

const SIZE = 240;
const whole = (min: number, max: number) => fc.integer({ min, max });
const blends = fc.constantFrom('normal', 'multiply', 'screen', 'darken', 'difference') as fc.Arbitrary<
  NonNullable<Finish['blend']>
>;
const colours = fc.constantFrom('#cf4a22', '#1d5a4c', '#d9a13f', '#20272a', '#7a93a8', '#cf4a2280');

const finishes: fc.Arbitrary<Finish> = fc.record(
  {
    opacity: fc.constantFrom(0.3, 0.5, 0.8),
    blend: blends,
    outline: fc.record({ align: fc.constantFrom('inside', 'centre', 'outside'), width: whole(2, 9), paint: colours }),
    innerShade: fc.record({ colour: colours, blur: whole(4, 20), strength: fc.constant(0.6) }),
  },
  { requiredKeys: [] },
);

/** Items of every kind that overlap in the middle of the sheet. */
function item(id: string): fc.Arbitrary<Item> {
  const place = fc.tuple(whole(10, 110), whole(10, 110), whole(60, 120), whole(60, 120));
  const openings = fc
    .tuple(
      fc.constantFrom(RECTANGLE, { type: 'ellipse' } as const, { type: 'arch' } as const),
      place,
      colours,
      finishes,
      whole(-40, 40),
    )
    .map(([outline, [x, y, width, height], colour, finish, turn]): Item =>
      shape(id, outline, x, y, width, height, colour, { finish, box: { x, y, width, height, turn } }),
    );
  const words = fc
    .tuple(fc.constantFrom('KI', 'O', 'BA'), whole(90, 150), whole(0, 60), colours, finishes)
    .map(([text, size, y, colour, finish]): Item => word(id, text, size, 10, y - 30, colour, shaper, { finish }));
  const subjects = fc
    .tuple(fc.constantFrom('heron-shore', 'hare-leap', 'agave-pot'), whole(90, 150), whole(90, 150), finishes)
    .map(([name, x, y, finish]): Item =>
      subject(id, name as 'heron-shore', { at: [300, 300], on: [x, y], scale: 0.4 }, { finish }),
    );
  const groups = fc
    .tuple(openings, fc.constantFrom(0.4, 1), blends)
    .map(([inner, opacity, blend]): Item => group(id, [{ ...inner, id: `${id}-inner` }], { opacity, blend }));
  return fc.oneof(openings, openings, words, subjects, groups);
}

const sheetOf = (items: readonly Item[], crossings: readonly Crossing[] = []): ResolvedSheet =>
  squareSheet(SIZE, items, crossings);
const draw = (items: readonly Item[], crossings: readonly Crossing[] = []): Pixels =>
  renderSheet(sheetOf(items, crossings), 1, sampleResources);

describe('what follows from local order', () => {
  it('a zone over everything equals the same document with its items reordered', () => {
    fc.assert(
      fc.property(item('under'), item('a'), item('b'), item('front'), (under, a, b, front) => {
        const crossed = draw([under, a, b, front], [crossing('a', 'b', true)]);

        expect(largestDifference(crossed, draw([under, b, a, front]))).toBeLessThanOrEqual(1);
        // Said of the upper item it is the same.
        const other = draw([under, a, b, front], [crossing('b', 'a', false)]);
        expect(largestDifference(other, crossed)).toBeLessThanOrEqual(1);
      }),
      { numRuns: 60 },
    );
  });

  it('with three in a row, moving the last above the next above the next turns all of them round', () => {
    fc.assert(
      fc.property(item('a'), item('b'), item('c'), (a, b, c) => {
        const turned = draw([a, b, c], [crossing('a', 'b', true), crossing('b', 'c', true), crossing('a', 'c', true)]);
        const wanted = draw([c, b, a]);
        // Where the three zones end within one px of each other, a pixel may keep its old order.
        const { data } = turned;
        let different = 0;
        for (let i = 0; i < data.length; i++) if (Math.abs(data[i]! - wanted.data[i]!) > 1) different++;
        expect(different / data.length).toBeLessThan(0.002);
      }),
      { numRuns: 40 },
    );
  });

  it('toggling one region changes nothing outside its zone', () => {
    let regionsSeen = 0;
    fc.assert(
      fc.property(item('a'), item('between'), item('b'), fc.nat(), (a, between, b, which) => {
        const items = [a, between, b];
        const rule = crossing('a', 'b', true);
        const sheet = sheetOf(items, [rule]);
        const drawing = drawingOfSheet(sheet);
        const plan = crossingPlan(rule, items, splitsOf([rule]), drawing);
        if (!plan || plan.zone.regions.length === 0) return;
        const region = plan.zone.regions[which % plan.zone.regions.length]!;
        const only: Crossing = {
          ...rule,
          over: false,
          regions: [{ at: regionPoints(plan.zone).get(region.label)![0]!, over: true }],
        };
        const own = crossingPlan(only, items, splitsOf([only]), drawingOfSheet(sheetOf(items, [only])))!;
        const isInZone = (x: number, y: number): boolean => {
          const { mask } = own.zone;
          const p = apply(own.toPlane, { x: x + 0.5, y: y + 0.5 });
          for (let dy = -1; dy <= 1; dy++) {
            for (let dx = -1; dx <= 1; dx++) {
              const [px, py] = [Math.floor(p.x) + dx, Math.floor(p.y) + dy];
              if (mask && px >= 0 && py >= 0 && px < mask.width && py < mask.height && mask.data[py * mask.width + px]! > 0)
                return true;
            }
          }
          return false;
        };
        // Asked for each channel of each px, so it is looked up once.
        const inZone = Uint8Array.from({ length: SIZE * SIZE }, (_, i) => Number(isInZone(i % SIZE, Math.floor(i / SIZE))));
        const zoneAt = (x: number, y: number): boolean => inZone[y * SIZE + x] === 1;
        regionsSeen++;
        const [off, on] = [draw(items), draw(items, [only])];
        expect(largestDifference(off, on, (x, y) => !zoneAt(x, y))).toBeLessThanOrEqual(1);
      }),
      { numRuns: 60 },
    );
    expect(regionsSeen).toBeGreaterThan(20);
  });

  it('a shadow comes along: on the upper item as if the two were reordered, within its reach', () => {
    const shadows: fc.Arbitrary<Shadow> = fc.record({
      angle: whole(0, 359),
      distance: whole(0, 14),
      blur: whole(2, 20),
      strength: fc.constantFrom(0.4, 0.8),
    });
    fc.assert(
      fc.property(whole(30, 90), whole(30, 90), shadows, (x, y, shadow) => {
        const a = shape('a', { type: 'ellipse' }, x, y, 90, 90, '#cf4a22', { finish: { shadow } });
        const b = shape('b', RECTANGLE, 10, 90, 220, 60, '#7a93a8');
        const [crossed, reordered, flat] = [
          draw([a, b], [crossing('a', 'b', true)]),
          draw([b, a]),
          draw([b, { ...a, finish: {} }]),
        ];
        let [apart, depth] = [0, 0];
        for (let i = 0; i < flat.data.length; i++) {
          apart = Math.max(apart, Math.abs(crossed.data[i]! - reordered.data[i]!));
          depth = Math.max(depth, Math.abs(flat.data[i]! - reordered.data[i]!));
        }
        expect(depth).toBeGreaterThan(20);
        expect(apart).toBeLessThanOrEqual(2);
      }),
      { numRuns: 40 },
    );
  });
});

describe('what crossings cost', () => {
  /** Counts the px of all surfaces that are made while drawing. */
  function cost(items: readonly Item[], crossings: readonly Crossing[]): { count: number; area: number; largest: number } {
    const spent = { count: 0, area: 0, largest: 0 };
    const sheet = sheetOf(items, crossings);
    const createSurface = (width: number, height: number) => {
      spent.count++;
      spent.area += width * height;
      spent.largest = Math.max(spent.largest, width * height);
      return NODE_ENVIRONMENT.createSurface(width, height);
    };
    const canvas = NODE_ENVIRONMENT.createSurface(SIZE, SIZE);
    const drawing = drawingOfSheet(sheet, { ...sampleResources, environment: { createSurface } });
    composeItems({ context: canvas.context, x: 0, y: 0 }, sheet.items, drawing, null);
    return spent;
  }

  const bars = [shape('a', RECTANGLE, 0, 100, 240, 20, '#cf4a22'), shape('b', RECTANGLE, 100, 0, 20, 240, '#1d5a4c')];

  it('nothing for a sheet without any', () => {
    expect(cost(bars, [])).toEqual({ count: 0, area: 0, largest: 0 });
  });

  it('the box around the zone for a sheet with one, and not the sheet', () => {
    const { largest, area } = cost(bars, [crossing('a', 'b', true)]);
    const box = (20 + 2 * 8) ** 2;
    expect(largest).toBeLessThanOrEqual(box);
    expect(area).toBeLessThanOrEqual(6 * box);
  });
});
