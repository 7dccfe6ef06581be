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
const journals = [...(await kept<RawJournal>('journals-of-version-4')), ...(await kept<RawJournal>('journals-of-version-5'))];

describe('documents of earlier versions', () => {
  it.each([
    [2, 4],
    [3, 15],
    [4, 20],
    [5, 20],
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
    expect(migrated({ version: 5, sheets: 'none' })).toMatchObject({ version: 6, sheets: 'none' });
  });
});

describe('journals of earlier versions', () => {
  it('do and undo on the migrated document what they did on the old one', () => {
    let edits = 0;
    for (const journal of journals) {
      const now = migratedJournal(journal);
      // Edits of a photo behind a sheet can not be told: such a journal becomes a project of its own.
      expect(now === null).toBe(
        /"background":\{"type":"photo"|"veil":\{[^}]*"tone"/.test(
          JSON.stringify([journal.past, journal.future, journal.unsaved]),
        ),
      );
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
  });

  it('of the present version stay as they are; what can not be translated is nothing', () => {
    const now = journals.map((journal) => migratedJournal(journal)).find((journal) => journal !== null)!;
    expect(migratedJournal(now)).toBe(now);
    expect(migratedJournal({ ...journals[0]!, project: { ...journals[0]!.project, version: 3 } })).toBeNull();
    const damaged = { name: 'x', operations: [{ type: 'change-sheet', sheetId: 'nobody', before: {}, after: {} }] };
    expect(migratedJournal({ ...journals[0]!, unsaved: [damaged] })).toBeNull();
  });
});
