import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  apply,
  invert,
  piecePoints,
  type Opening,
  type Outline,
  type Overhangs,
  type PhotoFill,
  type Placement,
} from '@kadrosyn/core';
import { RECTANGLE, shape, withPicture, type PictureName } from '../../fixtures/kit.js';
import { drawingOfSheet, squareSheet } from '../../testing/pictures.js';
import { photoToSheet } from '../photo/photo-pixels.js';
import { subjectPlan, type SubjectPlan } from './subject-plan.js';

const SIZE = 180;
const NO_SIDES: Overhangs['sides'] = { top: false, right: false, bottom: false, left: false };
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const outlines = fc.constantFrom<Outline>(
  RECTANGLE,
  { type: 'ellipse' },
  { type: 'arch' },
  {
    type: 'corners',
    warp: false,
    points: [
      { x: 0.1, y: 0.2 },
      { x: 0.9, y: 0 },
      { x: 1, y: 1 },
      { x: 0, y: 0.8 },
    ],
  },
);

/** How photo and opening are changed: a gesture or a few. */
const changes = fc.record({
  shift: fc.tuple(number(-17, 17), number(-17, 17)),
  scale: number(0.8, 1.25),
  turn: number(-25, 25),
  grow: fc.tuple(number(0.85, 1.2), number(0.85, 1.2)),
  outline: outlines,
});

function plan(opening: Opening): { readonly plan: SubjectPlan; readonly toPhoto: ReturnType<typeof invert> } | null {
  const drawing = drawingOfSheet(squareSheet(SIZE, [opening]));
  const found = subjectPlan(opening, drawing);
  const toSheet = photoToSheet(opening, opening.fill as PhotoFill, drawing)!;
  return found && { plan: found, toPhoto: invert(toSheet) };
}

/** Number of the piece at a point of the photo, 0 for none. */
function pieceAt(found: NonNullable<ReturnType<typeof plan>>, x: number, y: number): number {
  const { parts } = found.plan.overhang;
  const p = apply(found.plan.toPlane, apply(invert(found.toPhoto), { x, y }));
  const [px, py] = [Math.floor(p.x), Math.floor(p.y)];
  return px >= 0 && py >= 0 && px < parts.width && py < parts.height ? parts.labels[py * parts.width + px]! : 0;
}

/** For each new piece the old pieces that its px belonged to. */
function origins(
  before: NonNullable<ReturnType<typeof plan>>,
  after: NonNullable<ReturnType<typeof plan>>,
): Map<number, Set<number>> {
  const { parts } = after.plan.overhang;
  const toSheet = invert(after.plan.toPlane);
  const from = new Map<number, Set<number>>(after.plan.overhang.pieces.map(({ label }) => [label, new Set<number>()]));
  for (let y = 0; y < parts.height; y++) {
    for (let x = 0; x < parts.width; x++) {
      const label = parts.labels[y * parts.width + x]!;
      if (label === 0) continue;
      const p = apply(after.toPhoto, apply(toSheet, { x: x + 0.5, y: y + 0.5 }));
      const old = pieceAt(before, p.x, p.y);
      if (old !== 0) from.get(label)!.add(old);
    }
  }
  return from;
}

describe('pieces of an overhang', () => {
  it('are found again after random moves, scales, turns and changes of the outline', () => {
    let [cases, wrong] = [0, 0];
    const names = fc.constantFrom<PictureName>('heron-shore', 'hare-leap', 'agave-pot', 'potter-wheel', 'five-birds');
    const coinFlips = fc.array(fc.boolean(), { minLength: 16, maxLength: 16 });
    const middles = fc.tuple(number(69, 111), number(69, 111));
    fc.assert(
      fc.property(names, middles, outlines, changes, coinFlips, (name, [x, y], outline, change, coins) => {
        const place = {
          at: [name === 'five-birds' ? 400 : 350, name === 'five-birds' ? 210 : 320],
          on: [x, y],
          scale: 0.187,
        } as const;
        const bare = withPicture(shape('opening', outline, 55, 55, 70, 70, null), name, place);
        const first = plan(bare);
        if (!first) return;
        // Every piece gets a mark of its own, out or in by chance.
        const said = new Map(first.plan.overhang.pieces.map(({ label }) => [label, coins[label % coins.length]!]));
        const pieces = Array.from(piecePoints(first.plan.overhang)).flatMap(([label, points]) =>
          points.map((at) => ({ at, out: said.get(label)! })),
        );
        const second = plan(changed({ ...bare, overhangs: { sides: NO_SIDES, pieces, cuts: [] } }, change));
        if (!second) return;
        const from = origins(first, second);
        for (const { label, out } of second.plan.overhang.pieces) {
          const olds = [...from.get(label)!];
          // Where an old piece was divided, or several have become one, either mark is right.
          const isClear = olds.length === 1 && [...from.values()].filter((set) => set.has(olds[0]!)).length === 1;
          if (!isClear) continue;
          cases++;
          if (out !== said.get(olds[0]!)) wrong++;
        }
      }),
      { numRuns: 900 },
    );
    expect(cases).toBeGreaterThanOrEqual(1000);
    // Leaves that are two px wide at this size can be taken for their neighbour: none in 2,700 runs, but it can happen.
    expect(wrong / cases).toBeLessThan(0.002);
  }, 240_000);
});

function changed(
  opening: Opening,
  { shift, scale, turn, grow, outline }: typeof changes extends fc.Arbitrary<infer T> ? T : never,
): Opening {
  const fill = opening.fill as PhotoFill;
  const old = fill.placement as Placement;
  const placement: Placement = {
    ...old,
    x: old.x + shift[0],
    y: old.y + shift[1],
    scale: old.scale * scale,
    turn: old.turn + turn,
  };
  const box = { ...opening.box, width: opening.box.width * grow[0], height: opening.box.height * grow[1] };
  return { ...opening, outline, box, fill: { ...fill, placement } };
}
