import { ExportFileSchema, type ExportList, type Sizes } from '@kadrosyn/contract';
import {
  addSheet,
  insertItem,
  newProject,
  newShapedOpening,
  PROJECT_VERSION,
  type Opening,
  type Photo,
  type Project,
} from '@kadrosyn/core';
import { OUT_FORMATS } from '@kadrosyn/formats';
import { sql } from 'drizzle-orm';
import { unzipSync } from 'fflate';
import sharp from 'sharp';
import type { TSchema } from 'typebox';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';
import type { ExportToDraw } from './export-store.js';

let server: TestServer;
let projectId: string;
let sheetId: string;

beforeAll(async () => {
  server = await startTestServer();
  const { body } = await server.call('POST', '/api/projects', {
    name: 'Kiln: day/1',
    size: { width: 300, height: 200, unit: 'px' },
  });
  const { id, document } = body as { id: string; document: Project };
  [projectId, sheetId] = [id, document.sheets[0]!.id];
  const disc = {
    ...newShapedOpening('Disc', { type: 'ellipse' }, { x: 150, y: 100 }, 100, 100),
    fill: { type: 'colour', colour: '#1d5a4c' } as const,
  };
  await server.call('POST', `/api/projects/${id}/edits`, {
    revision: 1,
    version: PROJECT_VERSION,
    edits: [insertItem(document.sheets[0]!, disc, 'Add')],
  });
});
afterAll(() => server.close());

function request(file: object = {}, sheetIds: readonly string[] = [sheetId]) {
  return server.call('POST', `/api/projects/${projectId}/exports`, { sheetIds, file: { type: 'png', scale: 1, ...file } });
}

/** What a store is told of an export of one PNG. */
async function noted(): Promise<ExportToDraw> {
  const { document } = await server.services.projects('workspace_home').document(projectId);
  return { projectId, request: { sheetIds: [sheetId], file: { type: 'png', scale: 1 } }, name: 'Kiln.png', document };
}

/** Exports, and reads the file. */
async function fileOf(file: object, sheetIds?: readonly string[]) {
  const { status, body } = await request(file, sheetIds);
  expect(status).toBe(202);
  const done = await ended((body as Status).id);
  expect(done).toMatchObject({ state: 'done', progress: 1 });
  return server.call('GET', `/api/exports/${done.id}/file`);
}

interface Status {
  readonly id: string;
  readonly state: string;
  readonly progress: number;
  readonly message: string | null;
  readonly name: string;
  readonly request: object;
}

async function ended(id: string): Promise<Status> {
  for (;;) {
    const { body } = await server.call('GET', `/api/exports/${id}`);
    const status = body as Status;
    if (status.state !== 'waiting' && status.state !== 'running') return status;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

describe('exports', () => {
  it('may be asked for in every format there is, within the bounds of its options', () => {
    const asked = ExportFileSchema.anyOf.flatMap(({ properties }) => {
      const { type, scale: _scale, dpi: _dpi, ...options } = properties as Record<string, TSchema>;
      const types = 'anyOf' in type! ? (type.anyOf as TSchema[]) : [type!];
      return types.map((each) => [(each as TSchema & { const: string }).const, options] as const);
    });
    expect(asked.map(([type]) => type).sort()).toEqual([...Object.keys(OUT_FORMATS), 'kadro'].sort());
    const pages = asked.filter(([type]) => type !== 'kadro');
    const bounds = (schema: unknown): unknown =>
      JSON.parse(JSON.stringify(schema, (key, value: unknown) => (key === 'default' ? undefined : value)));
    for (const [type, options] of pages)
      expect(bounds(options)).toEqual(bounds(OUT_FORMATS[type as keyof typeof OUT_FORMATS].options.properties));
  });

  it('are drawn at any scale, with a name and a resolution', async () => {
    for (const [scale, width] of [
      [1, 300],
      [2.5, 750],
    ] as const) {
      const { status, body } = await request({ scale });
      expect(status).toBe(202);
      const done = await ended((body as Status).id);
      expect(done).toMatchObject({ state: 'done', progress: 1 });
      const file = await server.call('GET', `/api/exports/${done.id}/file`);
      expect(file.headers.get('content-disposition')).toBe("attachment; filename*=UTF-8''Kiln%20day1.png");
      const shown = await server.call('GET', `/api/exports/${done.id}/file?show=true`);
      expect(shown.headers.get('content-disposition')).toBe("inline; filename*=UTF-8''Kiln%20day1.png");
      const metadata = await sharp(file.bytes).metadata();
      expect(metadata).toMatchObject({ width, format: 'png', density: Math.round(72 * scale) });
      const middle = await sharp(file.bytes)
        .extract({ left: width / 2, top: 100 * scale, width: 1, height: 1 })
        .raw()
        .toBuffer();
      expect([...middle.subarray(0, 3)]).toEqual([0x1d, 0x5a, 0x4c]);
    }
  });

  it('are written as JPEG without colour loss by halving', async () => {
    const { body } = await request({ type: 'jpeg', quality: 95 });
    const { id } = await ended((body as Status).id);
    const file = await server.call('GET', `/api/exports/${id}/file`);
    expect(file.headers.get('content-type')).toBe('image/jpeg');
    expect((await sharp(file.bytes).metadata()).chromaSubsampling).toBe('4:4:4');
  });

  it('are pages in true size as PDF, with outlines for what is outlines', async () => {
    const { body } = await server.call('POST', `/api/projects/${projectId}/exports`, {
      sheetIds: [sheetId],
      file: { type: 'pdf', dpi: 144 },
    });
    const { id } = await ended((body as Status).id);
    const file = await server.call('GET', `/api/exports/${id}/file`);
    expect(file.headers.get('content-type')).toBe('application/pdf');
    expect(file.headers.get('content-disposition')).toBe("attachment; filename*=UTF-8''Kiln%20day1.pdf");
    const text = file.bytes.toString('latin1');
    expect(text).toMatch(/^%PDF-1\.7/);
    // 300 x 200 px at 72 dpi, whatever the dpi: that is how finely its pictures are drawn, and here there are none.
    expect(text).toContain('/MediaBox [0 0 300 200]');
    expect(text).not.toContain('/Subtype /Image');
  });

  it('have the photos of a sheet that is shown, as pixels and as pages', async () => {
    const red = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#c81e1e' } })
      .png()
      .toBuffer();
    const form = new FormData();
    form.append('file', new Blob([new Uint8Array(red)]), 'red.png');
    const sent = await server.call('POST', '/api/photos', form);
    const [{ photo }] = (sent.body as { files: [{ photo: Photo }] }).files;
    const made = newProject('Shown', { width: 120, height: 80, unit: 'px' });
    const { id, sha256, name, width, height } = photo;
    const placement = { x: 60, y: 40, scale: 2, turn: 0, flipX: false, flipY: false };
    const rectangle = { type: 'rectangle', radii: [0, 0, 0, 0] } as const;
    const whole = newShapedOpening('Whole', rectangle, { x: 60, y: 40 }, 120, 80);
    const sheet = (sheetId: string, fill: Opening['fill']) => ({
      ...made.sheets[0]!,
      id: sheetId,
      items: [{ ...whole, id: `on-${sheetId}`, fill }],
    });
    const document: Project = {
      ...made,
      photos: { [id]: { id, sha256, name, width, height } },
      sheets: [
        sheet('wall', { type: 'sheet', sheetId: 'poster', placement: { ...placement, scale: 1 } }),
        sheet('poster', { type: 'photo', photoId: id, placement }),
      ],
    };
    const project = (await server.call('POST', '/api/projects', { document })).body as { id: string };
    const exported = async (type: string): Promise<Buffer> => {
      const { body } = await server.call('POST', `/api/projects/${project.id}/exports`, {
        sheetIds: ['wall'],
        file: type === 'pdf' ? { type, dpi: 72 } : { type, scale: 1 },
      });
      return Buffer.from((await server.call('GET', `/api/exports/${(await ended((body as Status).id)).id}/file`)).bytes);
    };
    const { channels } = await sharp(await exported('png')).stats();
    expect(channels.slice(0, 3).map(({ min, max }) => [min, max])).toEqual([
      [200, 200],
      [30, 30],
      [30, 30],
    ]);
    expect((await exported('pdf')).toString('latin1')).toContain('/Subtype /Image');
    const thumbnail = await server.call('GET', `/api/projects/${project.id}/thumbnail`);
    expect((await sharp(thumbnail.bytes).stats()).channels[0]!.min).toBe(200);
  });

  it('say in the log what took how long', async () => {
    const log = vi.spyOn(server.app.log, 'info');
    const { body } = await request({ scale: 3 });
    const { id } = await ended((body as Status).id);
    type Line = readonly [{ readonly exportId: string; readonly bytes: number; readonly ms: object }, string];
    const lines = () => (log.mock.calls as unknown as Line[]).filter(([, words]) => words === 'export drawn');
    await expect.poll(() => lines().length).toBe(1);
    const [facts] = lines()[0]!;
    expect(facts.exportId).toBe(id);
    const file = await server.call('GET', `/api/exports/${id}/file`);
    expect(facts.bytes).toBe(file.bytes.length);
    expect(Object.keys(facts.ms)).toEqual(['queue', 'read', 'wait', 'decode', 'render', 'encode', 'keep']);
    for (const ms of Object.values(facts.ms) as number[]) expect(ms).toBeGreaterThanOrEqual(0);
    log.mockRestore();
  });

  it('show the project as it was when they were asked for', async () => {
    const { body } = await request();
    await server.call('POST', '/api/projects', { name: 'Other', size: { width: 10, height: 10, unit: 'px' } });
    expect(await ended((body as Status).id)).toMatchObject({ state: 'done' });
  });

  it('do not wait for large ones when they are small', async () => {
    const large: string[] = [];
    for (let i = 0; i < 4; i++) large.push(((await request({ scale: 20 })).body as Status).id);
    const small = (await request()).body as Status;
    expect(await ended(small.id)).toMatchObject({ state: 'done' });
    // In one row it would have been the last.
    const { body } = await server.call('GET', `/api/exports/${large.at(-1)}`);
    expect(['waiting', 'running']).toContain((body as Status).state);
    for (const id of large) await server.call('DELETE', `/api/exports/${id}`);
  });

  it('can be cancelled, and then give no file', async () => {
    const { body } = await request({ scale: 20 });
    const { id } = body as Status;
    expect((await server.call('DELETE', `/api/exports/${id}`)).status).toBe(204);
    expect(await ended(id)).toMatchObject({ state: 'cancelled' });
    expect((await server.call('GET', `/api/exports/${id}/file`)).status).toBe(404);
    // The queue goes on with what comes next.
    const next = await request();
    expect(await ended((next.body as Status).id)).toMatchObject({ state: 'done' });
  });

  it('that nobody is at any more are taken up again, and given up in the end with a sentence', async () => {
    const store = server.services.exports('workspace_home');
    const ask = await noted();
    const [lost, hopeless, forgotten] = [await store.add(ask), await store.add(ask), await store.add(ask)];
    // As a server leaves them that ends in the middle of its work.
    const leave = sql`state = 'running', attempt = 'attempt_gone', heard_at = now() - interval '1 minute'`;
    await server.services.db.execute(sql`update exports set ${leave}, attempts = 1 where id = ${lost}`);
    await server.services.db.execute(sql`update exports set ${leave}, attempts = 3 where id = ${hopeless}`);
    // Noted, but never named to the queue.
    await server.services.db.execute(sql`update exports set created_at = now() - interval '1 minute' where id = ${forgotten}`);
    // Asked for before the application was renewed.
    const old = await store.add(ask);
    await server.services.db.execute(
      sql`update exports set ${leave}, attempts = 1, document = document - 'roles' || '{"version":5}' where id = ${old}`,
    );
    expect(await ended(old)).toMatchObject({ state: 'done' });
    expect(await ended(lost)).toMatchObject({ state: 'done' });
    expect(await ended(forgotten)).toMatchObject({ state: 'done' });
    const given = await ended(hopeless);
    expect(given).toMatchObject({
      state: 'failed',
      message: expect.stringMatching(/could not be drawn.*kept as it is/) as string,
    });
  });

  it('are not changed by whoever has lost them to another', async () => {
    const store = server.services.exports('workspace_home');
    const id = await store.add(await noted());
    const first = await store.begin(id);
    expect(await store.begin(id)).toBeUndefined();
    await server.services.db.execute(sql`update exports set heard_at = now() - interval '1 minute' where id = ${id}`);
    const second = await store.begin(id);
    expect(await first!.attempt.finish(Buffer.from('first'))).toBe(false);
    expect(await second!.attempt.report(0.5)).toBe(true);
    expect(await second!.attempt.finish(Buffer.from('second'))).toBe(true);
    expect((await store.bytes(id))!.toString()).toBe('second');
    await store.cancel(id);
    expect(await store.status(id)).toMatchObject({ state: 'done' });
  });

  it('are given back by whoever can not go on, three times at most', async () => {
    const store = server.services.exports('workspace_home');
    const id = await store.add(await noted());
    for (const isTaken of [true, true, false]) {
      const { attempt } = (await store.begin(id))!;
      expect(await attempt.giveBack()).toBe(isTaken);
    }
    expect(await store.status(id)).toMatchObject({ state: 'running' });
    await store.cancel(id);
  });

  it('are refused where they make no sense', async () => {
    expect((await request({}, ['nobody'])).status).toBe(404);
    expect((await request({}, [])).status).toBe(400);
    expect((await request({}, [sheetId, sheetId])).status).toBe(400);
    expect((await request({ mostBytes: 5000 })).status).toBe(400);
    expect((await request({ scale: 0 })).status).toBe(400);
    expect((await request({ type: 'tiff' })).status).toBe(400);
    expect((await request({ surprise: true })).status).toBe(400);
    expect((await server.call('GET', '/api/exports/nobody')).status).toBe(404);
    const { body } = await server.call('POST', '/api/projects', {
      name: 'Wall',
      size: { width: 20_000, height: 20_000, unit: 'px' },
    });
    const wall = body as { id: string; document: Project };
    const answer = await server.call('POST', `/api/projects/${wall.id}/exports`, {
      sheetIds: [wall.document.sheets[0]!.id],
      file: { type: 'png', scale: 1 },
    });
    expect(answer).toMatchObject({ status: 422, body: { code: 'too-large' } });
    const long = await server.call('POST', '/api/projects', {
      name: 'Banner',
      size: { width: 20_000, height: 100, unit: 'px' },
    });
    const banner = long.body as { id: string; document: Project };
    const webp = { sheetIds: [banner.document.sheets[0]!.id], file: { type: 'webp', scale: 1 } };
    expect(await server.call('POST', `/api/projects/${banner.id}/exports`, webp)).toMatchObject({
      status: 422,
      body: { message: expect.stringMatching(/WebP has room for 16383 px/) as string },
    });
    const many = await server.call('POST', `/api/projects/${banner.id}/exports`, {
      ...webp,
      file: { type: 'pdf', dpi: 72, arrange: 'many', paper: 'a3' },
    });
    expect(many).toMatchObject({
      status: 422,
      body: { code: 'no-room', message: expect.stringMatching(/larger paper/) as string },
    });
  });

  it('are no larger than wanted, or say how large the smallest is', async () => {
    const small = await fileOf({ type: 'jpeg', scale: 2, mostBytes: 6000 });
    expect(small.bytes.length).toBeLessThanOrEqual(6000);
    const { body } = await request({ type: 'jpeg', scale: 8, mostBytes: 1000 });
    expect(await ended((body as Status).id)).toMatchObject({
      state: 'failed',
      message: expect.stringMatching(/^Even at the lowest quality the file has \d+ KB\. Allow more/) as string,
    });
  });

  it('of several sheets are one PDF in the order asked for, or an archive of pictures with names of their own', async () => {
    const { document } = await server.services.projects('workspace_home').document(projectId);
    const [first] = document.sheets;
    const second = { ...first!, id: 'second', name: first!.name, items: [] };
    await server.call('POST', `/api/projects/${projectId}/edits`, {
      revision: (await server.services.projects('workspace_home').document(projectId)).revision,
      version: PROJECT_VERSION,
      edits: [addSheet(document, second)],
    });
    const pdf = await server.call('POST', `/api/projects/${projectId}/exports`, {
      sheetIds: ['second', sheetId],
      file: { type: 'pdf', dpi: 72 },
    });
    const file = await server.call('GET', `/api/exports/${(await ended((pdf.body as Status).id)).id}/file`);
    expect(file.headers.get('content-disposition')).toContain('Kiln%20day1.pdf');
    const text = file.bytes.toString('latin1');
    expect(text.match(/\/Type \/Page\n/g)).toHaveLength(2);
    const zip = await fileOf({}, [sheetId, 'second']);
    expect(zip.headers.get('content-type')).toBe('application/zip');
    expect(zip.headers.get('content-disposition')).toContain('Kiln%20day1.zip');
    const unpacked = unzipSync(zip.bytes);
    expect(Object.keys(unpacked)).toEqual(['Kiln day1 - Sheet 1.png', 'Kiln day1 - Sheet 1 2.png']);
    const means = await Promise.all(Object.values(unpacked).map(async (png) => (await sharp(png).stats()).channels[1]!.mean));
    expect(means[0]).not.toBe(means[1]);
    const alone = await fileOf({}, ['second']);
    expect(alone.headers.get('content-disposition')).toContain('Kiln%20day1%20-%20Sheet%201%202.png');
  });

  it('have the name that was typed, as layers too, and keep it for being made again', async () => {
    const asked = { sheetIds: [sheetId], file: { type: 'ora', scale: 0.5 }, name: '{size} of {name}' };
    const { body } = await server.call('POST', `/api/projects/${projectId}/exports`, asked);
    const { id, name, request: kept } = await ended((body as Status).id);
    expect(name).toMatch(/^\d+x\d+ of Kiln day1\.ora$/);
    expect(kept).toEqual(asked);
    const file = await server.call('GET', `/api/exports/${id}/file`);
    expect(file.headers.get('content-type')).toBe('image/openraster');
    expect(new TextDecoder().decode(unzipSync(file.bytes)['stack.xml'])).toContain('<layer name="Sheet colour"');
    const { status } = await server.call('POST', `/api/projects/${projectId}/exports`, { ...asked, name: '' });
    expect(status).toBe(400);
  });

  it('are listed with their project, newest first, with what they are called and how large they are', async () => {
    const { bytes } = await fileOf({ type: 'webp' });
    const { body } = await server.call('GET', `/api/projects/${projectId}/exports`);
    const { exports: listed } = body as ExportList;
    expect(listed[0]).toMatchObject({ state: 'done', bytes: bytes.length, request: { file: { type: 'webp', scale: 1 } } });
    expect(listed[0]!.name).toMatch(/^Kiln day1.*\.webp$/);
    const times = listed.map(({ askedAt }) => Date.parse(askedAt));
    expect([...times].sort((a, b) => b - a)).toEqual(times);
    await server.services.db.execute(sql`update exports set created_at = now() - interval '2 days' where id = ${listed[0]!.id}`);
    const later = (await server.call('GET', `/api/projects/${projectId}/exports`)).body as ExportList;
    expect(later.exports.map(({ id }) => id)).not.toContain(listed[0]!.id);
  });

  it('have the sizes that are foretold, quality by quality', async () => {
    const { status, body } = await server.call('POST', `/api/projects/${projectId}/export-sizes`, {
      sheetId,
      type: 'jpeg',
      scale: 2,
    });
    expect(status).toBe(200);
    const { sizes } = body as Sizes;
    expect(sizes.map(({ quality }) => quality)).toEqual([30, 60, 80, 90, 96, 100]);
    for (const { quality, bytes } of [sizes[2]!, sizes.at(-2)!])
      expect((await fileOf({ type: 'jpeg', scale: 2, quality })).bytes.length).toBe(bytes);
    const asked = { sheetId: 'nobody', type: 'jpeg', scale: 2 };
    expect((await server.call('POST', `/api/projects/${projectId}/export-sizes`, asked)).status).toBe(404);
  });
});
