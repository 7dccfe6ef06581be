import { colourOfRole, isByRole } from '../kinds/colour.js';
import type { PhotoFill } from './fill.js';
import type { Item, Opening } from './item.js';
import type { Project, Sheet } from './project.js';
import { pictureIdOf } from './picture-id.js';
import { openingsOf } from './find-item.js';
import type { Roles } from './roles.js';

declare const RESOLVED: unique symbol;

/**
 * A sheet as it is computed with: what stands for something else is replaced by what it stands for. Renderer, survey, checks, small pictures and
 * exports take nothing else. Parts of which nothing was replaced are those of the stored sheet, so that they are known again.
 */
export type ResolvedSheet = Sheet & {
  readonly [RESOLVED]: true;
  /** The sheets that its openings show, by the id of the picture that stands for each there. @default it shows none */
  readonly shows?: Readonly<Record<string, ResolvedSheet>>;
};

/** A sheet as it is stored, of which edits are made, and as it is seen, which is looked at. */
export interface LookedAt {
  readonly sheet: Sheet;
  readonly resolved: ResolvedSheet;
}

/** What was resolved, by the roles it was resolved for; documents are never changed in place. */
const known = new WeakMap<Roles, WeakMap<object, object>>();

/** What is needed of a project to resolve one of its sheets. */
type Resolvable = Pick<Project, 'sheets' | 'roles' | 'photos'>;

/** A sheet of a project as it is computed with; null where there is none of that id. */
export function resolveSheet(project: Resolvable, sheetId: string): ResolvedSheet | null {
  const sheet = project.sheets.find(({ id }) => id === sheetId);
  return sheet ? resolvedIn(project, sheet) : null;
}

/** A sheet as it would be if it lay in a project, which may have another state of it. */
export function resolvedIn(project: Resolvable, sheet: Sheet): ResolvedSheet {
  return withShown(project, sheet, [sheet.id]);
}

/** An item of a sheet, likewise: drawn on its own it needs what the sheet shows. @param sheet - that it lies on, resolved */
export function resolvedItem(project: Resolvable, item: Item, sheet: ResolvedSheet): Item {
  const shown = Object.entries(sheet.shows ?? {}).map(([pictureId, { id }]) => [id, pictureId] as const);
  return withPictures(resolvedFor(item, project.roles), new Map(shown));
}

/** Any part of a project that shows no sheet, resolved for its roles. What has nothing to resolve is returned as it is. */
export function resolvedFor<T extends object>(part: T, roles: Roles): T;
export function resolvedFor(part: object, roles: Roles): object {
  let done = known.get(roles);
  if (!done) known.set(roles, (done = new WeakMap()));
  return resolved(part, roles, done);
}

function resolved(part: object, roles: Roles, done: WeakMap<object, object>): object {
  const before = done.get(part);
  if (before) return before;
  const after = withParts(part, (inner) => {
    if (typeof inner !== 'object' || inner === null) return inner;
    return isByRole(inner) ? colourOfRole(inner, roles) : resolved(inner, roles, done);
  });
  done.set(part, after);
  return after;
}

/** The same object where each of its values stays as it is. */
function withParts(part: object, change: (value: unknown) => unknown): object {
  if (Array.isArray(part)) {
    const list: readonly unknown[] = part;
    const changed = list.map(change);
    return changed.some((value, index) => value !== list[index]) ? changed : list;
  }
  let after: Record<string, unknown> | null = null;
  for (const [key, value] of Object.entries(part)) {
    const changed = change(value);
    if (changed !== value) (after ??= { ...part })[key] = changed;
  }
  return after ?? part;
}

/** Sheets that show others, as they were resolved last, by what they are for their roles alone; items likewise. */
const shownBefore = new WeakMap<object, ResolvedSheet>();
const picturedBefore = new WeakMap<Item, Item>();

/** @param within - ids of the sheets that it is seen in, and its own: none of these is shown again. */
function withShown(project: Resolvable, sheet: Sheet, within: readonly string[]): ResolvedSheet {
  // Without the pictures of other sheets it is what it is for its roles.
  const plain = resolvedFor(sheet, project.roles) as ResolvedSheet;
  const shows: Record<string, ResolvedSheet> = {};
  const pictures = new Map<string, string>();
  let isShowing = false;
  for (const { fill } of openingsOf(plain.items)) {
    if (fill.type !== 'sheet') continue;
    isShowing = true;
    const shown = project.sheets.find(({ id }) => id === fill.sheetId);
    if (!shown || within.includes(shown.id) || pictures.has(shown.id)) continue;
    const resolvedShown = withShown(project, shown, [...within, shown.id]);
    const pictureId = pictureIdOf(resolvedShown, project.photos);
    shows[pictureId] = resolvedShown;
    pictures.set(shown.id, pictureId);
  }
  if (!isShowing) return plain;
  const before = shownBefore.get(plain);
  if (before && isSameList(Object.entries(shows).flat(), Object.entries(before.shows ?? {}).flat())) return before;
  const after: ResolvedSheet = { ...plain, items: plain.items.map((item) => withPictures(item, pictures)), shows };
  shownBefore.set(plain, after);
  return after;
}

/** An item with pictures in place of the sheets that it shows. @param pictures - their ids, by those of the sheets */
function withPictures(item: Item, pictures: ReadonlyMap<string, string>): Item {
  const before = picturedBefore.get(item);
  if (item.type === 'group') {
    const items = item.items.map((inner) => withPictures(inner, pictures));
    if (isSameList(items, item.items)) return item;
    if (before?.type === 'group' && isSameList(items, before.items)) return before;
    return keptAs(item, { ...item, items });
  }
  if (item.fill.type !== 'sheet') return item;
  const { sheetId, type: _type, ...placed } = item.fill;
  const photoId = pictures.get(sheetId);
  const fill: Opening['fill'] =
    photoId === undefined ? { type: 'none' } : ({ ...placed, type: 'photo', photoId } satisfies PhotoFill);
  const isSame = before?.type === 'opening' && (before.fill.type === 'photo' ? before.fill.photoId : undefined) === photoId;
  return isSame ? before : keptAs(item, { ...item, fill });
}

function keptAs(item: Item, pictured: Item): Item {
  picturedBefore.set(item, pictured);
  return pictured;
}

function isSameList(some: readonly unknown[], others: readonly unknown[]): boolean {
  return some.length === others.length && some.every((one, index) => one === others[index]);
}
