import { newProject, PROJECT_VERSION, type Project } from '@kadrosyn/core';
import { sql } from 'drizzle-orm';
import sharp from 'sharp';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { sweep } from '../../dist/bin/sweep.js';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());
beforeEach(async () => {
  for (const { id } of await projects()) await server.call('DELETE', `/api/projects/${id}`);
  for (const { id } of await photos()) await server.call('DELETE', `/api/photos/${id}`);
  await server.call('DELETE', '/api/bin');
});

interface Named {
  readonly id: string;
  readonly name: string;
}
type Photo = Named & { readonly sha256: string };

const projects = async () => ((await server.call('GET', '/api/projects')).body as { projects: Named[] }).projects;
const photos = async () => ((await server.call('GET', '/api/photos')).body as { photos: Photo[] }).photos;
const bin = async () => (await server.call('GET', '/api/bin')).body as { days: number; projects: Named[]; photos: Named[] };
const blobCount = async () => (await server.services.db.execute(sql`select 1 from blobs`)).rowCount;
const age = (table: string, column: string, days: number) =>
  server.services.db.execute(
    sql`update ${sql.raw(table)} set ${sql.raw(column)} = ${sql.raw(column)} - make_interval(days => ${days})`,
  );

async function addPhoto(colour: string): Promise<Photo> {
  const form = new FormData();
  const bytes = await sharp({ create: { width: 40, height: 30, channels: 3, background: colour } })
    .png()
    .toBuffer();
  form.append('file', new Blob([new Uint8Array(bytes)]), 'bowl.png');
  return ((await server.call('POST', '/api/photos', form)).body as { files: { photo: Photo }[] }).files[0]!.photo;
}

async function addProject(photo?: Photo): Promise<Named & { revision: number; document: Project }> {
  const project = newProject('Card', { width: 100, height: 100, unit: 'px' });
  const listed = photo && { id: photo.id, sha256: photo.sha256, name: photo.name, width: 40, height: 30 };
  const document = { ...project, photos: listed ? { [listed.id]: listed } : {} };
  return (await server.call('POST', '/api/projects', { document })).body as Named & { revision: number; document: Project };
}

describe('the bin', () => {
  it('holds removed projects, which come back as they were, with their history', async () => {
    const { id, document } = await addProject();
    const rename = { name: 'Rename', operations: [{ type: 'change-project', before: {}, after: { name: 'Winter card' } }] };
    await server.call('POST', `/api/projects/${id}/edits`, { revision: 1, version: PROJECT_VERSION, edits: [rename] });
    expect((await server.call('DELETE', `/api/projects/${id}`)).status).toBe(204);
    expect(await projects()).toEqual([]);
    expect((await server.call('GET', `/api/projects/${id}`)).status).toBe(404);
    expect(
      (await server.call('POST', `/api/projects/${id}/edits`, { revision: 2, version: PROJECT_VERSION, edits: [rename] })).status,
    ).toBe(404);
    expect(await bin()).toMatchObject({ days: 30, projects: [{ id, name: 'Winter card' }], photos: [] });
    expect((await server.call('POST', `/api/projects/${id}/return`)).status).toBe(204);
    const back = (await server.call('GET', `/api/projects/${id}`)).body as { revision: number; document: Project };
    expect(back).toEqual({ ...back, id, revision: 2, document: { ...document, name: 'Winter card' } });
    expect((await bin()).projects).toEqual([]);
    expect((await server.call('POST', '/api/projects/project_gone/return')).status).toBe(404);
  });

  it('is emptied for good, but for photos that something shows', async () => {
    const [shown, loose] = [await addPhoto('#aa3311'), await addPhoto('#1133aa')];
    const { id } = await addProject(shown);
    for (const photo of [shown, loose]) await server.call('DELETE', `/api/photos/${photo.id}`);
    expect(await server.call('DELETE', `/api/bin/photos/${shown.id}`)).toMatchObject({
      status: 409,
      body: { code: 'still-shown' },
    });
    expect((await server.call('DELETE', '/api/bin')).status).toBe(204);
    expect((await bin()).photos.map((photo) => photo.id)).toEqual([shown.id]);
    expect((await server.call('GET', `/api/photos/${shown.id}/master`)).status).toBe(200);
    expect((await server.call('GET', `/api/photos/${loose.id}/master`)).status).toBe(404);
    await server.call('DELETE', `/api/projects/${id}`);
    expect((await server.call('DELETE', `/api/bin/projects/${id}`)).status).toBe(204);
    expect((await server.call('DELETE', `/api/bin/projects/${id}`)).status).toBe(404);
    expect((await server.call('DELETE', `/api/bin/photos/${shown.id}`)).status).toBe(204);
  });

  it('lets go of what has lain in it for its time, and bytes follow when nothing has named them as long', async () => {
    const before = await blobCount();
    const photo = await addPhoto('#55aa11');
    const { id } = await addProject(photo);
    const withPhoto = await blobCount();
    expect(withPhoto).toBeGreaterThan(before!);
    await server.call('DELETE', `/api/photos/${photo.id}`);
    await server.call('DELETE', `/api/projects/${id}`);
    await age('projects', 'removed_at', 29);
    await age('photos', 'removed_at', 29);
    expect(await sweep(server.services.db)).toMatchObject({ projects: 0, photos: 0 });
    await age('projects', 'removed_at', 2);
    await age('photos', 'removed_at', 2);
    expect(await sweep(server.services.db)).toMatchObject({ projects: 1, photos: 1, blobs: 0 });
    expect(await blobCount()).toBe(withPhoto);
    // Added again meanwhile, its bytes have an owner again.
    await age('blobs', 'unowned_since', 31);
    await addPhoto('#55aa11');
    await sweep(server.services.db);
    expect(await blobCount()).toBeGreaterThanOrEqual(withPhoto! - before!);
    expect((await server.call('GET', `/api/photos/${photo.id}/master`)).status).toBe(200);
    await server.call('DELETE', `/api/photos/${photo.id}`);
    await server.call('DELETE', '/api/bin');
    await sweep(server.services.db);
    await age('blobs', 'unowned_since', 31);
    await sweep(server.services.db);
    expect(await blobCount()).toBe(0);
  });
});
