import { insertItem, newProject, newShapedOpening, PROJECT_VERSION, type Project } from '@kadrosyn/core';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const USERS = 20;
const SAVES = 5;
let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

interface Made {
  readonly id: string;
  readonly document: Project;
}

async function made(items = 0): Promise<Made> {
  const project = newProject('Card', { width: 400, height: 300, unit: 'px' });
  const [sheet] = project.sheets;
  const discs = Array.from({ length: items }, (_, i) =>
    newShapedOpening(`Disc ${i}, one of very many on this card`, { type: 'ellipse' }, { x: i % 400, y: 100 }, 50, 50),
  );
  const document = { ...project, sheets: [{ ...sheet!, items: discs }] };
  const { status, body } = await server.call('POST', '/api/projects', { document });
  expect(status).toBe(201);
  return body as Made;
}

const rename = (name: string) => ({ name: 'Rename', operations: [{ type: 'change-project', before: {}, after: { name } }] });
const save = (id: string, revision: number, name: string, more: object = {}) =>
  server.call('POST', `/api/projects/${id}/edits`, { revision, version: PROJECT_VERSION, edits: [rename(name)], ...more });
const nameOf = async (id: string): Promise<string> =>
  ((await server.call('GET', `/api/projects/${id}`)).body as { document: Project }).document.name;

describe('saving', () => {
  it('goes on for twenty at once, more than there are connections', async () => {
    const projects = await Promise.all(Array.from({ length: USERS }, () => made()));
    const work = async ({ id }: Made): Promise<number[]> => {
      const answers: number[] = [];
      for (let revision = 1; revision <= SAVES; revision++) answers.push((await save(id, revision, `Save ${revision}`)).status);
      return answers;
    };
    const answers = await Promise.all(projects.map(work));
    expect(answers.flat()).toEqual(Array.from({ length: USERS * SAVES }, () => 200));
    expect(await Promise.all(projects.map(({ id }) => nameOf(id)))).toEqual(projects.map(() => `Save ${SAVES}`));
  });

  it('is refused to all but one of those who save the same revision, and keeps that one', async () => {
    const { id } = await made();
    const answers = await Promise.all(Array.from({ length: 8 }, (_, i) => save(id, 1, `Window ${i}`)));
    const kept = answers.findIndex(({ status }) => status === 200);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, ...Array.from({ length: 7 }, () => 409)]);
    expect(await nameOf(id)).toBe(`Window ${kept}`);
  });

  it('that is sent again because its answer was lost is answered as it was', async () => {
    const { id } = await made();
    const first = await save(id, 1, 'Once', { saveId: 'save_1' });
    expect(await save(id, 1, 'Once', { saveId: 'save_1' })).toMatchObject({ status: 200, body: first.body });
    expect((await save(id, 1, 'Other', { saveId: 'save_2' })).status).toBe(409);
    expect((await save(id, 2, 'Twice', { saveId: 'save_3' })).status).toBe(200);
    // Someone else has saved since: that is told along.
    const again = await save(id, 1, 'Once', { saveId: 'save_1' });
    expect(again).toMatchObject({ status: 200, body: { revision: 3, others: [rename('Twice')] } });
    expect(await nameOf(id)).toBe('Twice');
  });

  it('says that the database is away when its connections are taken, and goes on by itself', async () => {
    const { id } = await made();
    const client = new pg.Client({ connectionString: server.databaseUrl });
    await client.connect();
    const others = `select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()`;
    let [revision, failed] = [1, 0];
    for (let round = 0; round < 10; round++) {
      const going = Promise.all([
        save(id, revision, `Round ${round}`),
        server.call('GET', '/api/projects'),
        server.call('GET', '/api/photos'),
      ]);
      await client.query(others);
      const [saved, ...read] = await going;
      for (const { status, body } of [saved, ...read]) {
        if (status === 200) continue;
        failed++;
        expect({ status, body }).toMatchObject({ status: 503, body: { code: 'database-away' } });
      }
      // Whether it arrived is known by asking.
      const { body } = await server.call('GET', `/api/projects/${id}`);
      revision = (body as { revision?: number }).revision ?? revision;
    }
    await client.end();
    expect(failed).toBeGreaterThan(0);
    await expect.poll(async () => (await server.call('GET', '/api/health')).status).toBe(200);
  });
});

describe('large projects', () => {
  it('are made, copied and saved up to the size of a save', async () => {
    const { id, document } = await made(5000);
    expect(JSON.stringify(document).length).toBeGreaterThan(2 ** 20);
    expect((await save(id, 1, 'Many discs')).status).toBe(200);
    const copy = await server.call('POST', `/api/projects/${id}/copies`);
    expect(copy).toMatchObject({ status: 201, body: { document: { name: 'Many discs, copy' } } });
    expect((copy.body as Made).document.sheets[0]!.items).toHaveLength(5000);
    const late = newShapedOpening('Late', { type: 'ellipse' }, { x: 5, y: 5 }, 5, 5);
    const edits = [insertItem(document.sheets[0]!, { ...late, id: document.sheets[0]!.items[0]!.id }, 'Add')];
    expect(
      await server.call('POST', `/api/projects/${id}/edits`, { revision: 2, version: PROJECT_VERSION, edits }),
    ).toMatchObject({
      status: 422,
      body: { code: 'edit-does-not-fit' },
    });
  });
});
