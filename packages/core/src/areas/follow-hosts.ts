import { isBackground } from '../document/background.js';
import { applyEdit, type Edit, type ItemProperties, type Operation } from '../document/edit.js';
import { findOpening, openingsOf } from '../document/find-item.js';
import type { Item, Opening } from '../document/item.js';
import { changeItemOperation, listAround, placeOf, removeItem } from '../document/make-edit.js';
import type { Photo, PhotoArea, Project, Sheet } from '../document/project.js';
import { placedPhoto, placedPicture, type GripContext } from '../fit/grip.js';
import { openingHull, respectCover } from '../fit/opening-fit.js';
import { layoutSize } from '../fit/photo-layout.js';
import { isShared } from '../fit/register.js';
import { boxMatrix } from '../geometry/box.js';
import { apply } from '../geometry/matrix.js';
import { invertProjection, project as projected, type Quad } from '../geometry/quad.js';
import type { Shaper } from '../lettering/shaper.js';
import { openingInArea, photoToSheet } from './area-opening.js';
import { correctedForm, isSamePlace, lyingAs } from './curved-opening.js';

/** An edit with all that goes along with it. */
export interface Followed {
  readonly edit: Edit;
  /** Names of openings whose photo went, and that lie free since. */
  readonly freed: readonly string[];
}

/** Sheets are never changed in place. */
const known = new WeakMap<Sheet, readonly Opening[]>();

/** The openings of a sheet that lie in an area of what another shows, from back to front. */
function hostedOf(sheet: Sheet): readonly Opening[] {
  const before = known.get(sheet);
  if (before) return before;
  const hosted = [...openingsOf(sheet.items)].filter(({ host }) => host !== undefined);
  known.set(sheet, hosted);
  return hosted;
}

/** Items with the openings that lie in areas of them, in the order of their lists: what is copied together. */
export function withHosted(sheet: Sheet, items: readonly Item[]): readonly Item[] {
  const ids = new Set(
    items.flatMap((item) => [item.id, ...(item.type === 'group' ? [...openingsOf(item.items)].map(({ id }) => id) : [])]),
  );
  return items.flatMap((item) => [item, ...hostedOf(sheet).filter(({ id, host }) => host!.itemId === item.id && !ids.has(id))]);
}

/**
 * An edit together with what it does to openings that lie in areas. Where a host is moved, turned, scaled, cropped, hidden, reordered or removed,
 * they go along; where another photo comes into it, they lie in its area of the same name, or in its only one. What is itself moved is free from
 * then on; of one whose four corners are corrected the area is corrected.
 */
export function followHosts(project: Project, edit: Edit, shaper: Shaper): Followed {
  if (!project.sheets.some((sheet) => hostedOf(sheet).length > 0)) return { edit, freed: [] };
  let now = applyEdit(project, edit);
  if (now === project) return { edit, freed: [] };
  const added: Operation[] = [];
  const freed: string[] = [];
  const add = (operations: readonly Operation[]): void => {
    if (operations.length === 0) return;
    now = applyEdit(now, { name: edit.name, operations });
    added.push(...operations);
  };
  // By host, the last that was laid above it: several keep their order.
  const last = new Map<string, string>();
  for (const before of project.sheets) {
    for (const was of hostedOf(before)) {
      const sheet = now.sheets.find(({ id }) => id === before.id);
      const opening = sheet && findOpening(sheet, was.id);
      if (!sheet || !opening?.host) continue;
      const above = last.get(opening.host.itemId) ?? opening.host.itemId;
      last.set(opening.host.itemId, opening.id);
      const step = followed({ was, before, project }, { opening, sheet, project: now, above }, shaper);
      if (step.isFreed) freed.push(opening.name);
      add(step.operations);
    }
  }
  return { edit: added.length === 0 ? edit : { ...edit, operations: [...edit.operations, ...added] }, freed };
}

interface Before {
  readonly was: Opening;
  readonly before: Sheet;
  readonly project: Project;
}

interface Now {
  readonly opening: Opening;
  readonly sheet: Sheet;
  readonly project: Project;
  /** What it is laid above where its host has gone in depth. */
  readonly above: string;
}

interface Step {
  readonly operations: readonly Operation[];
  readonly isFreed?: boolean;
}

function followed({ was, before, project }: Before, now: Now, shaper: Shaper): Step {
  const { opening, sheet } = now;
  const hostId = opening.host!.itemId;
  const host = findOpening(sheet, hostId);
  const hostBefore = findOpening(before, hostId);
  if (!host) return { operations: hostBefore ? removeItem(sheet, opening.id, '').operations : [free(now)] };
  const contexts = {
    before: { ...project, sheet: before, shaper },
    now: { ...now.project, sheet, shaper },
  };
  const areaBefore =
    hostBefore && placedPhoto(hostBefore, contexts.before)?.photo.areas?.find(({ id }) => id === was.host!.areaId);
  const area = areaNow(opening, host, areaBefore, contexts.now, hostBefore);
  if (!area) return { operations: [free(now)], isFreed: host !== hostBefore };
  const isHostStill = host === hostBefore && area === areaBefore && sheet.placements === before.placements;
  const isOwnPlace = isSamePlace(opening.outline, was.outline) && opening.box === was.box;
  if (isHostStill && isOwnPlace) return { operations: order(now, before, host) };
  if (isHostStill) return { operations: moved(was, now, host, area, contexts.now) };
  const placed = openingInArea(host, area, contexts.now);
  if (!placed) return { operations: [free(now)], isFreed: true };
  const laid: ItemProperties = {
    ...laidIn(opening, placed, contexts.now),
    ...(area.id === opening.host!.areaId ? {} : { host: { itemId: hostId, areaId: area.id } }),
  };
  const hidden = host.hidden === hostBefore?.hidden ? {} : { hidden: host.hidden ?? null };
  return { operations: [changeItemOperation(sheet, opening, { ...laid, ...hidden }), ...order(now, before, host)] };
}

/** The area that it lies in now: the same, or in another photo the one of the same name, or the only one. */
function areaNow(
  { host }: Opening,
  hosting: Opening,
  before: PhotoArea | undefined,
  context: GripContext,
  hostBefore: Opening | undefined,
): PhotoArea | undefined {
  const areas = placedPhoto(hosting, context)?.photo.areas ?? [];
  const same = areas.find(({ id }) => id === host!.areaId);
  const isOther =
    hostBefore?.fill.type === 'photo' && hosting.fill.type === 'photo' && hosting.fill.photoId !== hostBefore.fill.photoId;
  if (same || !isOther) return same;
  return areas.find(({ name }) => name === before?.name) ?? (areas.length === 1 ? areas[0] : undefined);
}

function free({ sheet, opening }: Now): Operation {
  return changeItemOperation(sheet, opening, { host: null });
}

/** The form of its place, and its photo as large in it as before. */
function laidIn(opening: Opening, { outline, box }: Opening, context: GripContext): ItemProperties {
  const turned = lyingAs(opening.outline, outline);
  const after = { ...opening, outline: turned, box };
  const placed = placedPicture(opening, context);
  if (!placed || isShared(opening.fill)) return { outline: turned, box };
  const [from, to] = [layoutSize(opening), layoutSize(after)];
  const [across, down] = [to.width / from.width, to.height / from.height];
  const { x, y, scale } = placed.placement;
  const placement = { ...placed.placement, x: x * across, y: y * down, scale: scale * Math.sqrt(across * down) };
  return {
    outline: turned,
    box,
    fill: { ...placed.fill, placement: respectCover(placed.fill, placement, openingHull(after, context.shaper), placed.picture) },
  };
}

/** It was moved by itself: free from now on. Corners and other handles that were corrected correct the area. */
function moved(was: Opening, now: Now, host: Opening, area: PhotoArea, context: GripContext): Operation[] {
  const { opening } = now;
  const curved = opening.box === was.box ? curvedAgain(now, host, area, context) : null;
  if (curved) return curved;
  const isCorrected = opening.outline.type === 'corners' && opening.outline !== was.outline && area.form.type === 'flat';
  const back = isCorrected ? photoToSheet(host, context) : null;
  const toPhoto = back && invertProjection(back);
  const photo = placedPhoto(host, context)?.photo;
  if (!toPhoto || !photo || opening.outline.type !== 'corners') return [free(now)];
  const { box, outline } = opening;
  const onto = boxMatrix(box);
  const corners = outline.points.map(({ x, y }) =>
    projected(toPhoto, apply(onto, { x: x * box.width, y: y * box.height })),
  ) as unknown as Quad;
  return [changeAreaForm(photo, { ...area, form: { type: 'flat', corners } })];
}

/** What lies on something curved is laid anew where its handles say; null for anything else. */
function curvedAgain({ opening, sheet }: Now, host: Opening, area: PhotoArea, context: GripContext): Operation[] | null {
  const onto = photoToSheet(host, context);
  const toPhoto = onto && invertProjection(onto);
  const form = toPhoto && correctedForm(opening, area.form, toPhoto);
  const photo = placedPhoto(host, context)?.photo;
  const corrected = form && { ...area, form };
  const placed = corrected && openingInArea(host, corrected, context);
  if (!corrected || !placed || !photo) return null;
  return [changeAreaForm(photo, corrected), changeItemOperation(sheet, opening, laidIn(opening, placed, context))];
}

function changeAreaForm(photo: Photo, area: PhotoArea): Operation {
  const areas = photo.areas ?? [];
  return {
    type: 'change-photo',
    photoId: photo.id,
    before: { areas },
    after: { areas: areas.map((one) => (one.id === area.id ? area : one)) },
  };
}

/** Where its host went in depth, it goes along: to above it, in its list. */
function order({ opening, sheet, above }: Now, before: Sheet, host: Opening): Operation[] {
  const [from, { groupId }] = [placeOf(sheet, opening.id), placeOf(sheet, host.id)];
  const list = listAround(sheet, host.id).map(({ id }) => id);
  const isAbove = from.groupId === groupId && list.indexOf(opening.id) > list.indexOf(host.id);
  const hasMoved = passes(before, host.id) !== passes(sheet, host.id);
  // What lies on the background lies at the back.
  const to = { groupId, above: above === host.id && isBackground(host) ? null : above };
  if ((isAbove && !hasMoved) || (from.groupId === to.groupId && from.above === to.above)) return [];
  return [{ type: 'move-item', sheetId: sheet.id, itemId: opening.id, from, to }];
}

/** What lies below and above an item in its list, but for what lies in it. */
function passes(sheet: Sheet, itemId: string): string {
  const list = listAround(sheet, itemId).filter((item) => item.type === 'group' || item.host?.itemId !== itemId);
  const at = list.findIndex(({ id }) => id === itemId);
  return [placeOf(sheet, itemId).groupId, list[at - 1]?.id, list[at + 1]?.id].join('/');
}
