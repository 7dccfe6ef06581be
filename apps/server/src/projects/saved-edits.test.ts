import { changeProject, newProject, PROJECT_VERSION } from '@kadrosyn/core';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';
import { savedSince } from './saved-edits.js';

let server: TestServer;
let of: { readonly workspaceId: string; readonly projectId: string };
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

/** A project that was renamed three times: revisions 2, 3 and 4. */
beforeEach(async () => {
  const document = newProject('First', { width: 400, height: 300, unit: 'px' });
  const projectId = ((await server.call('POST', '/api/projects', { document })).body as { id: string }).id;
  for (const revision of [1, 2, 3]) {
    const edits = [changeProject(document, { unit: revision % 2 ? 'mm' : 'px' }, `Unit ${revision}`)];
    await server.services.db.execute(sql`
      insert into saved_edits (workspace_id, project_id, revision, version, edits)
      select workspace_id, id, ${revision + 1}, ${PROJECT_VERSION}, ${JSON.stringify(edits)}::jsonb from projects where id = ${projectId}`);
  }
  const { rows } = await server.services.db.execute<{ workspace_id: string }>(
    sql`select workspace_id from projects where id = ${projectId}`,
  );
  of = { workspaceId: rows[0]!.workspace_id, projectId };
});

describe('what was saved between two revisions', () => {
  const revisions = async (from: number, to: number) =>
    (await savedSince(server.services.db, of, from, to))?.map(({ revision }) => revision) ?? null;

  it('comes oldest first, and without what someone saved a moment after the later one', async () => {
    expect(await revisions(1, 4)).toEqual([2, 3, 4]);
    expect(await revisions(1, 2)).toEqual([2]);
    expect(await revisions(2, 3)).toEqual([3]);
    expect(await revisions(4, 4)).toEqual([]);
  });

  it('is not known where a save is missing, of another version, or further back than is kept', async () => {
    expect(await revisions(0, 4)).toBeNull();
    expect(await revisions(1, 5)).toBeNull();
    expect(await revisions(1, 1002)).toBeNull();
    await server.services.db.execute(
      sql`update saved_edits set version = ${PROJECT_VERSION - 1} where project_id = ${of.projectId} and revision = 3`,
    );
    expect(await revisions(1, 4)).toBeNull();
    expect(await revisions(3, 4)).toEqual([4]);
  });
});
