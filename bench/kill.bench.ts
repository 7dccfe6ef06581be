import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { newProject, newShapedOpening, PROJECT_VERSION, type Project } from '@kadrosyn/core';
import pg from 'pg';
import sharp from 'sharp';
import { startApplication, type Started } from '../e2e/support/started.js';
import { databaseUrlOf } from './database-url.js';
import { about, detail, figure, once } from './figure.js';
import { noiseUpload } from './noise-upload.js';
import { processBelow } from './process-below.js';

const ROUNDS = Number(process.env['KILL_ROUNDS'] ?? 100);
/** Who is killed, in turn: the server, the database, a process that works, and ./start itself. */
const VICTIMS = ['server', 'database', 'worker', 'server', 'database', 'worker', 'start'] as const;
type Victim = (typeof VICTIMS)[number];

about(`
A hundred rounds in which the server, the database, a process that works, or \`./start\` itself is killed (SIGKILL) while four people save, two add
photos and one exports. Afterwards each save and each photo that was confirmed must be there, whole; an export that was asked for must end, as a file or
with a sentence. The longest time until all is answered again, by who was killed.
`);
once();

const folder = await mkdtemp(join(tmpdir(), 'kadrosyn-kill-'));
let started: Started = await startApplication(folder, ['--empty']);

interface Answer {
  readonly status: number;
  readonly body: unknown;
}

/** Null where there was no answer at all. */
async function ask(method: string, path: string, body?: unknown): Promise<Answer | null> {
  const json = body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) };
  try {
    const answer = await fetch(started.address + path, {
      method,
      ...(body instanceof FormData ? { body } : json),
      signal: AbortSignal.timeout(20_000),
    });
    const text = await answer.text();
    return { status: answer.status, body: text.startsWith('{') ? (JSON.parse(text) as unknown) : text };
  } catch {
    return null;
  }
}

async function insist(method: string, path: string, body?: unknown): Promise<unknown> {
  for (let attempt = 0; attempt < 300; attempt++) {
    const answer = await ask(method, path, body);
    if (answer && answer.status < 300) return answer.body;
    await pause(100);
  }
  throw new Error(`${method} ${path} is not answered any more`);
}

interface Person {
  readonly id: string;
  readonly sheetId: string;
  revision: number;
  /** The name of the last save that was confirmed. */
  confirmed: string;
  /** What was sent and not answered: it may be there or not. */
  unsure: string | null;
}

async function person(): Promise<Person> {
  const project = newProject('Begun', { width: 400, height: 300, unit: 'px' });
  const disc = newShapedOpening('Disc', { type: 'ellipse' }, { x: 200, y: 150 }, 200, 200);
  const document = { ...project, sheets: [{ ...project.sheets[0]!, items: [disc] }] };
  const { id } = (await insist('POST', '/api/projects', { document })) as { id: string };
  return { id, sheetId: project.sheets[0]!.id, revision: 1, confirmed: 'Begun', unsure: null };
}

let [saves, count, lost, halves] = [0, 0, 0, 0];
const photos = new Map<string, number>();
const refusals = new Map<string, number>();
const exports: { id: string; by: Person }[] = [];
let isGoing = true;
const goesOn = (): boolean => isGoing;

async function saveOn(one: Person): Promise<void> {
  while (isGoing) {
    const name = `Save ${++count}`;
    const saveId = `save_${count}`;
    one.unsure = name;
    const edits = [{ name: 'Rename', operations: [{ type: 'change-project', before: {}, after: { name } }] }];
    let answer: Answer | null = null;
    for (let attempt = 0; attempt === 0 || (goesOn() && (answer === null || answer.status >= 500)); attempt++) {
      if (attempt > 0) await pause(100);
      answer = await ask('POST', `/api/projects/${one.id}/edits`, {
        revision: one.revision,
        version: PROJECT_VERSION,
        saveId,
        edits,
      });
    }
    if (answer?.status !== 200) {
      if (answer && answer.status < 500) throw new Error(`A save was refused: ${JSON.stringify(answer)}`);
      return;
    }
    Object.assign(one, { revision: one.revision + 1, confirmed: name, unsure: null });
    saves++;
    await pause(20);
  }
}

async function addOn(): Promise<void> {
  while (isGoing) {
    const seed = ++count;
    const { form, pixels } = await noiseUpload(seed);
    const answer = await ask('POST', '/api/photos', form);
    const added = (answer?.body as { files?: { photo?: { id: string } }[] } | undefined)?.files?.[0]?.photo;
    if (answer?.status === 200 && added) photos.set(added.id, pixels);
    else {
      const why = answer ? JSON.stringify(answer).slice(0, 120) : 'no answer';
      refusals.set(why, (refusals.get(why) ?? 0) + 1);
    }
    await pause(50);
  }
}

async function exportOn(by: Person): Promise<void> {
  while (isGoing) {
    const answer = await ask('POST', `/api/projects/${by.id}/exports`, {
      sheetIds: [by.sheetId],
      file: { type: 'png', scale: 3 },
    });
    if (answer?.status === 202) exports.push({ id: (answer.body as { id: string }).id, by });
    await pause(700);
  }
}

async function kill(victim: Victim): Promise<void> {
  const start = started.process.pid!;
  if (victim === 'start') {
    process.kill(start, 'SIGKILL');
    started = await startApplication(folder, ['--empty']);
    return;
  }
  if (victim === 'database') {
    const pid = Number((await readFile(join(folder, 'postgres/postmaster.pid'), 'utf8')).split('\n')[0]);
    process.kill(pid, 'SIGKILL');
    return;
  }
  const pid = await processBelow(victim === 'server' ? 'server/dist/main.js' : 'task-process.js', start);
  if (pid) process.kill(pid, 'SIGKILL');
}

const people: Person[] = [];
for (let i = 0; i < 4; i++) people.push(await person());
const crowd = Promise.all([...people.map(saveOn), addOn(), addOn(), exportOn(people[0]!)]);
crowd.catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
const away = new Map<Victim, number[]>();
for (let round = 0; round < ROUNDS; round++) {
  const victim = VICTIMS[round % VICTIMS.length]!;
  await pause(800 + 1200 * Math.random());
  const from = performance.now();
  await kill(victim);
  // Well again is who answers twice in a row.
  for (let well = 0; well < 2;) {
    const answer = await ask('GET', '/api/projects');
    well = answer?.status === 200 ? well + 1 : 0;
    await pause(20);
  }
  away.set(victim, [...(away.get(victim) ?? []), performance.now() - from]);
}
isGoing = false;
await crowd;

for (const one of people) {
  const { document } = (await insist('GET', `/api/projects/${one.id}`)) as { document: Project };
  if (document.name !== one.confirmed && document.name !== one.unsure) lost++;
  if (document.sheets[0]?.items.length !== 1) halves++;
}
for (const [id, pixels] of photos) {
  const answer = await fetch(`${started.address}/api/photos/${id}/master`);
  const { width = 0, height = 0 } = answer.ok ? await sharp(Buffer.from(await answer.arrayBuffer())).metadata() : {};
  if (!answer.ok) lost++;
  else if (width * height !== pixels) halves++;
}
const ends = new Map<string, number>();
for (const { id } of exports) {
  for (let attempt = 0; ; attempt++) {
    const { state } = (await insist('GET', `/api/exports/${id}`)) as { state: string };
    if (state !== 'waiting' && state !== 'running') {
      ends.set(state, (ends.get(state) ?? 0) + 1);
      break;
    }
    if (attempt > 1200) {
      lost++;
      break;
    }
    await pause(200);
  }
}
const client = new pg.Client({ connectionString: await databaseUrlOf(folder) });
await client.connect();
const orphans = await client.query(
  `select 1 from photos p where not exists (select 1 from blobs b where b.sha256 = p.master_blob)`,
);
halves += orphans.rowCount ?? 0;
await client.end();

detail(
  `${saves} saves and ${photos.size} photos were confirmed; exports ended ${[...ends].map(([state, n]) => `${state} ${n}`).join(', ')}.`,
);
for (const [why, n] of refusals) detail(`${n} photos were not confirmed: ${why}`);
figure('kill.rounds', ROUNDS, 'rounds');
figure('kill.confirmed', saves + photos.size, 'things');
figure('kill.lost', lost, 'things', { most: 0 });
figure('kill.halves', halves, 'things', { most: 0 });
for (const [victim, times] of away)
  figure(`kill.${victim}.back`, Math.max(...times) / 1000, 's', victim === 'start' ? undefined : { most: 10 });
await started.stop();
await rm(folder, { recursive: true, force: true });
