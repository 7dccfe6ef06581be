import { readFile } from 'node:fs/promises';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { referencesOf } from '@kadrosyn/core';
import { SAMPLE_FOCUS, SAMPLE_PHOTOS, samplePhotoFile } from '@kadrosyn/demo';
import { seedSamples } from '../dist/seed.js';
import { startTestServer, type TestServer } from '../testing/test-server.js';

const ALL = { limit: 1000 };
let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

it('the samples are loaded where nothing is, left alone afterwards, and put back when asked for', async () => {
  const projects = server.services.projects('workspace_home');
  const list = async () => (await projects.list(ALL)).rows;
  await seedSamples(server.services, { reset: false });
  const first = await list();
  expect(first.length).toBeGreaterThanOrEqual(2);
  expect(first[0]!.name).toBe('Open kiln day');
  expect((await server.services.photos('workspace_home').list(ALL)).rows).toHaveLength(33);

  // What breaks out has its cutout with it, and putting samples back adds no other.
  const mattes = async (): Promise<string[]> => {
    const used = await Promise.all(
      (await list()).map(async ({ id }) => referencesOf((await projects.document(id)).document).mattes),
    );
    return used.flat().map(({ photoId, matteSha256 }) => `${photoId}/${matteSha256}`);
  };
  const known = await mattes();
  expect(known).toHaveLength(4);
  for (const name of known) {
    const [photoId, sha256] = name.split('/') as [string, string];
    const cutouts = server.services.cutouts('workspace_home');
    expect((await cutouts.matte(photoId, sha256, 'full'))!.bytes.length).toBeGreaterThan(1000);
    expect((await cutouts.list(photoId)).map(({ revisions }) => revisions.length)).toEqual([1]);
  }

  await projects.remove(first[1]!.id);
  await seedSamples(server.services, { reset: false });
  expect(await list()).toHaveLength(first.length - 1);

  await seedSamples(server.services, { reset: true });
  const again = await list();
  expect(again.map(({ name }) => name)).toEqual(first.map(({ name }) => name));
  expect((await mattes()).sort()).toEqual(known.sort());
});

it('templates come with the samples, and one’s own stay when those are put back', async () => {
  const [templates, projects] = [server.services.templates('workspace_home'), server.services.projects('workspace_home')];
  const shipped = await templates.list();
  expect(shipped.map(({ name }) => name)).toEqual([
    'Oval card',
    'Backdrop poster',
    'Badge with a ring',
    'Three openings',
    'Folded programme',
    'Price tags',
    'Gift voucher',
    'Instant strip',
  ]);
  const [behind, programme] = await Promise.all(
    ['Backdrop poster', 'Folded programme'].map((name) => templates.read(shipped.find((one) => one.name === name)!.id)),
  );
  // A sample lies behind everything; pages are in order with a fold between them.
  expect(behind!.document.sheets[0]!.items[0]).toMatchObject({ slot: { sample: true }, box: { x: 0, y: 0 } });
  expect(programme!.document.sheets.map(({ folds }) => folds?.length)).toEqual([1, 1]);
  const first = (await projects.list(ALL)).rows[0]!;
  await templates.add({ name: 'Mine', words: '', document: (await projects.document(first.id)).document });
  await templates.remove(shipped[2]!.id);
  await seedSamples(server.services, { reset: true });
  expect((await templates.list()).map(({ name }) => name)).toEqual(['Mine', ...shipped.map(({ name }) => name)]);
});

it('what the samples are about is what is found in them', async () => {
  const { tasks, config } = server.services;
  const found = await Promise.all(
    SAMPLE_PHOTOS.map(async (name) => {
      const taken = await tasks.intake({ bytes: await readFile(samplePhotoFile(name)), limits: config.limits });
      return [name, taken.ok ? (taken.photo.focus ?? null) : taken.refusal] as const;
    }),
  );
  expect(Object.fromEntries(found)).toEqual(SAMPLE_FOCUS);
});
