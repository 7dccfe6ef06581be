import { describe, expect, it, beforeAll, afterAll } from 'vitest';
import sharp from 'sharp';
import { buildLibrary } from '../dist/build-library.js';
import { findPictures } from './find-pictures.js';

const pictures = [
  { id: 'a', title: 'Teal mug', tags: ['mug', 'teal'], width: 10, height: 10 },
  { id: 'b', title: 'Tealight', tags: ['candle'], width: 10, height: 10 },
  { id: 'c', title: 'Plain mug', tags: ['mug', 'white'], width: 10, height: 10 },
];

describe('finding pictures', () => {
  const ids = (words: string, page = 1, per = 10): string[] =>
    findPictures(pictures, words, page, per).pictures.map(({ id }) => id);

  it('takes all without words, and asks for every word', () => {
    expect(ids('')).toEqual(['a', 'b', 'c']);
    expect(ids('mug')).toEqual(['a', 'c']);
    expect(ids('mug teal')).toEqual(['a']);
    expect(ids('MUG whi')).toEqual(['c']);
    expect(ids('ug')).toEqual([]);
  });

  it('puts whole tags before beginnings', () => {
    expect(ids('teal')).toEqual(['a', 'b']);
    expect(findPictures([pictures[1]!, pictures[0]!], 'teal', 1, 10).pictures.map(({ id }) => id)).toEqual(['a', 'b']);
  });

  it('gives pages', () => {
    expect(ids('', 2, 2)).toEqual(['c']);
    expect(ids('', 3, 2)).toEqual([]);
    expect(findPictures(pictures, '', 1, 2)).toMatchObject({ total: 3, pages: 2, page: 1 });
  });
});

describe('the picture library over HTTP', () => {
  let app: Awaited<ReturnType<typeof buildLibrary>>;
  beforeAll(async () => {
    app = await buildLibrary();
  });
  afterAll(() => app.close());

  it('answers a search, a small picture and the file', async () => {
    const found = await app.inject('/v1/pictures?words=heron');
    const { pictures: list } = found.json<{ pictures: { id: string; width: number }[] }>();
    expect(list.map(({ id }) => id)).toContain('heron-shore');
    const small = await app.inject('/v1/pictures/heron-shore/thumbnail');
    expect((await sharp(small.rawPayload).metadata()).width).toBeLessThanOrEqual(320);
    const file = await app.inject('/v1/pictures/heron-shore/file');
    expect((await sharp(file.rawPayload).metadata()).width).toBe(list.find(({ id }) => id === 'heron-shore')!.width);
  });

  it('knows no other paths', async () => {
    expect((await app.inject('/v1/pictures/nothing/file')).statusCode).toBe(404);
    expect((await app.inject('/v1/pictures/..%2F..%2Fpackage/file')).statusCode).toBe(400);
    expect((await app.inject('/v1/pictures?page=0')).statusCode).toBe(400);
  });
});
