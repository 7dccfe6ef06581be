import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { insideEllipse, insidePolygon, paintedPicture, type Painted } from '../../testing/area-pictures.js';
import type { Point } from '../geometry/matrix.js';
import type { Quad } from '../geometry/quad.js';
import { contains, flatten } from '../index.js';
import type { Pixels } from '../photo/pixels.js';
import { formPath, scaledForm, type AreaForm } from './area-form.js';
import { edgeMapOf } from './edge-map.js';
import { areaAs, findAreas, likeliest } from './find-areas.js';
import { grownForm } from './grown-form.js';
import { refineQuad } from './refine-quad.js';

const [WIDTH, HEIGHT] = [420, 300];
/** A wall that gets darker to one side. */
const wall = (x: number): readonly [number, number, number] => [120 - x / 12, 112 - x / 14, 96 - x / 14];
const sheet: Painted['paint'] = (x) => [232 - x / 60, 230 - x / 60, 224 - x / 60];

function found(photo: Pixels, ...stroke: readonly Point[]): AreaForm {
  const candidates = findAreas(photo, edgeMapOf(photo), stroke);
  return candidates[likeliest(candidates)]!.form;
}

function cornersOf(form: AreaForm): readonly Point[] {
  if (form.type !== 'flat') throw new Error(`Four corners were wanted, found was ${form.type}`);
  return form.corners;
}

const worst = (a: readonly Point[], b: readonly Point[]): number =>
  Math.max(...a.map((p, i) => Math.hypot(p.x - b[i]!.x, p.y - b[i]!.y)));

/** Corners of something flat, anywhere, somewhat in perspective. */
const QUADS = fc
  .record({
    turn: fc.double({ min: -35, max: 35, noNaN: true }),
    width: fc.double({ min: 120, max: 180, noNaN: true }),
    height: fc.double({ min: 90, max: 140, noNaN: true }),
    shifts: fc.array(fc.double({ min: -14, max: 14, noNaN: true }), { minLength: 8, maxLength: 8 }),
  })
  .map(({ turn, width, height, shifts }) => {
    const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
    const corner = (x: number, y: number, i: number): Point => {
      const [dx, dy] = [(x * width) / 2 + shifts[2 * i]!, (y * height) / 2 + shifts[2 * i + 1]!];
      return { x: WIDTH / 2 + c * dx - s * dy, y: HEIGHT / 2 + s * dx + c * dy };
    };
    return [corner(-1, -1, 0), corner(1, -1, 1), corner(1, 1, 2), corner(-1, 1, 3)];
  });

describe('an area that was clicked', () => {
  it('is found with its four corners, wherever it is clicked, within 1 px', () => {
    fc.assert(
      fc.property(QUADS, fc.double({ min: 0.2, max: 0.8 }), fc.double({ min: 0.2, max: 0.8 }), (quad, u, v) => {
        const photo = paintedPicture(WIDTH, HEIGHT, wall, [{ holds: insidePolygon(quad), paint: sheet }]);
        const [a, b, c, d] = quad as [Point, Point, Point, Point];
        const across = (p: Point, q: Point, t: number): Point => ({ x: p.x + (q.x - p.x) * t, y: p.y + (q.y - p.y) * t });
        const click = across(across(a, b, u), across(d, c, u), v);
        expect(worst(cornersOf(found(photo, click)), quad)).toBeLessThan(1);
      }),
      { numRuns: 25 },
    );
  });

  it('keeps a corner that something hides', () => {
    const quad = [
      { x: 90, y: 60 },
      { x: 330, y: 75 },
      { x: 325, y: 235 },
      { x: 95, y: 250 },
    ];
    const pot: Painted = { holds: insideEllipse({ x: 320, y: 232 }, 34, 26), paint: () => [40, 92, 70] };
    const photo = paintedPicture(WIDTH, HEIGHT, wall, [{ holds: insidePolygon(quad), paint: sheet }, pot]);
    expect(worst(cornersOf(found(photo, { x: 180, y: 150 })), quad)).toBeLessThan(1.5);
  });

  it('ends at the edge beyond a shadow that lies in it, where what was flooded ends at the shadow', () => {
    const quad: Quad = [
      { x: 80, y: 50 },
      { x: 340, y: 50 },
      { x: 340, y: 250 },
      { x: 80, y: 250 },
    ];
    // Of the frame's left side: its end is uneven.
    const shadow =
      (dark: number): Painted['paint'] =>
      (x, y) =>
        sheet(x, y).map((value) => (x < 89 + 2 * Math.sin(y / 5) ? value * dark : value)) as unknown as ReturnType<
          Painted['paint']
        >;
    const rough: Quad = [{ x: 92, y: 50 }, quad[1], quad[2], { x: 92, y: 250 }];
    const refined = (paint: Painted['paint']): number =>
      worst(refineQuad(paintedPicture(WIDTH, HEIGHT, wall, [{ holds: insidePolygon(quad), paint }], 1), rough).corners, quad);
    expect(refined(shadow(0.9))).toBeLessThan(1);
    // What is lighter, or of another hue, is no shadow: the area ends there.
    expect(refined(shadow(1.06))).toBeGreaterThan(5);
    expect(refined((x, y) => (x < 89 + 2 * Math.sin(y / 5) ? [180, 205, 150] : sheet(x, y)))).toBeGreaterThan(5);
  });

  it('is round where it is round, turned ones too, within 1 px', () => {
    const [centre, rx, ry, turn] = [{ x: 214, y: 147 }, 96, 68, 24];
    const photo = paintedPicture(WIDTH, HEIGHT, wall, [{ holds: insideEllipse(centre, rx, ry, turn), paint: sheet }]);
    const form = found(photo, { x: 190, y: 160 });
    if (form.type !== 'round') throw new Error(`It is ${form.type}`);
    expect(Math.hypot(form.centre.x - centre.x, form.centre.y - centre.y)).toBeLessThan(1);
    expect(Math.abs(form.rx - rx)).toBeLessThan(1);
    expect(Math.abs(form.ry - ry)).toBeLessThan(1);
    expect(Math.abs(form.turn - turn)).toBeLessThan(1);
  });

  it('is traced where it is neither, along its edge', () => {
    const corners = [
      [80, 40],
      [190, 40],
      [190, 170],
      [340, 170],
      [340, 260],
      [80, 260],
    ].map(([x, y]) => ({ x: x!, y: y! }));
    const holds = insidePolygon(corners);
    const photo = paintedPicture(WIDTH, HEIGHT, wall, [{ holds, paint: sheet }]);
    const form = found(photo, { x: 130, y: 160 });
    expect(form.type).toBe('traced');
    const outline = flatten(formPath(form));
    let differs = 0;
    for (let y = 0.5; y < HEIGHT; y++)
      for (let x = 0.5; x < WIDTH; x++) if (contains(outline, { x, y }) !== holds({ x, y })) differs++;
    // Its outline is 960 px long: less than a tenth of a px all round.
    expect(differs).toBeLessThan(96);
  });

  it('of a frame round it is the inner one; the outer one is larger, and a stroke that leaves the inner one means it', () => {
    const box = (left: number, top: number, right: number, bottom: number) => [
      { x: left, y: top },
      { x: right, y: top },
      { x: right, y: bottom },
      { x: left, y: bottom },
    ];
    const [outer, inner] = [box(70, 40, 350, 260), box(120, 80, 300, 220)];
    const photo = paintedPicture(WIDTH, HEIGHT, wall, [
      { holds: insidePolygon(outer), paint: () => [204, 190, 160] },
      { holds: insidePolygon(inner), paint: sheet },
    ]);
    const candidates = findAreas(photo, edgeMapOf(photo), [{ x: 200, y: 150 }]);
    expect(candidates.map(({ size }) => size)).toEqual(candidates.map(({ size }) => size).toSorted((a, b) => a - b));
    expect(worst(cornersOf(candidates[likeliest(candidates)]!.form), inner)).toBeLessThan(1);
    expect(worst(cornersOf(candidates.at(-1)!.form), outer)).toBeLessThan(1);
    expect(worst(cornersOf(found(photo, { x: 200, y: 150 }, { x: 200, y: 240 })), outer)).toBeLessThan(1);
  });

  it('can be had in another form', () => {
    const centre = { x: 210, y: 150 };
    const photo = paintedPicture(WIDTH, HEIGHT, wall, [{ holds: insideEllipse(centre, 80, 80), paint: sheet }]);
    const [map, stroke] = [edgeMapOf(photo), [centre]];
    const [best] = findAreas(photo, map, stroke);
    expect(best!.form.type).toBe('round');
    const traced = areaAs(photo, map, { stroke, level: best!.level }, 'traced')!;
    expect(flatten(formPath(traced)).length).toBe(1);
    const square = cornersOf(areaAs(photo, map, { stroke, level: best!.level }, 'flat')!);
    expect(square.every(({ x, y }) => Math.hypot(x - centre.x, y - centre.y) > 85)).toBe(true);
    expect(areaAs(photo, map, { stroke: [], level: best!.level }, 'flat')).toBeNull();
  });

  it('is nothing where nothing ends, and for no stroke', () => {
    const photo = paintedPicture(WIDTH, HEIGHT, wall, []);
    expect(findAreas(photo, edgeMapOf(photo), [{ x: 200, y: 150 }])).toEqual([]);
    expect(findAreas(photo, edgeMapOf(photo), [])).toEqual([]);
    expect(findAreas(photo, edgeMapOf(photo), [{ x: -50, y: 9000 }])).toEqual([]);
  });

  it('of a picture that was halved for it is as exact as its px', () => {
    const size = 1300;
    const quad = [
      { x: 301.25, y: 250.5 },
      { x: 1000.75, y: 310.25 },
      { x: 980.5, y: 870.75 },
      { x: 280.25, y: 905.5 },
    ];
    const photo = paintedPicture(size, 1000, wall, [{ holds: insidePolygon(quad), paint: sheet }]);
    expect(edgeMapOf(photo)).toMatchObject({ width: 650, height: 500, scale: 2 });
    expect(worst(cornersOf(found(photo, { x: 640, y: 600 })), quad)).toBeLessThan(0.5);
  });
});

describe('the form of an area', () => {
  it('is made larger by the same all round', () => {
    const flat: AreaForm = {
      type: 'flat',
      corners: [
        { x: 10, y: 20 },
        { x: 110, y: 20 },
        { x: 110, y: 80 },
        { x: 10, y: 80 },
      ],
    };
    expect(grownForm(flat, 2)).toEqual({
      type: 'flat',
      corners: [
        { x: 8, y: 18 },
        { x: 112, y: 18 },
        { x: 112, y: 82 },
        { x: 8, y: 82 },
      ],
    });
    expect(grownForm({ type: 'round', centre: { x: 5, y: 5 }, rx: 4, ry: 3, turn: 9 }, 0.5)).toMatchObject({ rx: 4.5, ry: 3.5 });
    const traced: AreaForm = { type: 'traced', d: 'M0 0L10 0L10 10Z' };
    expect(grownForm(traced, 2)).toBe(traced);
  });

  it('in finer px is the same form', () => {
    const forms: AreaForm[] = [
      {
        type: 'flat',
        corners: [
          { x: 1, y: 2 },
          { x: 9, y: 1 },
          { x: 8, y: 7 },
          { x: 2, y: 8 },
        ],
      },
      { type: 'round', centre: { x: 20, y: 10 }, rx: 6, ry: 3, turn: 30 },
      { type: 'traced', d: 'M0 0L10 0L10 10Z' },
    ];
    for (const form of forms) {
      const [before, after] = [flatten(formPath(form), 0.01), flatten(formPath(scaledForm(form, 3)), 0.01)];
      for (let i = 0; i < 200; i++) {
        const p = { x: (i * 37) % 30, y: (i * 17) % 20 };
        const inner = contains(before, p);
        if (inner) expect(contains(after, { x: p.x * 3, y: p.y * 3 })).toBe(true);
      }
      expect(after.length).toBe(before.length);
    }
  });
});
