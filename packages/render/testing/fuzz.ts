import { deepStrictEqual, ok } from 'node:assert';
import fc from 'fast-check';
import {
  applyEdit,
  backgroundOf,
  changeItem,
  changeSheet,
  commit,
  EMPTY_HISTORY,
  findItem,
  groupItems,
  insertItem,
  newBackground,
  newProject,
  newShapedOpening,
  openProject,
  pasteEdit,
  readClipping,
  redo,
  removeItem,
  reorderItem,
  resolvedIn,
  undo,
  ungroupItem,
  writeClipping,
  type Crossing,
  type Edit,
  type Item,
  type Project,
  type Sheet,
} from '@kadrosyn/core';
import { arbitraryItems } from '../../core/testing/arbitrary-items.js';
import { PICTURES, pictureOf } from '../fixtures/kit.js';
import { sampleResources } from './pictures.js';
import { renderSheet } from '../src/node/index.js';

const SIZE = { width: 96, height: 72, unit: 'px' } as const;
const photos = Object.fromEntries(PICTURES.map((name) => [name, pictureOf(name)]));
const made = newProject('Card', SIZE);
/** A sheet that others can show; both projects have it. */
const shown: Sheet = {
  ...made.sheets[0]!,
  ...{ id: 'shown', width: 60, height: 50, background: { type: 'none' } },
  items: [
    { ...newShapedOpening('Disc', { type: 'ellipse' }, { x: 25, y: 25 }, 40, 30), fill: { type: 'colour', colour: '#b5532e' } },
  ],
};
const empty: Project = { ...made, photos, sheets: [...made.sheets, shown] };
const other = newProject('Other card', SIZE);
const elsewhere: Project = { ...other, sheets: [...other.sheets, shown] };
const { item, fill, opening } = arbitraryItems({
  ...{ photos: PICTURES, faces: ['archivo', 'fraunces'], cutout: 'cut' },
  sheets: [shown.id],
});
const share = fc.double({ min: 0, max: 0.999, noNaN: true });

/** Something that a person does; null where it can not be done. */
type Doing = (project: Project, step: number) => Edit | null;

const nth = (project: Project, at: number): Item | undefined => {
  const { items } = project.sheets[0]!;
  return items[Math.floor(at * items.length)];
};
/** The item under an id of its own, and what is in it. */
const named = (added: Item, id: string): Item =>
  added.type === 'group' ? { ...added, id, items: added.items.map((inner, n) => named(inner, `${id}_${n}`)) } : { ...added, id };
const crossing = (lower: string, upper: string, over: boolean): Crossing => ({
  lower: { itemId: lower, part: 'whole' },
  upper: { itemId: upper, part: 'whole' },
  ...{ over, regions: [], cuts: [] },
});

const adding: fc.Arbitrary<Doing> = item.map(
  (added): Doing =>
    (project, step) =>
      insertItem(project.sheets[0]!, named(added, `item${step}`), 'Add'),
);
const doings: fc.Arbitrary<Doing> = fc.oneof(
  adding,
  fc
    .tuple(opening, share, fc.constantFrom('fill', 'outline', 'finish', 'box', 'overhangs'))
    .map(([from, at, key]): Doing => (project) => {
      const chosen = nth(project, at);
      return chosen?.type === 'opening'
        ? changeItem(project.sheets[0]!, chosen, { [key]: from[key] ?? null }, `Change ${key}`)
        : null;
    }),
  share.map((at): Doing => (project) => {
    const chosen = nth(project, at);
    return chosen ? removeItem(project.sheets[0]!, chosen.id, 'Remove') : null;
  }),
  fc.tuple(share, fc.nat(4)).map(([at, to]): Doing => (project) => {
    const chosen = nth(project, at);
    return chosen ? reorderItem(project.sheets[0]!, chosen.id, to, 'Move in depth') : null;
  }),
  fc.tuple(share, share).map(([one, other]): Doing => (project) => {
    const ids = [nth(project, one)?.id, nth(project, other)?.id].filter((id) => id !== undefined);
    return groupItems(project.sheets[0]!, ids, 'Group')?.edit ?? null;
  }),
  share.map((at): Doing => (project) => {
    const chosen = nth(project, at);
    return chosen?.type === 'group' ? ungroupItem(project.sheets[0]!, chosen).edit : null;
  }),
  fc.tuple(share, share, fc.boolean()).map(([one, other, over]): Doing => (project) => {
    const [lower, upper] = [nth(project, one), nth(project, other)];
    const [sheet] = project.sheets;
    if (!lower || !upper || lower === upper || sheet!.crossings.length > 2) return null;
    return changeSheet(sheet!, { crossings: [...sheet!.crossings, crossing(lower.id, upper.id, over)] }, 'Cross');
  }),
  fill.map((ground): Doing => (project, step) => {
    const sheet = project.sheets[0]!;
    if (ground.type === 'drawing' || ground.type === 'sheet') return null;
    if (ground.type !== 'photo') return changeSheet(sheet, { background: ground }, 'Ground');
    const before = backgroundOf(sheet);
    if (before) return changeItem(sheet, before, { fill: ground }, 'Background');
    const made = { ...newBackground(sheet, ground), id: `item${step}` };
    return insertItem(sheet, made, 'Background', { groupId: null, above: null });
  }),
);

function drawn(project: Project): Buffer {
  const { data } = renderSheet(resolvedIn(project, project.sheets[0]!), 0.5, {
    ...sampleResources,
    photos: project.photos,
  });
  return Buffer.from(data.buffer, data.byteOffset, data.byteLength);
}

function reopened(project: Project): Project {
  const opened = openProject(JSON.parse(JSON.stringify(project)));
  if (!opened.ok) throw new Error(`${opened.reason} ${opened.where}`);
  return opened.project;
}

/** The same documents, whatever is stored of what is undefined. */
function same(one: Project, other: Project): void {
  deepStrictEqual(JSON.parse(JSON.stringify(one)), JSON.parse(JSON.stringify(other)));
}

/** Makes a document by what was done, and checks all that must hold of any. @returns whether there is anything to see. @throws AssertionError */
function checkDone(doings: readonly Doing[]): boolean {
  let [project, history] = [empty, EMPTY_HISTORY];
  for (const [n, step] of doings.entries()) {
    const edit = step(project, n);
    if (edit) ({ project, history } = commit(project, history, edit));
  }
  const saved = reopened(project);
  same(saved, project);
  const picture = drawn(project);
  ok(drawn(saved).equals(picture), 'The picture of the opened document is another');

  let back = { project, history };
  for (let step = undo(back.project, back.history); step; step = undo(back.project, back.history)) back = step;
  same(back.project, empty);
  let again = back;
  for (let step = redo(again.project, again.history); step; step = redo(again.project, again.history)) again = step;
  same(again.project, project);

  checkCopied(project);
  return picture.some((value) => value !== 255);
}

/** All that lies on the sheet, copied into another project. */
function checkCopied(project: Project): void {
  const { items } = project.sheets[0]!;
  if (items.length === 0) return;
  const clipping = readClipping(writeClipping(project, project.sheets[0]!, items));
  const pasted = applyEdit(elsewhere, pasteEdit(elsewhere, elsewhere.sheets[0]!, clipping!, 'in place').edit);
  same(reopened(pasted), pasted);
  const plain = applyEdit(project, changeSheet(project.sheets[0]!, { background: elsewhere.sheets[0]!.background }, ''));
  ok(drawn(pasted).equals(drawn(plain)), 'The picture of the copy is another');
  ok(
    items.every(({ id }) => findItem(pasted.sheets[0]!.items, id) === undefined),
    'A copy has the id of what it was made of',
  );
}

/**
 * Whatever is made of every kind of thing can be saved, opened, drawn, undone, done again and copied into another project, and is the same.
 * @returns how many of the documents have anything to see: some of what is made is clear, hidden or beside the sheet.
 * @throws Error with the smallest counterexample and its seed.
 */
export async function fuzz(runs: number, seed?: number): Promise<number> {
  let seen = 0;
  const cases = fc.tuple(fc.array(adding, { minLength: 1, maxLength: 3 }), fc.array(doings, { maxLength: 6 }));
  const property = fc.asyncProperty(cases, async ([added, done]) => {
    // Canvases are only let go between turns of the event loop.
    await new Promise(setImmediate);
    if (checkDone([...added, ...done])) seen++;
  });
  await fc.assert(property, { numRuns: runs, ...(seed === undefined ? {} : { seed }) });
  return seen;
}
