import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { newProject, newShapedOpening, openingsOf, PROJECT_VERSION, type Project } from '@kadrosyn/core';
import pg from 'pg';
import { startApplication } from '../e2e/support/started.js';
import { databaseUrlOf } from './database-url.js';
import { about, figure, once } from './figure.js';

about(`
200 people, each of whom saves once a second for forty seconds: copies of *Open kiln day*, one item moved. The first ten seconds, in which
server and people have only just been started, are told apart. Beside it the longest time in which health
did not answer. A bare UPDATE of such rows, as many a second over ten connections, in the same run on the same database. Then lists of 1,000 projects
and 10,000 photos, a rename in a project of 4,000 items, and a copy of 8 MB.
`);
once();

const [USERS, SECONDS, FIRST] = [200, 40, 10];
const folder = await mkdtemp(join(tmpdir(), 'kadrosyn-load-'));
const started = await startApplication(folder);
const { address } = started;

const call = async <T>(method: string, path: string, body?: unknown): Promise<T> => {
  const json = body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) };
  const answer = await fetch(address + path, { method, ...json });
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
  return (answer.status === 204 ? undefined : await answer.json()) as T;
};
interface Stored {
  readonly id: string;
  readonly document: Project;
}
const { projects } = await call<{ projects: { id: string; name: string }[] }>('GET', '/api/projects');
const original = await call<Stored>('GET', `/api/projects/${projects.find(({ name }) => name === 'Open kiln day')!.id}`);

const percentile = (values: readonly number[], share: number): number =>
  values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]!;

/** The longest time between two answers of health while something goes on, ms. */
async function longestGap(work: Promise<unknown>): Promise<number> {
  let [longest, last, isGoing] = [0, performance.now(), true];
  void work.finally(() => (isGoing = false));
  while (isGoing) {
    await fetch(`${address}/api/health`);
    longest = Math.max(longest, performance.now() - last);
    last = performance.now();
    await pause(10);
    last += 10;
  }
  return longest;
}

// Saves.
const copies: Stored[] = [];
for (let user = 0; user < USERS; user++) copies.push(await call<Stored>('POST', `/api/projects/${original.id}/copies`));
const times: number[] = [];
let faults = 0;
async function person({ id, document }: Stored, index: number): Promise<void> {
  const sheet = document.sheets[0]!;
  const item = [...openingsOf(sheet.items)][0]!;
  const begin = performance.now() + (1000 * index) / USERS;
  for (let round = 0; round < SECONDS; round++) {
    await pause(Math.max(0, begin + 1000 * round - performance.now()));
    const after = { box: { ...item.box, x: item.box.x + round + 1 } };
    const operation = { type: 'change-item', sheetId: sheet.id, itemId: item.id, before: {}, after };
    const from = performance.now();
    await call('POST', `/api/projects/${id}/edits`, {
      revision: round + 1,
      version: PROJECT_VERSION,
      edits: [{ name: 'Move', operations: [operation] }],
    }).catch(() => faults++);
    times.push(performance.now() - from);
  }
}
const everybody = Promise.all(copies.map(person));
const gap = await longestGap(everybody);
await everybody;
figure('load.saves', times.length / SECONDS, '/s');
figure('load.save.faults', faults, 'saves', { most: 0 });
const [first, later] = [times.slice(0, FIRST * USERS), times.slice(FIRST * USERS)];
figure('load.save.first.p99', percentile(first, 0.99), 'ms');
figure('load.save.median', percentile(later, 0.5), 'ms');
figure('load.save.p99', percentile(later, 0.99), 'ms', { most: 250 });
figure('load.health.gap', gap, 'ms');

// The same rows, changed by nothing but an UPDATE.
const pool = new pg.Pool({ connectionString: await databaseUrlOf(folder), max: 10 });
const text = JSON.stringify(original.document);
const bare: number[] = [];
const beginBare = performance.now();
await Promise.all(
  copies.flatMap(({ id }, user) =>
    Array.from({ length: 10 }, async (_, round) => {
      await pause(Math.max(0, beginBare + 1000 * round + (1000 * user) / USERS - performance.now()));
      const from = performance.now();
      await pool.query('update projects set document = $1::jsonb, revision = revision + 1 where id = $2', [text, id]);
      bare.push(performance.now() - from);
    }),
  ),
);
figure('load.update.p99', percentile(bare, 0.99), 'ms');
figure('load.save.ratio', percentile(later, 0.5) / percentile(bare, 0.5), 'updates');

// Long lists.
await pool.query(
  `insert into projects (workspace_id, id, document, revision) select workspace_id, id || '_' || n, document, 1 from projects, generate_series(1, 5) n
   where id = any($1)`,
  [copies.map(({ id }) => id)],
);
await pool.query(
  `insert into photos (workspace_id, id, sha256, name, width, height, opaque, original_blob, master_blob, screen_blob, screen_level, thumbnail_blob)
   select workspace_id, id || '_' || n, sha256, name, width, height, opaque, original_blob, master_blob, screen_blob, screen_level, thumbnail_blob
   from photos, generate_series(1, 334) n`,
);
const timed = async (path: string): Promise<number> => {
  const all: number[] = [];
  for (let run = 0; run < 9; run++) {
    const from = performance.now();
    await call('GET', path);
    all.push(performance.now() - from);
  }
  return percentile(all, 0.5);
};
figure('load.list.projects.1000', await timed('/api/projects?limit=200'), 'ms', { most: 100 });
figure('load.list.photos.10000', await timed('/api/photos?limit=200'), 'ms', { most: 100 });

// A large project.
const made = newProject('Many', { width: 2000, height: 2000, unit: 'px' });
const discs = Array.from({ length: 4000 }, (_, i) =>
  newShapedOpening(`Disc ${i}`, { type: 'ellipse' }, { x: i % 2000, y: 99 }, 90, 90),
);
const many = await call<Stored>('POST', '/api/projects', {
  document: { ...made, sheets: [{ ...made.sheets[0]!, items: discs }] },
});
const renames = (async () => {
  for (let revision = 1; revision <= 5; revision++) {
    const edits = [{ name: 'Rename', operations: [{ type: 'change-project', before: {}, after: { name: `Many ${revision}` } }] }];
    await call('POST', `/api/projects/${many.id}/edits`, { revision, version: PROJECT_VERSION, edits });
  }
})();
figure('load.rename.4000.gap', await longestGap(renames), 'ms', { most: 200 });
await renames;

// A copy of 8 MB, as large as drawings with very long outlines make it.
const long = { type: 'path', d: `M0 0${'L1 .5L.5 1L0 .25'.repeat(240)}Z` } as const;
const drawn = discs.slice(0, 2000).map((disc) => ({ ...disc, outline: long }));
const large = JSON.stringify({ document: { ...made, sheets: [{ ...made.sheets[0]!, items: drawn }] } });
const posted = fetch(`${address}/api/projects`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: large });
figure('load.document.size', large.length / 2 ** 20, 'MB');
figure('load.document.gap', await longestGap(posted), 'ms', { most: 200 });
const { status } = await posted;
if (status !== 201) throw new Error(`The large copy was answered ${status}: ${(await (await posted).text()).slice(0, 300)}`);

await pool.end();
await started.stop();
await rm(folder, { recursive: true, force: true });
