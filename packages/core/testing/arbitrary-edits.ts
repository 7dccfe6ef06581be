import fc from 'fast-check';
import { crossingKey, type Crossing } from '../src/document/crossing.js';
import type { Edit, ItemProperties, Place } from '../src/document/edit.js';
import { findItem } from '../src/document/find-item.js';
import type { Group, Item } from '../src/document/item.js';
import {
  changeItem,
  changeProject,
  changeSheet,
  insertItem,
  placeOf,
  removeItem,
  type SheetChange,
} from '../src/document/make-edit.js';
import { isBackground } from '../src/document/background.js';
import { placeAbove } from '../src/kinds/operations/item-tree.js';
import { COLOUR_ROLES } from '../src/kinds/colour.js';
import { newSheet } from '../src/document/new-project.js';
import type { Project, Sheet } from '../src/document/project.js';
import { addSheet, moveSheet, removeSheet } from '../src/document/sheet-edits.js';
import { withdrawPhoto } from '../src/document/withdraw-photo.js';
import { backgroundEdit } from '../src/fit/photo-moves.js';
import { withText } from '../src/lettering/letter-ids.js';
import { testGroup, testOpening, testPhoto } from './test-documents.js';

/** A recipe of an edit: it becomes one when it meets a project, so that it always fits. Null where it can not. */
export type EditRecipe = (project: Project, step: number) => Edit | null;

const share = fc.double({ min: 0, max: 0.999, noNaN: true });
const length = fc.double({ min: 1, max: 900, noNaN: true });

function pick<T>(list: readonly T[], at: number): T | undefined {
  return list[Math.floor(at * list.length)];
}

function allItems(items: readonly Item[]): Item[] {
  return items.flatMap((item) => (item.type === 'group' ? [item, ...allItems(item.items)] : [item]));
}

/** All lists an item can lie in: the sheet's own and those of groups. */
function lists(sheet: Sheet): { groupId: string | null; items: readonly Item[] }[] {
  const groups = allItems(sheet.items).filter((item): item is Group => item.type === 'group');
  return [{ groupId: null, items: sheet.items }, ...groups.map(({ id, items }) => ({ groupId: id, items }))];
}

function placeAt(sheet: Sheet, list: number, index: number): Place {
  const { groupId, items } = pick(lists(sheet), list)!;
  return { groupId, above: placeAbove(items, Math.floor(index * (items.length + 1))) };
}

const insert = fc.tuple(share, share, share, fc.boolean()).map(([at, list, index, group]): EditRecipe => (project, step) => {
  const sheet = pick(project.sheets, at)!;
  const item = group ? testGroup(`group${step}`, [testOpening(`inner${step}`)]) : testOpening(`item${step}`);
  return insertItem(sheet, item, 'Add', placeAt(sheet, list, index));
});

const remove = fc.tuple(share, share).map(([at, which]): EditRecipe => (project) => {
  const sheet = pick(project.sheets, at)!;
  const item = pick(allItems(sheet.items), which);
  return item ? removeItem(sheet, item.id, 'Remove') : null;
});

const change = fc
  .tuple(share, share, length, length, fc.integer({ min: 0, max: 6 }))
  .map(([at, which, a, b, kind]): EditRecipe => (project) => {
    const sheet = pick(project.sheets, at)!;
    const item = pick(allItems(sheet.items), which);
    if (!item) return null;
    if (item.type === 'group') return changeItem(sheet, item, { opacity: a / 900, hidden: kind > 2 ? true : null }, 'Group');
    const after = [
      { box: { x: a, y: b, width: b, height: a, turn: a % 360 } },
      { fill: { type: 'colour', colour: '#a1b2c3' } as const, name: `n${kind}` },
      { fill: { type: 'colour', colour: { role: 'accent' } } as const },
      { finish: { opacity: b / 900 } },
      { locked: true },
      { locked: null, slot: null },
      { outline: { type: 'ellipse' } as const },
    ][kind]!;
    return changeItem(sheet, item, after, 'Change');
  });

const move = fc.tuple(share, share, share, share).map(([at, which, list, index]): EditRecipe => (project) => {
  const sheet = pick(project.sheets, at)!;
  const item = pick(allItems(sheet.items), which);
  if (!item || isBackground(item)) return null;
  const from = placeOf(sheet, item.id);
  const without = { ...sheet, items: withoutItem(sheet.items, item.id) };
  const to = placeAt(without, list, index);
  if (to.groupId !== null && !findItem(without.items, to.groupId)) return null;
  return { name: 'Move in depth', operations: [{ type: 'move-item', sheetId: sheet.id, itemId: item.id, from, to }] };
});

function withoutItem(items: readonly Item[], id: string): Item[] {
  return items
    .filter((item) => item.id !== id)
    .map((item) => (item.type === 'group' ? { ...item, items: withoutItem(item.items, id) } : item));
}

/** The crossings of a sheet with this one in the place of the one of its pair, or behind all. */
function withCrossing(sheet: Sheet, crossing: Crossing): Crossing[] {
  const key = crossingKey(crossing);
  const isKnown = sheet.crossings.some((other) => crossingKey(other) === key);
  if (!isKnown) return [...sheet.crossings, crossing];
  return sheet.crossings.map((other) => (crossingKey(other) === key ? crossing : other));
}

/** Parts of the document that belong to the sheet as a whole. */
const ofSheet = fc
  .tuple(share, share, share, length, fc.integer({ min: 0, max: 6 }))
  .map(([at, one, other, n, kind]): EditRecipe => (project) => {
    const sheet = pick(project.sheets, at)!;
    const [lower, upper] = [pick(sheet.items, one), pick(sheet.items, other)];
    const placement = { x: n, y: 2, scale: n / 300, turn: 5, flipX: n > 400, flipY: false };
    const crossing: Crossing | null =
      lower && upper
        ? {
            lower: { itemId: lower.id, part: 'subject' },
            upper: { itemId: upper.id, part: 'whole' },
            over: n > 300,
            regions: [{ at: { x: n, y: 1 }, over: n < 600 }],
            cuts: [
              [
                { x: 0, y: 0 },
                { x: n, y: n },
              ],
            ],
            ...(n > 500 ? { paint: [{ points: [{ x: 1, y: n }], width: 8, over: true }] } : {}),
          }
        : null;
    const after: SheetChange = [
      { placements: { ...sheet.placements, [`shared${Math.floor(n)}`]: placement } },
      { placements: {} },
      { crossings: crossing ? withCrossing(sheet, crossing) : [] },
      { crossings: sheet.crossings.slice(1) },
      { veil: n > 200 ? { colour: '#20272a', strength: n / 900 } : null },
      { light: n > 200 ? { angle: n % 360, height: 40 } : null },
      {
        folds: n > 200 ? [{ axis: 'vertical', at: n }] : null,
        guides: [{ id: `guide${Math.floor(n)}`, axis: 'horizontal', at: n }],
        margin: n / 10,
      },
    ][kind] as SheetChange;
    return changeSheet(sheet, after, 'Change sheet');
  });

/** Fills with everything a photo can have, overhangs, rims, and the text of a lettering. */
const ofOpening = fc
  .tuple(share, share, length, fc.string({ maxLength: 8 }), fc.integer({ min: 0, max: 4 }), share)
  .map(([at, which, n, text, kind, one]): EditRecipe => (project) => {
    const sheet = pick(project.sheets, at)!;
    const openings = allItems(sheet.items).filter((item) => item.type === 'opening');
    const opening = pick(openings, which);
    const shown = pick(Object.keys(project.photos), one);
    if (!opening || (kind === 0 && shown === undefined)) return null;
    const { outline } = opening;
    const run =
      outline.type === 'lettering'
        ? outline.runs[0]!
        : { text: 'AB', face: 'archivo', axes: {}, size: 20, tracking: 0, letterIds: ['a', 'b'] };
    const placement = n > 450 ? `shared${Math.floor(n)}` : { x: n, y: n, scale: 1, turn: n % 360, flipX: false, flipY: true };
    const after: ItemProperties = [
      {
        fill: {
          type: 'photo',
          photoId: shown ?? '',
          placement,
          cutout: { id: 'cut', revision: (n < 300 ? 'a' : 'b').repeat(64) },
          show: n > 300 ? 'subject' : 'photo',
          tone: { curve: [{ x: 0, y: n / 900 }], warmth: 0.2 },
          effects: [{ kind: 'halftone', strength: n / 900, ink: '#102030' }],
        },
      },
      {
        overhangs: {
          sides: { top: n > 200, right: false, bottom: n > 400, left: true },
          pieces: [{ at: { x: n, y: 3 }, out: true }],
          cuts: [
            [
              { x: 0, y: n },
              { x: n, y: 0 },
            ],
          ],
          shadow: { distance: n / 50, blur: 4, strength: 0.5 },
        },
      },
      { overhangs: null },
      {
        finish: {
          rim: { top: n, right: 1, bottom: 2, left: 3, colour: '#ffffff' },
          innerShade: { colour: '#000000', blur: n, strength: 0.4 },
        },
      },
      { outline: { type: 'lettering', runs: [withText(run, text)], align: 'left', leading: 1.2 } },
    ][kind] as ItemProperties;
    return changeItem(sheet, opening, after, 'Change opening');
  });

const sheets = fc
  .tuple(share, fc.constantFrom('add', 'remove', 'move'), length, share)
  .map(([at, what, width, to]): EditRecipe => (project, step) => {
    const index = Math.floor(at * project.sheets.length);
    const sheet = { ...newSheet({ width, height: 50, unit: 'px' }), id: `sheet${step}` };
    if (what === 'add') return addSheet(project, sheet, index);
    if (what === 'move') return moveSheet(project, project.sheets[index]!.id, Math.floor(to * project.sheets.length));
    if (project.sheets.length === 1) return changeSheet(project.sheets[0]!, { width, veil: null }, 'Resize sheet');
    return removeSheet(project, project.sheets[index]!.id);
  });

const project = fc.tuple(fc.boolean(), fc.integer({ min: 0, max: 99 })).map(([photo, n]): EditRecipe => (before, step) => {
  if (photo) return { name: 'Add photo', operations: [{ type: 'add-photo', photo: testPhoto(`photo${step}`) }] };
  if (n % 3 === 0) {
    const role = COLOUR_ROLES[(n / 3) % COLOUR_ROLES.length]!;
    return changeProject(before, { roles: { ...before.roles, [role]: `#0000${10 + (n % 90)}` } }, 'Colour of the project');
  }
  return changeProject(
    before,
    { name: `Name ${n}`, set: n > 50 ? { columns: [{ itemId: 'a', property: 'text' }], rows: [[`${n}`]] } : null },
    'Rename',
  );
});

const photos = fc
  .tuple(share, fc.integer({ min: 1, max: 60 }), fc.boolean())
  .map(([which, size, cuts]): EditRecipe => (before) => {
    const photo = pick(Object.values(before.photos), which);
    if (!photo) return null;
    const focus = { x: 0, y: 0, width: size, height: size };
    const cutouts = [{ id: 'cut', name: 'Subject', revisions: [{ matteSha256: 'a'.repeat(64), marks: [] }] }];
    const after = cuts ? { focus, cutouts } : { focus: null };
    const were = { focus: photo.focus ?? null, ...(cuts ? { cutouts: photo.cutouts ?? null } : {}) };
    return { name: 'Change photo', operations: [{ type: 'change-photo', photoId: photo.id, before: were, after }] };
  });

/** A photo as the ground of a sheet, and photos that could not be stored. */
const shownPhotos = fc.tuple(share, share, fc.boolean()).map(([at, which, isGround]): EditRecipe => (before) => {
  const sheet = pick(before.sheets, at)!;
  const photo = pick(Object.values(before.photos), which);
  if (!photo) return null;
  return isGround ? backgroundEdit(sheet, photo) : withdrawPhoto(before, photo.id);
});

const anyRecipe = fc.oneof(
  insert,
  insert,
  change,
  change,
  ofOpening,
  ofOpening,
  ofSheet,
  ofSheet,
  move,
  remove,
  sheets,
  project,
  photos,
  shownPhotos,
);

/** Sequences of edits of every kind. */
export const editRecipes = fc.array(anyRecipe, { maxLength: 40 });

/** A few edits, as one person makes them while another makes others. */
export const fewEditRecipes = fc.array(anyRecipe, { minLength: 1, maxLength: 6 });

/**
 * Turns recipes into edits, one after the other; `apply` gives the project after each.
 * @param first - the number that ids of what is new begin with.
 */
export function cook(
  recipes: readonly EditRecipe[],
  start: Project,
  apply: (project: Project, edit: Edit) => Project,
  first = 0,
): Project {
  let now = start;
  for (const [step, recipe] of recipes.entries()) {
    const edit = recipe(now, first + step);
    if (edit) now = apply(now, edit);
  }
  return now;
}
