import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CAMERAS, seenRectangle } from '../../testing/seen-rectangle.js';
import { testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import type { Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import type { GripContext } from '../fit/grip.js';
import { openingPolygons } from '../fit/opening-fit.js';
import { fromLayout, layoutSize } from '../fit/photo-layout.js';
import { placementMatrix } from '../fit/placement.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, type Point } from '../geometry/matrix.js';
import { flatten } from '../geometry/path.js';
import { contains } from '../geometry/polygon.js';
import type { Quad } from '../geometry/quad.js';
import { formPath, type AreaForm, type FlatForm } from './area-form.js';
import { openingInArea, photoToSheet, sheetToPhoto } from './area-opening.js';

const shaper = await testShaper();
const photo = testPhoto('photo_a', 1600, 1200);
const sheet = testProject([]).sheets[0]!;
const context: GripContext = { sheet, sheets: [], photos: { [photo.id]: photo }, shaper };
const still: Placement = { x: 60, y: 40, scale: 0.1, turn: 0, flipX: false, flipY: false };

function hostWith(placement: Placement, change: Partial<Opening> = {}): Opening {
  return testOpening('host', { fill: { type: 'photo', photoId: photo.id, placement }, ...change });
}

/** Where a px of the photo is drawn, by the same steps as the renderer's. */
function drawnAt(host: Opening, p: Point): Point {
  if (host.fill.type !== 'photo' || typeof host.fill.placement === 'string') throw new Error('A placed photo was wanted');
  return apply(boxMatrix(host.box), fromLayout(host, apply(placementMatrix(host.fill.placement, photo), p))!);
}

const PLACEMENTS = fc.record({
  x: fc.double({ min: -80, max: 200, noNaN: true }),
  y: fc.double({ min: -80, max: 200, noNaN: true }),
  scale: fc.double({ min: 0.05, max: 2, noNaN: true }),
  turn: fc.double({ min: -180, max: 180, noNaN: true }),
  flipX: fc.boolean(),
  flipY: fc.boolean(),
});
const flat: FlatForm = {
  type: 'flat',
  corners: [
    { x: 304, y: 108 },
    { x: 803, y: 155 },
    { x: 862, y: 822 },
    { x: 354, y: 894 },
  ],
};
const FORMS: readonly AreaForm[] = [
  flat,
  { type: 'round', centre: { x: 600, y: 500 }, rx: 300, ry: 120, turn: 30 },
  { type: 'round', centre: { x: 600, y: 500 }, rx: 200, ry: 200, turn: 77 },
  { type: 'traced', d: 'M300 200L900 260L700 500L880 800L320 700Z' },
];
const inFour = {
  outline: {
    type: 'corners',
    warp: true,
    points: [
      { x: 0.1, y: 0 },
      { x: 1, y: 0.12 },
      { x: 0.9, y: 1 },
      { x: 0, y: 0.8 },
    ],
  },
} as const satisfies Partial<Opening>;

describe('an opening in an area', () => {
  it('covers what the area covers, wherever and however its photo lies, in perspective too', () => {
    fc.assert(
      fc.property(
        PLACEMENTS,
        fc.integer({ min: 0, max: 3 }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.boolean(),
        (placement, which, turn, warps) => {
          const host = hostWith(warps ? still : placement, {
            box: { x: 100, y: 60, width: 160, height: 120, turn },
            ...(warps ? inFour : {}),
          });
          const opening = openingInArea(host, { name: 'Pane', form: FORMS[which]! }, context)!;
          const [area, drawn] = [flatten(formPath(FORMS[which]!), 0.05), openingPolygons(opening, shaper)];
          const toBox = boxMatrix(opening.box);
          const onSheet = drawn.map((polygon) => {
            const points: number[] = [];
            for (let i = 0; i < polygon.length; i += 2)
              points.push(...(Object.values(apply(toBox, { x: polygon[i]!, y: polygon[i + 1]! })) as number[]));
            return Float64Array.from(points);
          });
          for (let x = 260; x < 940; x += 37) {
            for (let y = 70; y < 940; y += 41) {
              // Away from the edge, where rounding decides.
              const around = [-6, 6].flatMap((dx) => [-6, 6].map((dy) => contains(area, { x: x + dx, y: y + dy })));
              if (around.some((one) => one !== around[0])) continue;
              expect(contains(onSheet, drawnAt(host, { x, y }))).toBe(around[0]);
            }
          }
        },
      ),
    );
  });

  it('has its corners clockwise whatever way its photo is flipped, and is as upright as can be', () => {
    for (const [flipX, flipY] of [
      [false, false],
      [true, false],
      [false, true],
      [true, true],
    ] as const) {
      const host = hostWith({ ...still, flipX, flipY });
      const { outline, box } = openingInArea(host, { name: 'Pane', form: flat }, context)!;
      if (outline.type !== 'corners') throw new Error('Four corners were wanted');
      const [a, b, c, d] = outline.points;
      expect((b.x - a.x) * (d.y - a.y) - (b.y - a.y) * (d.x - a.x)).toBeGreaterThan(0);
      expect((d.x - c.x) * (b.y - c.y) - (d.y - c.y) * (b.x - c.x)).toBeGreaterThan(0);
      // Flipped both ways is turned over: so is what is shown.
      const isOver = flipX && flipY;
      expect(a.x < b.x).toBe(!isOver);
      expect(a.y < d.y).toBe(!isOver);
      const round = openingInArea(host, { name: 'Lens', form: FORMS[1]! }, context)!;
      expect(Math.abs(round.box.turn)).toBe(isOver ? 180 : 0);
      expect(box.width).toBeGreaterThan(40);
    }
  });

  it('lays what is put into it in the proportion of what the photo shows, within 1 %', () => {
    const picture = { middle: { x: 800, y: 600 }, diagonal: 2000 };
    fc.assert(
      fc.property(CAMERAS, fc.double({ min: 0.4, max: 2.5, noNaN: true }), PLACEMENTS, (camera, proportion, placement) => {
        const corners: Quad | null = seenRectangle(camera, proportion, picture);
        fc.pre(corners !== null);
        const opening = openingInArea(hostWith(placement), { name: 'Card', form: { type: 'flat', corners } }, context)!;
        const { width, height } = layoutSize(opening);
        expect(width / height / proportion).toBeGreaterThan(0.99);
        expect(width / height / proportion).toBeLessThan(1.01);
      }),
    );
  });

  it('is an ellipse where that says it, and a path where it is turned', () => {
    const lens = (turn: number, ry: number): string =>
      openingInArea(
        hostWith(still),
        { name: 'Lens', form: { type: 'round', centre: { x: 600, y: 500 }, rx: 200, ry, turn } },
        context,
      )!.outline.type;
    expect([lens(40, 200), lens(0, 90), lens(40, 90)]).toEqual(['ellipse', 'ellipse', 'path']);
    const turned = openingInArea(hostWith({ ...still, turn: 30 }), { name: 'Lens', form: FORMS[2]! }, context)!;
    expect(turned.box.turn).toBeCloseTo(30, 9);
    expect(turned.box.width).toBeCloseTo(40, 1);
  });

  it('is none where no photo is shown, or the area has no extent', () => {
    expect(openingInArea(testOpening('plain'), { name: 'Pane', form: flat }, context)).toBeNull();
    expect(openingInArea(hostWith(still), { name: 'Pane', form: { type: 'traced', d: 'M0 0L5 5' } }, context)).toBeNull();
    expect(photoToSheet(testOpening('plain'), context)).toBeNull();
    expect(sheetToPhoto(testOpening('plain'), { x: 1, y: 1 }, context)).toBeNull();
  });

  it('takes places of the sheet back to the photo', () => {
    fc.assert(
      fc.property(PLACEMENTS, fc.boolean(), (placement, warps) => {
        const host = hostWith(warps ? still : placement, warps ? inFour : {});
        const back = sheetToPhoto(host, drawnAt(host, { x: 700, y: 500 }), context)!;
        expect(Math.hypot(back.x - 700, back.y - 500)).toBeLessThan(1e-4);
      }),
    );
  });
});
