import { sql } from 'drizzle-orm';
import {
  applyEdit,
  changeItem,
  changeProject,
  insertItem,
  newProject,
  newShapedOpening,
  PROJECT_VERSION,
  withPhoto,
  type Edit,
  type Project,
} from '@kadrosyn/core';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

interface Stored {
  readonly id: string;
  readonly revision: number;
  readonly document: Project;
}

async function created(name = 'Card'): Promise<Stored> {
  const { status, body } = await server.call('POST', '/api/projects', { name, size: { width: 400, height: 300, unit: 'px' } });
  expect(status).toBe(201);
  return body as Stored;
}

function save(id: string, revision: number, edits: readonly Edit[]) {
  return server.call('POST', `/api/projects/${id}/edits`, { revision, version: PROJECT_VERSION, edits });
}

function addCircle(project: Project): Edit {
  return insertItem(
    project.sheets[0]!,
    newShapedOpening('Circle', { type: 'ellipse' }, { x: 200, y: 150 }, 100, 100),
    'Add circle',
  );
}

describe('projects', () => {
  it('are created, listed with what the page shows, read and removed', async () => {
    const { id } = await created('Autumn card');
    const { body } = await server.call('GET', '/api/projects');
    const [first] = (body as { projects: Record<string, unknown>[] }).projects;
    expect(first).toMatchObject({
      id,
      name: 'Autumn card',
      revision: 1,
      sheets: 1,
      unit: 'px',
      width: 400,
      height: 300,
      dpi: 72,
    });
    expect((await server.call('GET', `/api/projects/${id}`)).body).toMatchObject({ document: { name: 'Autumn card' } });
    expect((await server.call('DELETE', `/api/projects/${id}`)).status).toBe(204);
    expect(await server.call('GET', `/api/projects/${id}`)).toMatchObject({ status: 404, body: { code: 'not-found' } });
    expect((await server.call('DELETE', `/api/projects/${id}`)).status).toBe(404);
  });

  it('are taken as a whole document, and only a valid one', async () => {
    const document = newProject('Whole', { width: 105, height: 148, unit: 'mm' });
    expect((await server.call('POST', '/api/projects', { document })).body).toMatchObject({ document });
    const broken = { ...document, sheets: [] };
    expect(await server.call('POST', '/api/projects', { document: broken })).toMatchObject({
      status: 422,
      body: { code: 'not-a-project' },
    });
    expect((await server.call('POST', '/api/projects', { name: '', size: { width: 1, height: 1, unit: 'px' } })).status).toBe(
      400,
    );
    expect((await server.call('POST', '/api/projects', { name: 'x', size: { width: -1, height: 1, unit: 'px' } })).status).toBe(
      400,
    );
  });

  it('are duplicated under another name', async () => {
    const { id } = await created('One');
    const copy = (await server.call('POST', `/api/projects/${id}/copies`)).body as Stored;
    expect(copy.document.name).toBe('One, copy');
    expect(copy.id).not.toBe(id);
    expect((await server.call('POST', '/api/projects/nobody/copies')).status).toBe(404);
  });
});

describe('saving', () => {
  it('applies edits to the revision they were made on', async () => {
    const { id, document } = await created();
    const edit = addCircle(document);
    expect(await save(id, 1, [edit])).toMatchObject({ status: 200, body: { revision: 2 } });
    const { body } = await server.call('GET', `/api/projects/${id}`);
    expect((body as Stored).document.sheets[0]!.items).toHaveLength(1);
  });

  it('answers a stale save with 409 and changes nothing', async () => {
    const { id, document } = await created();
    await save(id, 1, [changeProject(document, { name: 'first window' }, 'Rename')]);
    const stale = await save(id, 1, [changeProject(document, { name: 'second window' }, 'Rename')]);
    expect(stale).toMatchObject({ status: 409, body: { code: 'stale' } });
    expect((await server.call('GET', `/api/projects/${id}`)).body).toMatchObject({
      revision: 2,
      document: { name: 'first window' },
    });
  });

  it('joins a save that is behind with what was saved since, and tells what that was', async () => {
    const { id, document } = await created();
    const [sheet] = document.sheets;
    const disc = (name: string) => newShapedOpening(name, { type: 'ellipse' }, { x: 50, y: 50 }, 40, 40);
    const [mine, theirs] = [disc('Mine'), disc('Theirs')];
    await save(id, 1, [insertItem(sheet!, theirs, 'Add theirs')]);
    await save(id, 2, [changeProject(document, { name: 'Renamed' }, 'Rename')]);
    const joined = await save(id, 1, [insertItem(sheet!, mine, 'Add mine')]);
    expect(joined).toMatchObject({ status: 200, body: { revision: 4 } });
    const now = (await server.call('GET', `/api/projects/${id}`)).body as { document: Project };
    expect(now.document.name).toBe('Renamed');
    const { others } = joined.body as { others: Edit[] };
    expect(others.map(({ name }) => name)).toEqual(['Add theirs', 'Rename']);
    expect(others.reduce(applyEdit, applyEdit(document, insertItem(sheet!, mine, 'Add mine')))).toEqual(now.document);
  });

  it('joins savers of the same moment, whoever is first', async () => {
    const { id, document } = await created();
    const disc = (n: number) => newShapedOpening(`Disc ${n}`, { type: 'ellipse' }, { x: 50 + n, y: 50 }, 40, 40);
    const answers = await Promise.all(
      Array.from({ length: 6 }, (_, n) => save(id, 1, [insertItem(document.sheets[0]!, disc(n), 'Add')])),
    );
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 200, 200, 200]);
    const { body } = await server.call('GET', `/api/projects/${id}`);
    expect((body as { document: Project }).document.sheets[0]!.items).toHaveLength(6);
  });

  it('answers 409 where what was saved since is not known any more, and to windows of another version', async () => {
    const { id, document } = await created();
    await save(id, 1, [changeProject(document, { name: 'second' }, 'Rename')]);
    await server.services.db.execute(sql`delete from saved_edits where project_id = ${id}`);
    const edits = [changeProject(document, { unit: 'mm' }, 'Unit')];
    expect(await save(id, 1, edits)).toMatchObject({ status: 409, body: { code: 'stale', detail: { revision: 2 } } });
    expect(await save(id, 9, edits)).toMatchObject({ status: 409, body: { code: 'stale', detail: { revision: 2 } } });
    for (const version of [{}, { version: PROJECT_VERSION + 1 }]) {
      const answer = await server.call('POST', `/api/projects/${id}/edits`, { revision: 2, edits, ...version });
      expect(answer).toMatchObject({ status: 409, body: { code: 'other-version', detail: { version: PROJECT_VERSION } } });
    }
  });

  it('lets one of two savers at the same moment through', async () => {
    const { id, document } = await created();
    const answers = await Promise.all(
      Array.from({ length: 6 }, (_, i) => save(id, 1, [changeProject(document, { name: `w${i}` }, 'Rename')])),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
  });

  it('refuses edits that do not fit, or that would leave no valid document', async () => {
    const { id, document } = await created();
    const sheet = document.sheets[0]!;
    const ghost = changeItem(
      sheet,
      newShapedOpening('Ghost', { type: 'ellipse' }, { x: 0, y: 0 }, 9, 9),
      { name: 'x' },
      'Rename',
    );
    expect(await save(id, 1, [ghost])).toMatchObject({ status: 422, body: { code: 'edit-does-not-fit' } });
    const wrong: Edit = {
      name: 'Break',
      operations: [{ type: 'change-sheet', sheetId: sheet.id, before: { width: 400 }, after: { width: -5 } }],
    };
    expect(await save(id, 1, [wrong])).toMatchObject({ status: 422, body: { code: 'not-a-project' } });
    const strange = { name: 'Strange', operations: [{ type: 'drop-everything' }] } as unknown as Edit;
    expect((await save(id, 1, [strange])).status).toBe(422);
    expect(await save(id, 1, [])).toMatchObject({ status: 400 });
    expect((await server.call('GET', `/api/projects/${id}`)).body).toMatchObject({ revision: 1 });
  });

  it('refuses a photo that has not been added', async () => {
    const { id, document } = await created();
    const photo = { id: 'photo_x', sha256: 'a'.repeat(64), name: 'x', width: 10, height: 10 };
    const placement = { x: 5, y: 5, scale: 1, turn: 0, flipX: false, flipY: false };
    const opening = {
      ...newShapedOpening('O', { type: 'ellipse' }, { x: 9, y: 9 }, 9, 9),
      fill: { type: 'photo', photoId: 'photo_x', placement } as const,
    };
    const edit = withPhoto(document, photo, insertItem(document.sheets[0]!, opening, 'Add'));
    expect(await save(id, 1, [edit])).toMatchObject({
      status: 422,
      body: { code: 'file-missing', detail: { photoIds: ['photo_x'], mattes: [] } },
    });
  });
});

describe('the picture of a project', () => {
  it('shows the present revision and is drawn once for it', async () => {
    const { id, document } = await created();
    const first = await server.call('GET', `/api/projects/${id}/thumbnail`);
    expect(first.headers.get('content-type')).toBe('image/png');
    expect((await sharp(first.bytes).stats()).channels[0]!.min).toBe(255);
    const circle = {
      ...newShapedOpening('C', { type: 'ellipse' }, { x: 200, y: 150 }, 200, 200),
      fill: { type: 'colour', colour: '#000000' } as const,
    };
    await save(id, 1, [insertItem(document.sheets[0]!, circle, 'Add')]);
    const second = await server.call('GET', `/api/projects/${id}/thumbnail`);
    expect((await sharp(second.bytes).stats()).channels[0]!.min).toBe(0);
    expect(second.headers.get('etag')).not.toBe(first.headers.get('etag'));
    const kept = await server.services.projects('workspace_home').thumbnail(id);
    expect(kept).toMatchObject({ shown: 2, revision: 2, bytes: second.bytes });
  });
});

describe('pictures that nobody has asked for yet', () => {
  it('are drawn some seconds after the last save, and for all that have none', async () => {
    const { id, document } = await created();
    const shown = async () => (await server.services.projects('workspace_home').thumbnail(id)).shown;
    await save(id, 1, [addCircle(document)]);
    expect(await shown()).toBeNull();
    await expect.poll(shown, { timeout: 15_000 }).toBe(2);
    const fresh = await created();
    await server.services.pictures.drawMissing('workspace_home');
    expect((await server.services.projects('workspace_home').thumbnail(fresh.id)).shown).toBe(1);
  });
});

describe('workspaces', () => {
  it('do not see one another', async () => {
    const { id } = await created();
    const elsewhere = server.services.projects('workspace_other');
    expect((await elsewhere.list({ limit: 10 })).rows).toEqual([]);
    await expect(elsewhere.read(id)).rejects.toMatchObject({ code: 'not-found' });
    await expect(elsewhere.remove(id)).rejects.toMatchObject({ code: 'not-found' });
    await expect(elsewhere.save(id, { revision: 1, edits: [] })).rejects.toMatchObject({ code: 'not-found' });
    expect((await server.services.photos('workspace_other').list({ limit: 10 })).rows).toEqual([]);
  });
});
