import { applyEdit, type Edit, type ItemProperties, type Operation } from '../document/edit.js';
import { backgroundBox, backgroundOf, withoutBackground } from '../document/background.js';
import type { Fill, PictureFill, Placement } from '../document/fill.js';
import type { Item, Opening } from '../document/item.js';
import { changeItemOperation, changeSheet } from '../document/make-edit.js';
import type { Photo, Project, Sheet } from '../document/project.js';
import type { Bounds } from '../geometry/bounds.js';
import { convexHull } from '../geometry/polygon.js';
import type { Shaper } from '../lettering/shaper.js';
import { keepCovered } from './cover.js';
import { pictureOf, showsPicture, type GripContext } from './grip.js';
import { itemBounds } from './item-bounds.js';
import { keepFocus } from './keep-focus.js';
import { fitPhoto, openingHull, respectCover } from './opening-fit.js';
import { transformPlacement } from './placement.js';
import { isShared, sheetHulls } from './register.js';
import { similarity, transformedOpening, transformItems } from './transform-items.js';

/** What a resize needs to know. */
export interface ResizeContext {
  readonly project: Project;
  readonly sheet: Sheet;
  readonly photos: Readonly<Record<string, Photo>>;
  readonly shaper: Shaper;
}

/** What lets pictures be fitted anew. */
type Pictures = Pick<GripContext, 'photos' | 'sheets' | 'shaper'>;

/** Closer than this share of the side to both edges, an item spans the sheet and goes on spanning it. */
const SPANS = 0.12;
/** An item is anchored to the nearer edge when the gap there is at most this share of the gap on the other side. */
const NEARER = 0.6;

/**
 * Gives a sheet another size and keeps its arrangement: everything is scaled by the smaller of both changes, so that nothing comes to overlap
 * or leave the sheet; what lies near an edge stays near it, what is in the middle stays there, what spans the sheet goes on spanning it.
 * Photos that get another form are fitted again by their rule, and keep their focus in sight.
 */
export function resizeSheet(
  { project, sheet, photos, shaper }: ResizeContext,
  size: { readonly width: number; readonly height: number },
): Edit {
  const { width, height } = size;
  const factor = Math.min(width / sheet.width, height / sheet.height);
  const [fx, fy] = [width / sheet.width, height / sheet.height];
  const scaledAt = <T extends { readonly axis: 'horizontal' | 'vertical'; readonly at: number }>(line: T): T => ({
    ...line,
    at: line.at * (line.axis === 'vertical' ? fx : fy),
  });
  const operations: Operation[] = [
    ...changeSheet(
      sheet,
      {
        width,
        height,
        margin: sheet.margin * factor,
        guides: sheet.guides.map(scaledAt),
        ...(sheet.folds ? { folds: sheet.folds.map(scaledAt) } : {}),
        ...(Object.keys(sheet.placements).length > 0 ? { placements: placementsAfter(sheet, size, factor) } : {}),
      },
      '',
    ).operations,
    ...backgroundAfter(sheet, size, photos),
    ...withoutBackground(sheet.items).flatMap((item) =>
      itemAfter(item, sheet, size, factor, { photos, sheets: project.sheets, shaper }),
    ),
  ];
  const name = 'Resize the sheet';
  return {
    name,
    operations: [...operations, ...coverWindows(applyEdit(project, { name, operations }), sheet.id, photos, shaper)],
  };
}

function itemAfter(
  item: Item,
  sheet: Sheet,
  size: { readonly width: number; readonly height: number },
  factor: number,
  pictures: Pictures,
): Operation[] {
  const bounds = itemBounds(item);
  if (!bounds) return [];
  const stretches = item.type === 'opening' && item.outline.type !== 'lettering' && item.box.turn % 90 === 0;
  const x = along(bounds.x, bounds.width, { side: sheet.width, next: size.width, factor }, stretches);
  const y = along(bounds.y, bounds.height, { side: sheet.height, next: size.height, factor }, stretches);
  const about = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
  const middle = { x: x.at + x.length / 2, y: y.at + y.length / 2 };
  const frame = similarity(about, factor, 0, { x: middle.x - about.x, y: middle.y - about.y });
  const isStretched = x.length !== bounds.width * factor || y.length !== bounds.height * factor;
  if (item.type === 'group' || !isStretched) {
    // Shared placements are looked after once for all windows.
    return transformItems({ ...sheet, placements: {} }, [item], frame);
  }
  return [
    changeItemOperation(sheet, item, stretched(item, frame, { x: x.at, y: y.at, width: x.length, height: y.length }, pictures)),
  ];
}

/** How long the sheet is along one axis, and how long it becomes. */
interface Side {
  readonly side: number;
  readonly next: number;
  readonly factor: number;
}

/** Where something lies along one axis of the new sheet. */
function along(from: number, length: number, { side, next, factor }: Side, stretches: boolean): { at: number; length: number } {
  const [before, after] = [from, side - from - length];
  if (stretches && before < SPANS * side && after < SPANS * side) {
    return { at: before * factor, length: next - (before + after) * factor };
  }
  const scaled = length * factor;
  if (before <= NEARER * after) return { at: before * factor, length: scaled };
  if (after <= NEARER * before) return { at: next - after * factor - scaled, length: scaled };
  return { at: next / 2 + (from + length / 2 - side / 2) * factor - scaled / 2, length: scaled };
}

function stretched(
  opening: Opening,
  frame: Parameters<typeof transformedOpening>[1],
  area: Bounds,
  pictures: Pictures,
): ItemProperties {
  const after = { ...opening, ...transformedOpening(opening, frame) } as Opening;
  const isAcross = after.box.turn % 180 !== 0;
  const [width, height] = isAcross ? [area.height, area.width] : [area.width, area.height];
  const middle = { x: area.x + area.width / 2, y: area.y + area.height / 2 };
  const grown: Opening = { ...after, box: { ...after.box, x: middle.x - width / 2, y: middle.y - height / 2, width, height } };
  const { outline, finish, overhangs } = grown;
  return {
    box: grown.box,
    ...(outline === opening.outline ? {} : { outline }),
    ...(finish === opening.finish ? {} : { finish }),
    ...(overhangs === opening.overhangs ? {} : { overhangs: overhangs! }),
    ...(showsPicture(grown.fill) && !isShared(grown.fill) ? { fill: refitted(after, grown, pictures) } : {}),
  };
}

/** The picture of an opening that got another form. A placement chosen by hand is kept as far as it covers and shows the focus. */
function refitted(before: Opening, after: Opening, pictures: Pictures): Fill {
  const { shaper } = pictures;
  const fill = after.fill as PictureFill;
  const picture = pictureOf(fill, pictures);
  const placement = fill.placement as Placement;
  if (!picture) return fill;
  if (fill.fit !== undefined && fill.fit !== 'own')
    return { ...fill, placement: fitPhoto(fill.fit, after, picture, shaper, placement) };
  const [fx, fy] = [after.box.width / before.box.width, after.box.height / before.box.height];
  const moved = { ...placement, x: placement.x * fx, y: placement.y * fy, scale: placement.scale * Math.max(fx, fy) };
  const hull = openingHull(after, shaper);
  const covered = respectCover(fill, moved, hull, picture);
  return { ...fill, placement: fill.keepCovered === false ? covered : keepFocus(covered, hull, picture, 'inside') };
}

function backgroundAfter(
  sheet: Sheet,
  size: { readonly width: number; readonly height: number },
  photos: Readonly<Record<string, Photo>>,
): Operation[] {
  const background = backgroundOf(sheet);
  if (!background) return [];
  const { fill } = background;
  const box = backgroundBox({ ...sheet, ...size });
  const photo = fill.type === 'photo' ? photos[fill.photoId] : undefined;
  if (fill.type !== 'photo' || typeof fill.placement === 'string' || !photo)
    return [changeItemOperation(sheet, background, { box })];
  const [fx, fy] = [box.width / background.box.width, box.height / background.box.height];
  const { placement } = fill;
  const moved = { ...placement, x: placement.x * fx, y: placement.y * fy, scale: placement.scale * Math.max(fx, fy) };
  const corners = Float64Array.from([0, 0, box.width, 0, box.width, box.height, 0, box.height]);
  const kept = keepFocus(keepCovered(moved, corners, photo), corners, photo, 'inside');
  return [changeItemOperation(sheet, background, { box, fill: { ...fill, placement: kept } })];
}

/** Shared placements grow with the sheet about its middle. */
function placementsAfter(
  sheet: Sheet,
  size: { readonly width: number; readonly height: number },
  factor: number,
): Sheet['placements'] {
  const about = { x: sheet.width / 2, y: sheet.height / 2 };
  const frame = similarity(about, factor, 0, { x: size.width / 2 - about.x, y: size.height / 2 - about.y });
  return Object.fromEntries(
    Object.entries(sheet.placements).map(([id, placement]) => [id, transformPlacement(frame, placement)]),
  );
}

/** Photos in register cover the windows where these have come to lie. */
function coverWindows(project: Project, sheetId: string, photos: Readonly<Record<string, Photo>>, shaper: Shaper): Operation[] {
  const sheet = project.sheets.find(({ id }) => id === sheetId)!;
  let { placements } = sheet;
  for (const [id, placement] of Object.entries(placements)) {
    const { hulls, photoId } = sheetHulls(sheet, id, shaper);
    const photo = photoId === undefined ? undefined : photos[photoId];
    if (!photo || hulls.length === 0) continue;
    const hull = convexHull(hulls);
    placements = { ...placements, [id]: keepFocus(keepCovered(placement, hull, photo), hull, photo, 'inside') };
  }
  return placements === sheet.placements ? [] : [...changeSheet(sheet, { placements }, '').operations];
}
