import { describe, expect, it } from 'vitest';
import { paintedPicture, type Painted } from '../../../testing/area-pictures.js';
import { subjectOf } from '../../cutout/cutout-picture.js';
import type { CutoutMark } from '../../document/project.js';
import { LINEAR } from '../../finish/contrast.js';
import type { Point } from '../../geometry/matrix.js';
import type { Pixels } from '../../photo/pixels.js';
import type { AreaForm } from '../area-form.js';
import { CARRIED, findSurface, type FoundSurface } from './area-surface.js';
import { keptPart } from './kept-part.js';

const [WIDTH, HEIGHT] = [320, 240];
const SHEET: AreaForm = {
  type: 'flat',
  corners: [
    { x: 40, y: 30 },
    { x: 280, y: 40 },
    { x: 270, y: 210 },
    { x: 50, y: 200 },
  ],
};
const inSheet = ({ x, y }: Point): boolean => {
  const corners = SHEET.type === 'flat' ? SHEET.corners : [];
  return corners.every((a, i) => {
    const b = corners[(i + 1) % 4]!;
    return (b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x) > 0;
  });
};
/** White paper in a warm light that falls off to the right, in a dark frame. */
const paper: Painted = { holds: inSheet, paint: (x) => [232 - x / 12, 224 - x / 12, 210 - x / 10] };
const disc = (cx: number, cy: number, r: number, colour: readonly [number, number, number]): Painted => ({
  holds: ({ x, y }) => Math.hypot(x - cx, y - cy) < r,
  paint: () => colour,
});
const picture = (...shapes: Painted[]): Pixels => paintedPicture(WIDTH, HEIGHT, () => [52, 44, 38], [paper, ...shapes]);

/** How much of a px of the photo is said to be in front, 0 to 1. */
function frontAt({ front }: FoundSurface, x: number, y: number): number {
  if (!front) return 0;
  const [column, row] = [x - front.at.x, y - front.at.y];
  if (column < 0 || row < 0 || column >= front.at.width || row >= front.at.height) return 0;
  return front.subject.data[4 * (row * front.at.width + column) + 3]! / 255;
}

function stroke(kind: CutoutMark['kind'], points: readonly number[], width: number): CutoutMark {
  return { kind, points, width };
}

describe('the surface of an area', () => {
  it('has its own colour, the light of something white, and nothing in front when it is clean', () => {
    const found = findSurface(picture(), SHEET)!;
    expect(found.front).toBeNull();
    const [red, green, blue] = found.plain!.base;
    // In the middle, at x = 160.
    expect(red).toBeCloseTo(LINEAR[219]!, 1);
    expect(green).toBeCloseTo(LINEAR[211]!, 1);
    expect(blue).toBeLessThan(green);
    expect(found.plain!.light).toEqual(found.plain!.base);
  });

  it('that is not white shows nothing of its light: what is lightest in the photo does', () => {
    const lamp = disc(20, 218, 18, [255, 240, 200]);
    const teal: Painted = { holds: inSheet, paint: () => [30, 110, 105] };
    const found = findSurface(
      paintedPicture(WIDTH, HEIGHT, () => [52, 44, 38], [teal, lamp]),
      SHEET,
    )!;
    expect(found.plain!.base[1]).toBeCloseTo(LINEAR[110]!, 2);
    expect(found.plain!.light[0]).toBeGreaterThan(0.9);
    expect(found.plain!.light[2]).toBeLessThan(0.65);
  });

  it('is none where stripes are seen', () => {
    const stripes: Painted = {
      holds: inSheet,
      paint: (x, y) => [[240, 30, 40] as const, [20, 60, 200] as const, [250, 250, 240] as const][Math.floor((x + y) / 9) % 3]!,
    };
    expect(
      findSurface(
        paintedPicture(WIDTH, HEIGHT, () => [52, 44, 38], [stripes]),
        SHEET,
      )!.plain,
    ).toBeNull();
  });

  it('lies beyond the photo: there is nothing to look at', () => {
    const corners = [
      { x: 900, y: 10 },
      { x: 990, y: 10 },
      { x: 990, y: 90 },
      { x: 900, y: 90 },
    ] as const;
    expect(findSurface(picture(), { type: 'flat', corners })).toBeNull();
  });
});

describe('what stands in front of an area', () => {
  const red = disc(150, 190, 45, [196, 60, 40]);

  it('is told by its hue, its edge as soft as it is', () => {
    const found = findSurface(picture(red), SHEET)!;
    let [sum, count] = [0, 0];
    for (let y = 0; y < HEIGHT; y++) {
      for (let x = 0; x < WIDTH; x++) {
        if (!inSheet({ x: x + 0.5, y: y + 0.5 })) continue;
        let covered = 0;
        for (let s = 0; s < 16; s++)
          covered += Math.hypot(x + ((s % 4) + 0.5) / 4 - 150, y + (Math.floor(s / 4) + 0.5) / 4 - 190) < 45 ? 1 / 16 : 0;
        sum += Math.abs(frontAt(found, x, y) - covered);
        count++;
      }
    }
    expect(sum / count).toBeLessThan(0.003);
    expect(frontAt(found, 150, 180)).toBe(1);
  });

  it('leaves the surface as it would be without it: its light goes on beneath', () => {
    const { front } = findSurface(picture(red), SHEET)!;
    const { at, plate } = front!;
    const middle = 4 * ((160 - at.y) * at.width + (150 - at.x));
    expect(plate.data[middle + 3]).toBe(CARRIED);
    // Just inside of its edge, where it would be seen through what is soft.
    expect(Math.abs(plate.data[middle]! - (232 - 150 / 12))).toBeLessThan(5);
    const free = 4 * ((150 - at.y) * at.width + (240 - at.x));
    expect(at.x + at.width).toBeGreaterThan(220);
    expect(plate.data[free + 3] ?? 0).toBe(0);
  });

  it('is no shadow: that stays on the surface', () => {
    const shadow: Painted = {
      holds: ({ x, y }) => inSheet({ x, y }) && x < 90,
      paint: (x) => [150 - x / 12, 144 - x / 12, 135 - x / 10],
    };
    expect(findSurface(picture(shadow), SHEET)!.front).toBeNull();
  });

  it('is no edge of the frame, and no speck', () => {
    const grown: AreaForm = {
      type: 'flat',
      corners:
        SHEET.type === 'flat' ? (SHEET.corners.map(({ x, y }) => ({ x: x + (x > 160 ? 3 : -3), y })) as never) : ([] as never),
    };
    expect(findSurface(picture(disc(150, 120, 2.5, [196, 60, 40])), grown)!.front).toBeNull();
  });

  it('that has the colour of the surface is not told, unless a person says so', () => {
    const white = disc(150, 190, 45, [219, 211, 195]);
    expect(findSurface(picture(white), SHEET)!.front).toBeNull();
    const found = findSurface(picture(white), SHEET, { marks: [stroke('keep', [120, 180, 170, 180], 30)] })!;
    expect(frontAt(found, 150, 180)).toBe(1);
    expect(frontAt(found, 150, 190)).toBe(1);
    expect(frontAt(found, 150, 120)).toBe(0);
  });

  it('does not fill a gap through which the surface is seen', () => {
    const ring: Painted = {
      holds: ({ x, y }) => Math.hypot(x - 150, y - 150) < 40 && Math.hypot(x - 150, y - 150) > 6,
      paint: () => [40, 120, 70],
    };
    const found = findSurface(picture(ring), SHEET)!;
    expect(frontAt(found, 150, 150)).toBe(0);
    expect(frontAt(found, 150, 128)).toBe(1);
  });

  it('is not in front where a person says not; the later stroke counts', () => {
    const not = stroke('leave-out', [150, 165, 150, 215], 24);
    const found = findSurface(picture(red), SHEET, { marks: [not] })!;
    expect(frontAt(found, 150, 180)).toBe(0);
    expect(frontAt(found, 180, 180)).toBe(1);
    const again = findSurface(picture(red), SHEET, { marks: [not, stroke('keep', [150, 180], 10)] })!;
    expect(frontAt(again, 150, 180)).toBe(1);
    expect(frontAt(again, 150, 200)).toBe(0);
  });

  it('is a cutout of the photo that is said to be, as soft as that is', () => {
    const data = new Uint8Array(WIDTH * HEIGHT);
    for (let y = 100; y < 180; y++) for (let x = 100; x < 140; x++) data[y * WIDTH + x] = x === 100 ? 90 : 255;
    const found = findSurface(picture(), SHEET, { cutouts: [{ width: WIDTH, height: HEIGHT, data }] })!;
    expect(frontAt(found, 120, 140)).toBe(1);
    expect(frontAt(found, 100, 140)).toBeCloseTo(90 / 255, 1);
    expect(frontAt(found, 200, 140)).toBe(0);
  });

  it('does not reach beyond the area', () => {
    const found = findSurface(picture(disc(150, 205, 45, [196, 60, 40])), SHEET)!;
    expect(frontAt(found, 150, 195)).toBe(1);
    expect(frontAt(found, 150, 235)).toBe(0);
  });
});

describe('what is kept of it beside the photo', () => {
  it('gives the same again, at its place', () => {
    const photo = picture(disc(150, 190, 45, [196, 60, 40]));
    const { at, subject } = findSurface(photo, SHEET)!.front!;
    const again = subjectOf(photo, keptPart(subject, at, 1, photo));
    for (let y = 0; y < at.height; y++) {
      for (let x = 0; x < at.width; x++) {
        const [from, to] = [4 * (y * at.width + x), 4 * ((y + at.y) * WIDTH + x + at.x)];
        const [alpha, own] = [again.data[to + 3]!, subject.data[from + 3]!];
        expect(alpha).toBe(own);
        if (own > 0) for (let c = 0; c < 3; c++) expect(again.data[to + c]).toBe(subject.data[from + c]);
      }
    }
    expect(again.data[3]).toBe(0);
  });

  it('of a level is twice as large for the photo, its soft edge smoothly between', () => {
    const part: Pixels = { width: 2, height: 1, data: new Uint8ClampedArray([200, 100, 50, 255, 80, 40, 20, 0]) };
    const kept = keptPart(part, { x: 1, y: 2, width: 2, height: 1 }, 2, { width: 8, height: 8 });
    const row = (y: number): number[] => Array.from({ length: 8 }, (_, x) => kept.data[4 * (y * 8 + x) + 3]!);
    expect(row(3)).toEqual(Array(8).fill(0));
    expect(row(4)).toEqual(row(5));
    expect(row(5)).toEqual([0, 0, 255, 191, 64, 0, 0, 0]);
    expect(row(6)).toEqual(Array(8).fill(0));
    // What is clear has no colour to mix in.
    expect([...kept.data.subarray(4 * (4 * 8 + 3), 4 * (4 * 8 + 3) + 3)]).toEqual([200, 100, 50]);
  });
});
