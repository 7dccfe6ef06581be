import { newProject, type Project } from '@kadrosyn/core';
import sharp from 'sharp';
import { STUBBORN_DRAWINGS } from './stubborn-drawings.js';

/** A request that somebody might send, broken or made to break something. */
export interface HostileRequest {
  readonly name: string;
  readonly method: string;
  /** `:project` and `:sheet` stand for those of a project that is there. */
  readonly path: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: string | Uint8Array;
}

const JSON_TYPE = { 'content-type': 'application/json' };
const BOUNDARY = 'kadrosynboundary';
const FORM_TYPE = { 'content-type': `multipart/form-data; boundary=${BOUNDARY}` };

const json = (name: string, method: string, path: string, value: unknown): HostileRequest => ({
  ...{ name, method, path },
  headers: JSON_TYPE,
  body: typeof value === 'string' ? value : JSON.stringify(value),
});
export const upload = (name: string, fileName: string, bytes: Uint8Array, path = '/api/photos'): HostileRequest => ({
  ...{ name, path, method: 'POST', headers: FORM_TYPE },
  body: formOf(fileName, bytes),
});

/** A form with one file. @param end - false leaves it without its end. */
function formOf(fileName: string, bytes: Uint8Array, end = true): Uint8Array {
  const head = `--${BOUNDARY}\r\ncontent-disposition: form-data; name="file"; filename="${fileName}"\r\ncontent-type: image/png\r\n\r\n`;
  return Buffer.concat([Buffer.from(head), bytes, Buffer.from(end ? `\r\n--${BOUNDARY}--\r\n` : '')]);
}

/** A document with groups within groups. */
function nested(depth: number): string {
  const document = newProject('Nested', { width: 100, height: 100, unit: 'px' });
  const open = (level: number): string => `{"type":"group","id":"g${level}","name":"G","items":[`;
  const groups = Array.from({ length: depth }, (_, level) => open(level)).join('') + ']}'.repeat(depth);
  return JSON.stringify({ document }).replace('"items":[]', `"items":[${groups}]`);
}

function withItems(items: unknown[]): Project {
  const document = newProject('Odd', { width: 100, height: 100, unit: 'px' });
  return { ...document, sheets: [{ ...document.sheets[0]!, items: items as Project['sheets'][0]['items'] }] };
}

/** Segments of curves that leave the box by far: flattened finely, one of them has a hundred million points. */
const FAR_CURVES = 'M0 0' + 'C1e8 -1e8 -1e8 1e8 1 1'.repeat(40) + 'L0 1Z';

/** Thirty requests of all kinds, the same each time. Each must be answered with a code and a sentence, or not be answered at all, and nothing else may suffer. */
export async function hostileRequests(): Promise<HostileRequest[]> {
  const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#336699' } })
    .png()
    .toBuffer();
  const jpeg = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#336699' } })
    .jpeg()
    .toBuffer();
  const large = Buffer.from(picture);
  large.writeUInt32BE(60_000, 16);
  large.writeUInt32BE(60_000, 20);
  const edits = (operation: object) => ({ revision: 1, edits: [{ name: 'Change', operations: [operation] }] });
  const size = { width: 100, height: 100, unit: 'px' };
  return [
    json('path data of curves that are far away', 'POST', '/api/outlines', { name: 'Far', d: FAR_CURVES, proportion: 1 }),
    json('path data of 200 KB', 'POST', '/api/outlines', {
      name: 'Long',
      d: 'M0 0' + 'L2 2L0 2'.repeat(24_000) + 'Z',
      proportion: 1,
    }),
    json('a name with a NUL', 'POST', '/api/projects', { name: 'a\0b', size }),
    json('a name with half an emoji', 'POST', '/api/projects', '{"name":"\\ud83c","size":{"width":9,"height":9,"unit":"px"}}'),
    json('a document with 3,000 nested groups', 'POST', '/api/projects', nested(3000)),
    json(
      'a document with 100,000 nested lists',
      'POST',
      '/api/projects',
      `{"document":{"x":${'['.repeat(1e5)}${']'.repeat(1e5)}}}`,
    ),
    json('a document whose sheets are a number', 'POST', '/api/projects', {
      document: { format: 'kadrosyn', version: 1, sheets: 7 },
    }),
    json('a document of nothing', 'POST', '/api/projects', { document: {} }),
    json('a document with an item that is null', 'POST', '/api/projects', { document: withItems([null]) }),
    json('a size beyond all numbers', 'POST', '/api/projects', '{"name":"x","size":{"width":1e999,"height":1,"unit":"px"}}'),
    json('no JSON', 'POST', '/api/projects', '{"name":'),
    json('an empty body', 'POST', '/api/projects', ''),
    json('a prototype', 'POST', '/api/projects', '{"__proto__":{"admin":true},"name":"x","size":{}}'),
    json('an edit of a kind that there is not', 'POST', '/api/projects/:project/edits', edits({ type: 'drop-tables' })),
    json(
      'an edit without what it changes',
      'POST',
      '/api/projects/:project/edits',
      edits({ type: 'change-item', sheetId: ':sheet' }),
    ),
    json(
      'an edit that moves nothing nowhere',
      'POST',
      '/api/projects/:project/edits',
      edits({ type: 'move-item', sheetId: ':sheet', itemId: 'x' }),
    ),
    json(
      'an edit that makes the sheets a text',
      'POST',
      '/api/projects/:project/edits',
      edits({ type: 'change-project', after: { sheets: 'x' } }),
    ),
    json('a save of a revision that will be', 'POST', '/api/projects/:project/edits', {
      ...edits({ type: 'change-project' }),
      revision: 2e9,
    }),
    json('an export larger than a house', 'POST', '/api/projects/:project/exports', {
      sheetId: ':sheet',
      scale: 1e9,
      type: 'png',
    }),
    { name: 'a type that nobody knows', method: 'POST', path: '/api/projects', headers: { 'content-type': 'x/y' }, body: 'x' },
    { name: 'an address above the root', method: 'GET', path: '/../x' },
    { name: 'an address that is no text', method: 'GET', path: '/%ff%fe' },
    { name: 'an id with a quote', method: 'GET', path: `/api/projects/x'%20or%20'1'='1` },
    {
      name: 'an upload that breaks off',
      method: 'POST',
      path: '/api/photos',
      headers: FORM_TYPE,
      body: formOf('a.png', picture, false),
    },
    {
      name: 'an upload without a form',
      method: 'POST',
      path: '/api/photos',
      headers: { 'content-type': 'multipart/form-data' },
      body: 'x',
    },
    upload('a picture that says it is enormous', 'a.png', large),
    upload('a JPEG cut off in the middle', 'a.jpg', jpeg.subarray(0, jpeg.length / 2)),
    upload('a drawing that is never done', 'a.svg', Buffer.from(Object.values(STUBBORN_DRAWINGS)[0]!)),
    upload('a file of nothing', 'a.png', Buffer.alloc(0)),
    upload('a picture as a font', 'a.ttf', picture, '/api/faces'),
  ];
}
