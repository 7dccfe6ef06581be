import { readFile } from 'node:fs/promises';
import { gunzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { applyEdit, invertEdit, type Edit } from '../edit.js';
import { openProject } from '../open-project.js';
import { PROJECT_VERSION, type Project } from '../project.js';
import { MIGRATIONS, migrated, migratedJournal, type RawJournal } from './migrations.js';
import type { Raw } from './migration.js';

/** What the application of that version wrote: its samples and templates, journals of random edits. */
async function kept<T>(name: string): Promise<T[]> {
  const file = new URL(`../../../fixtures/versions/${name}.json.gz`, import.meta.url);
  return JSON.parse(gunzipSync(await readFile(file)).toString()) as T[];
}

/** Of the first version whose edits can be translated, and of those after it. */
const journals = (
  await Promise.all([4, 5, 6, 7, 8, 9].map((version) => kept<RawJournal>(`journals-of-version-${version}`)))
).flat();

describe('documents of earlier versions', () => {
  it.each([
    [2, 4],
    [3, 15],
    [4, 20],
    [5, 20],
    [6, 20],
    [7, 20],
    [8, 20],
    [9, 22],
  ])('of version %i every sample and template opens, the same each time', async (version, count) => {
    const documents = await kept<Raw>(`documents-of-version-${version}`);
    expect(documents).toHaveLength(count);
    for (const document of documents) {
      expect(document['version']).toBe(version);
      const opened = openProject(document);
      expect(opened, String(document['name'])).toMatchObject({
        ok: true,
        project: { version: PROJECT_VERSION, name: document['name'] },
      });
      expect(openProject(structuredClone(document))).toEqual(opened);
    }
  });

  it('there is a migration from every version that there was', () => {
    expect(MIGRATIONS.map(({ from }) => from)).toEqual(Array.from({ length: PROJECT_VERSION - 1 }, (_, index) => index + 1));
  });

  it('guides get ids by their number; of two crossings of the same pair the first stays', () => {
    const crossing = (over: boolean) => ({ lower: { itemId: 'a', part: 'whole' }, upper: { itemId: 'b', part: 'whole' }, over });
    const guides = [
      { axis: 'vertical', at: 3 },
      { axis: 'vertical', at: 4 },
    ];
    const sheet = { id: 's', guides, crossings: [crossing(true), crossing(false)] };
    expect(migrated({ version: 4, sheets: [sheet, 'damaged'] }, MIGRATIONS.slice(0, 4))).toEqual({
      version: 5,
      sheets: [
        {
          id: 's',
          guides: [
            { id: 'guide_1', ...guides[0] },
            { id: 'guide_2', ...guides[1] },
          ],
          crossings: [crossing(true)],
        },
        'damaged',
      ],
    });
  });
});

describe('the photo behind a sheet of version 5', () => {
  const placement = { x: 4, y: 5, scale: 1, turn: 0, flipX: false, flipY: false };
  const old = (change: object) => ({
    version: 5,
    sheets: [{ id: 'background_1', width: 100, height: 50, bleed: 3, items: [{ id: 'a' }], ...change }],
  });
  const photo = { type: 'photo', photoId: 'p', placement };

  it('is an item that lies where it did, in the tone that its veil gave it, on nothing', () => {
    const [sheet] = migrated(old({ background: photo, veil: { colour: '#ffffff', tone: { fade: 1 } } }))['sheets'] as Raw[];
    expect(sheet).toMatchObject({ background: { type: 'none' }, veil: { colour: '#ffffff' } });
    const [first, second] = sheet!['items'] as Raw[];
    expect(second).toEqual({ id: 'a' });
    expect(first).toMatchObject({
      ...{ role: 'background', locked: true, id: 'background_1_' },
      box: { x: -1, y: -1, width: 102, height: 52 },
      fill: { ...photo, tone: { fade: 1 } },
    });
    expect(sheet!['veil']).not.toHaveProperty('tone');
  });

  it('leaves other grounds, and what is damaged, as they are', () => {
    const colour = { type: 'colour', colour: '#112233' };
    for (const change of [{ background: colour }, { background: null }, { background: photo, items: 3 }, {}]) {
      expect(migrated(old(change))['sheets']).toEqual(old(change).sheets);
    }
    expect(migrated({ version: 5, sheets: 'none' })).toMatchObject({ version: PROJECT_VERSION, sheets: 'none' });
  });
});

describe('a revision of a cutout that version 6 named by its number', () => {
  const revision = (letter: string) => ({ matteSha256: letter.repeat(64), marks: [] });
  const cutout = (...letters: string[]) => ({ id: 'cut', name: 'Subject', revisions: letters.map(revision) });
  const fill = (revision: number | string) => ({ type: 'photo', photoId: 'p', cutout: { id: 'cut', revision } });
  const opening = (revision: number | string) => ({ type: 'opening', id: 'a', fill: fill(revision) });
  const document = (cutouts: object[], revision: number | string) => ({
    version: 6,
    photos: { p: { id: 'p', cutouts } },
    sheets: [{ id: 's', items: [{ type: 'group', items: [opening(revision)] }] }],
  });

  it('is named by its matte; one that the photo does not have stays one that it does not have', () => {
    expect(migrated(document([cutout('a', 'b')], 1))).toEqual({
      ...document([cutout('a', 'b')], 'b'.repeat(64)),
      version: PROJECT_VERSION,
    });
    for (const cutouts of [[cutout('a', 'b')], []])
      expect(migrated(document(cutouts, 7))).toEqual({ ...document(cutouts, '0'.repeat(64)), version: PROJECT_VERSION });
    expect(migrated({ version: 6, photos: 3, sheets: [fill(0)] })).toMatchObject({ sheets: [fill('0'.repeat(64))] });
  });

  it('and so it is in edits, wherever the same number always meant the same', () => {
    const step = (...operations: Raw[]) => ({ name: 'x', operations });
    const change = (before: object, after: object) => ({ type: 'change-item', itemId: 'a', before, after });
    const photo = (before: object[] | null, after: object[] | null) => ({
      ...{ type: 'change-photo', photoId: 'p' },
      ...{ before: { cutouts: before }, after: { cutouts: after } },
    });
    // The first was taken back, and a second was made.
    const past = [
      step(photo(null, [cutout('a')]), change({ fill: 1 }, { fill: fill(0) })),
      step(change({ fill: fill(0) }, { fill: 1 }), photo([cutout('a')], [])),
      step(photo([], [cutout('a', 'c')]), change({ fill: 1 }, { fill: fill(1) })),
    ];
    const journal = { project: document([cutout('a', 'c')], 1), past, future: [], unsaved: past.slice(2) };
    const now = migratedJournal(journal)!;
    expect(now.project).toEqual({ ...document([cutout('a', 'c')], 'c'.repeat(64)), version: PROJECT_VERSION });
    const named = now.past.flatMap(({ operations }) => operations).filter(({ type }) => type === 'change-item');
    expect(named).toEqual([
      change({ fill: 1 }, { fill: fill('a'.repeat(64)) }),
      change({ fill: fill('a'.repeat(64)) }, { fill: 1 }),
      change({ fill: 1 }, { fill: fill('c'.repeat(64)) }),
    ]);
    expect(now.unsaved).toEqual(now.past.slice(2));
    // Made in place of the first, it can not be told from it: such a journal becomes a project of its own.
    const instead = step(photo([], [cutout('c')]), change({ fill: 1 }, { fill: fill(0) }));
    const project = document([cutout('c')], 0);
    expect(migratedJournal({ project, past: [...past.slice(0, 2), instead], future: [], unsaved: [] })).toBeNull();
  });
});

describe('journals of earlier versions', () => {
  it('do and undo on the migrated document what they did on the old one', () => {
    let [edits, ambiguous] = [0, 0];
    for (const journal of journals) {
      const now = migratedJournal(journal);
      // Edits of a photo behind a sheet can not be told: such a journal becomes a project of its own.
      const saysBackground = /"background":\{"type":"photo"|"veil":\{[^}]*"tone"/.test(
        JSON.stringify([journal.past, journal.future, journal.unsaved]),
      );
      if (journal.project['version'] !== 6 && saysBackground) expect(now).toBeNull();
      else if (now === null) ambiguous++;
      if (!now) continue;
      expect(now.project).toEqual(migrated(journal.project));
      const project = now.project as unknown as Project;
      const lists = now as unknown as Readonly<Record<'past' | 'future' | 'unsaved', readonly Edit[]>>;
      edits += lists.past.length + lists.future.length;
      for (const list of [lists.past, lists.unsaved]) {
        const before = list.toReversed().map(invertEdit).reduce(applyEdit, project);
        expect(openProject(JSON.parse(JSON.stringify(before)))).toMatchObject({ ok: true });
        expect(list.reduce(applyEdit, before)).toEqual(project);
      }
      const after = lists.future.toReversed().reduce(applyEdit, project);
      expect(lists.future.map(invertEdit).reduce(applyEdit, after)).toEqual(project);
    }
    expect(edits).toBeGreaterThan(150);
    // Random edits name cutouts before they are there; nobody can in the application.
    expect(ambiguous).toBeLessThan(3);
  });

  it('of the present version stay as they are; what can not be translated is nothing', () => {
    const now = journals.map((journal) => migratedJournal(journal)).find((journal) => journal !== null)!;
    expect(migratedJournal(now)).toBe(now);
    expect(migratedJournal({ ...journals[0]!, project: { ...journals[0]!.project, version: 3 } })).toBeNull();
    const damaged = { name: 'x', operations: [{ type: 'change-sheet', sheetId: 'nobody', before: {}, after: {} }] };
    expect(migratedJournal({ ...journals[0]!, unsaved: [damaged] })).toBeNull();
  });
});
