import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CAMERAS, seenRectangle, seenThrough } from '../../testing/seen-rectangle.js';
import { testOpening, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { applyEdit } from '../document/edit.js';
import type { Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import type { Photo } from '../document/project.js';
import { bounding } from '../../testing/bounding.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, type Point } from '../geometry/matrix.js';
import type { Quad } from '../geometry/quad.js';
import { contains } from '../geometry/polygon.js';
import { covers } from './cover.js';
import { changeOutline } from './change-outline.js';
import { changeOpening } from './register.js';
import { moveByGrip, scalePhoto, type GripContext } from './grip.js';
import { fillWithPhoto, openingHull, openingPolygons, uncoveredShare } from './opening-fit.js';
import { fromLayout, inLayout, layoutPoint, layoutSize, photoArea } from './photo-layout.js';
import { placementMatrix } from './placement.js';
import { shareVisible } from './share-visible.js';
import { withTrueProportion } from './true-corners.js';

const shaper = await testShaper();
const photo: Photo = { id: 'photo_a', sha256: '0'.repeat(64), name: 'board', width: 1200, height: 800 };
const project = testProject([]);
const sheet = { ...project.sheets[0]!, width: 1600, height: 1200 };
const context: GripContext = { sheet, sheets: [], photos: { [photo.id]: photo }, shaper };
const picture = { middle: { x: 800, y: 600 }, diagonal: 2000 };

/** An opening whose four corners lie at these places of the sheet. */
function opening(quad: Quad): Opening {
  const { x, y, width, height } = bounding(quad);
  const points = quad.map((p) => ({ x: (p.x - x) / width, y: (p.y - y) / height })) as unknown as Quad;
  const made = testOpening('pane', { box: { x, y, width, height, turn: 0 }, outline: { type: 'corners', points, warp: true } });
  return { ...made, outline: withTrueProportion(made, sheet) };
}
const filled = (quad: Quad): Opening => {
  const empty = opening(quad);
  return { ...empty, fill: fillWithPhoto(empty, photo, shaper) };
};
const placementOf = ({ fill }: Opening): Placement => {
  if (fill.type !== 'photo' || typeof fill.placement === 'string') throw new Error('no photo of its own');
  return fill.placement;
};
/** Where a place of the photo is seen on the sheet. */
const onSheet = (of: Opening, p: Point): Point =>
  apply(boxMatrix(of.box), fromLayout(of, apply(placementMatrix(placementOf(of), photo), p))!);
/** The place of the photo that is seen at a place of the sheet. */
const inPhoto = (of: Opening, p: Point): Point => {
  const { x, y, scale, turn, flipX } = placementOf(of);
  if (turn !== 0 || flipX) throw new Error('not upright');
  const at = layoutPoint(of, { x: p.x - of.box.x, y: p.y - of.box.y });
  return { x: (at.x - x) / scale + photo.width / 2, y: (at.y - y) / scale + photo.height / 2 };
};
const COUNTED = 20_000;
/** Places that are spread evenly over a rectangle, in no rows that an edge could lie along (M. Roberts' R2 sequence, 2018). */
const spread = ({ width, height }: { readonly width: number; readonly height: number }): Point[] =>
  Array.from({ length: COUNTED }, (_, i) => ({
    x: width * ((0.5 + i * 0.7548776662466927) % 1),
    y: height * ((0.5 + i * 0.5698402909980532) % 1),
  }));
const QUAD: Quad = [
  { x: 500, y: 300 },
  { x: 1100, y: 380 },
  { x: 1080, y: 800 },
  { x: 520, y: 940 },
];

describe('a photo in four corners', () => {
  it('has the proportion of the rectangle that was photographed: its squares are as the camera would have seen them', () => {
    fc.assert(
      fc.property(CAMERAS, fc.double({ min: 0.5, max: 2, noNaN: true }), (camera, proportion) => {
        const quad = seenRectangle(camera, proportion, picture);
        fc.pre(quad !== null);
        const pane = filled(quad);
        const size = layoutSize(pane);
        expect(size.width / size.height / proportion).toBeGreaterThan(0.99);
        expect(size.width / size.height / proportion).toBeLessThan(1.01);
        expect(size.width * size.height).toBeCloseTo(pane.box.width * pane.box.height, 6);
        // A square around the middle of the rectangle: as wide as high on the rectangle itself.
        const middle = { x: proportion / 2, y: 0.5 };
        const side = 0.2 * Math.min(proportion, 1);
        const seen = (dx: number, dy: number) => {
          const p = seenThrough(camera, { x: middle.x + dx * side, y: middle.y + dy * side }, proportion, 1, picture);
          return inPhoto(pane, p);
        };
        const [a, b, c] = [seen(-1, -1), seen(1, -1), seen(1, 1)];
        const [across, down] = [Math.hypot(b.x - a.x, b.y - a.y), Math.hypot(c.x - b.x, c.y - b.y)];
        expect(across / down).toBeGreaterThan(0.99);
        expect(across / down).toBeLessThan(1.01);
      }),
      { numRuns: 300 },
    );
  });

  it('covers them, and shares and gaps are as they are counted in places of the sheet, within 1 %', () => {
    fc.assert(
      fc.property(
        CAMERAS,
        fc.double({ min: -0.6, max: 0.6, noNaN: true }),
        fc.double({ min: -0.6, max: 0.6, noNaN: true }),
        fc.double({ min: 0.3, max: 1.2, noNaN: true }),
        (camera, dx, dy, factor) => {
          const quad = seenRectangle(camera, 1.3, picture);
          fc.pre(quad !== null);
          const full = filled(quad);
          expect(covers(placementOf(full), openingHull(full, shaper), photo, 1e-6)).toBe(true);
          expect(uncoveredShare(openingPolygons(full, shaper), photoArea(full, placementOf(full), photo))).toBe(0);
          const { width, height } = layoutSize(full);
          const before = placementOf(full);
          const placement = { ...before, x: before.x + dx * width, y: before.y + dy * height, scale: before.scale * factor };
          const moved: Opening = { ...full, fill: { ...full.fill, placement, keepCovered: false } as Opening['fill'] };
          const polygons = openingPolygons(moved, shaper);
          const { box } = moved;
          let [within, clear] = [0, 0];
          for (const { x, y } of spread(box)) {
            if (!contains(polygons, { x, y })) continue;
            within++;
            const p = inPhoto(moved, { x: x + box.x, y: y + box.y });
            if (p.x < 0 || p.y < 0 || p.x > photo.width || p.y > photo.height) clear++;
          }
          const said = uncoveredShare(polygons, photoArea(moved, placement, photo));
          expect(Math.abs(said - clear / within)).toBeLessThan(0.01);
          // What of the photo is seen, counted on the photo.
          const seen = spread(photo).filter((p) => {
            const at = apply(placementMatrix(placement, photo), p);
            return at.x >= 0 && at.y >= 0 && at.x <= width && at.y <= height;
          }).length;
          const share = shareVisible(inLayout(moved, polygons), placement, photo).photo;
          expect(Math.abs(share - seen / COUNTED)).toBeLessThan(0.01);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('goes with the pointer: what was under it stays under it', () => {
    const pane = filled(QUAD);
    const loose: Opening = { ...pane, fill: { ...pane.fill, keepCovered: false } as Opening['fill'] };
    for (const from of [
      { x: 600, y: 450 },
      { x: 1000, y: 700 },
    ]) {
      const held = inPhoto(loose, from);
      const delta = { x: 60, y: -35 };
      const moved = { ...loose, ...moveByGrip(loose, 'photo', delta, context, from) } as Opening;
      const now = onSheet(moved, held);
      expect(now.x).toBeCloseTo(from.x + delta.x, 6);
      expect(now.y).toBeCloseTo(from.y + delta.y, 6);
      const about = { x: from.x - loose.box.x, y: from.y - loose.box.y };
      const scaled = { ...loose, ...scalePhoto(loose, 1.4, about, context) } as Opening;
      expect(onSheet(scaled, held).x).toBeCloseTo(from.x, 6);
      expect(onSheet(scaled, held).y).toBeCloseTo(from.y, 6);
    }
  });

  it('goes along with its opening, in the perspective that it has', () => {
    const pane = filled(QUAD);
    for (const grip of ['opening', 'both'] as const) {
      const moved = { ...pane, ...moveByGrip(pane, grip, { x: 70, y: 20 }, context) } as Opening;
      expect(placementOf(moved)).toMatchObject({ x: placementOf(pane).x, y: placementOf(pane).y });
    }
  });

  it('is measured anew when a corner is dragged, and keeps its corners covered; upright it needs no proportion', () => {
    const pane = filled(QUAD);
    const corners = pane.outline as Extract<Opening['outline'], { type: 'corners' }>;
    const [first, ...others] = corners.points;
    const points = [{ x: first.x, y: first.y + 0.2 }, ...others] as unknown as typeof corners.points;
    const dragged = { ...pane, ...changeOutline(pane, { ...corners, points }, context) } as Opening;
    expect(layoutSize(dragged).width / layoutSize(dragged).height).not.toBeCloseTo(
      layoutSize(pane).width / layoutSize(pane).height,
      2,
    );
    expect(covers(placementOf(dragged), openingHull(dragged, shaper), photo, 1e-6)).toBe(true);
    const upright = { ...pane, ...changeOutline(pane, { ...corners, warp: false }, context) } as Opening;
    expect(layoutSize(upright)).toEqual({ width: pane.box.width, height: pane.box.height });
    // What was in the middle of the rectangle is in the middle of the box, where it was placed by hand; else it is fitted again.
    expect((upright.fill as { fit: string }).fit).toBe('fill');
    expect(placementOf(upright)).toEqual((fillWithPhoto(upright, photo, shaper) as { placement: Placement }).placement);
    const loose: Opening = { ...pane, fill: { ...pane.fill, fit: 'own', keepCovered: false } as Opening['fill'] };
    const stood = { ...loose, ...changeOutline(loose, { ...corners, warp: false }, context) } as Opening;
    const share = (of: Opening): number[] => [
      placementOf(of).x / layoutSize(of).width,
      placementOf(of).y / layoutSize(of).height,
    ];
    expect(share(stood)[0]).toBeCloseTo(share(loose)[0]!, 9);
    expect(share(stood)[1]).toBeCloseTo(share(loose)[1]!, 9);
    expect(placementOf(stood).scale).toBe(placementOf(loose).scale);
  });

  it('that other windows show too stays where it is when one of them gets four corners', () => {
    const box = testOpening('left', { box: { x: 500, y: 300, width: 400, height: 300, turn: 0 } });
    const own = (fillWithPhoto(box, photo, shaper) as { placement: Placement }).placement;
    // Fitted by its rule it would lie elsewhere.
    const placement = { ...own, x: own.x + box.box.x - 300, y: own.y + box.box.y, scale: own.scale * 4 };
    const fill = { type: 'photo', photoId: photo.id, placement: 'both', fit: 'fill' } as const;
    const window: Opening = { ...box, fill };
    const shared = { ...sheet, items: [window, { ...window, id: 'right' }], placements: { both: placement } };
    const after = changeOutline(window, opening(QUAD).outline, { ...context, sheet: shared });
    const edit = changeOpening(shared, window, after, 'Four corners');
    const now = applyEdit({ ...project, photos: { [photo.id]: photo }, sheets: [shared] }, edit).sheets[0]!.placements['both']!;
    expect(now.x).toBeCloseTo(placement.x, 6);
    expect(now.y).toBeCloseTo(placement.y, 6);
    expect(now.scale).toBeCloseTo(placement.scale, 9);
  });

  it('of a document from before is laid out in the box, as it was drawn then', () => {
    const { aspect: _none, ...outline } = opening(QUAD).outline as Extract<Opening['outline'], { type: 'corners' }>;
    const { box } = opening(QUAD);
    expect(layoutSize({ outline, box })).toEqual({ width: box.width, height: box.height });
  });
});
