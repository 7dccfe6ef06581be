import { existsSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readCutoutArguments } from './cutout-arguments.js';
import { EXIT } from './exit-code.js';
import { run } from './run.js';
import type { Says } from './says.js';
import { UsageError } from './usage-error.js';

const [WIDTH, HEIGHT] = [320, 240];
let folder: string;
const file = (name: string): string => join(folder, name);
const said: string[] = [];
const says: Says = { log: (message) => void said.push(message), error: (message) => void said.push(message) };

async function write(name: string, svg: string, size = WIDTH): Promise<void> {
  const whole = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 320 240" width="${size}" height="${(size * 3) / 4}">${svg}</svg>`;
  await sharp(Buffer.from(whole)).png().toFile(file(name));
}

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'kadrosyn-cutout-'));
  const disc = '<rect width="320" height="240" fill="#4676a0"/><circle cx="160" cy="120" r="60" fill="#c4602c"/>';
  await write('disc.png', disc);
  await write('large.png', disc, 3200);
  const tiles = Array.from({ length: 300 }, (_, i) => {
    const [x, y] = [(i % 20) * 16, Math.floor(i / 20) * 16];
    return `<rect x="${x}" y="${y}" width="16" height="16" fill="hsl(${(i * 97) % 360} 60% ${20 + ((i * 31) % 60)}%)"/>`;
  });
  await write('tiles.png', tiles.join(''));
});
afterAll(() => rm(folder, { recursive: true }));

async function alphaAt(name: string, x: number, y: number): Promise<number> {
  const { data, info } = await sharp(file(name)).raw().toBuffer({ resolveWithObject: true });
  return data[(y * info.width + x) * info.channels + info.channels - 1]!;
}

describe('kadrosyn cutout', () => {
  it('writes the matte and the subject of a box', async () => {
    const args = [
      'cutout',
      file('disc.png'),
      '--box',
      '90,50,140,140',
      '-o',
      file('matte.png'),
      '--subject',
      file('subject.png'),
    ];
    expect(await run(args, says)).toBe(EXIT.done);
    expect(await sharp(file('matte.png')).metadata()).toMatchObject({ width: WIDTH, height: HEIGHT, channels: 1 });
    expect([await alphaAt('matte.png', 160, 120), await alphaAt('matte.png', 10, 10)]).toEqual([255, 0]);
    expect(await sharp(file('subject.png')).metadata()).toMatchObject({ width: WIDTH, channels: 4 });
    expect([await alphaAt('subject.png', 110, 120), await alphaAt('subject.png', 90, 120)]).toEqual([255, 0]);
  });

  it('obeys strokes, given as often as wanted', async () => {
    const strokes = ['--keep', '20,20 40,20', '--leave-out', '150,120 170,120', '--leave-out', '160,100', '--stroke-width', '12'];
    expect(await run(['cutout', file('disc.png'), '--box', '90,50,140,140', ...strokes, '-o', file('strokes.png')], says)).toBe(
      EXIT.done,
    );
    expect(await alphaAt('strokes.png', 30, 20)).toBe(255);
    expect([await alphaAt('strokes.png', 160, 120), await alphaAt('strokes.png', 160, 100)]).toEqual([0, 0]);
  });

  it('takes points in px of a large photo', async () => {
    expect(await run(['cutout', file('large.png'), '--box', '900,500,1400,1400', '-o', file('large-matte.png')], says)).toBe(
      EXIT.done,
    );
    expect([await alphaAt('large-matte.png', 1600, 640), await alphaAt('large-matte.png', 1600, 560)]).toEqual([255, 0]);
  });

  it('needs no hint where the subject stands out, and declines with 3 where none does', async () => {
    expect(await run(['cutout', file('disc.png'), '--auto', '-o', file('auto.png')], says)).toBe(EXIT.done);
    expect(await alphaAt('auto.png', 160, 120)).toBe(255);
    expect(await run(['cutout', file('tiles.png'), '--auto', '-o', file('none.png')], says)).toBe(EXIT.declined);
    expect(said.at(-1)).toContain('No subject stands out clearly');
    expect(existsSync(file('none.png'))).toBe(false);
  });

  it('says what is wrong with its arguments', () => {
    for (const [args, words] of [
      [[], 'Name one photo'],
      [['a.png', 'b.png', '-o', 'm.png'], 'Name one photo'],
      [['a.png', '--auto'], 'where the matte goes'],
      [['a.png', '-o', 'm.png'], 'Give a --box'],
      [['a.png', '-o', 'm.png', '--box', '1,2,3'], '--box takes x,y,w,h'],
      [['a.png', '-o', 'm.png', '--box', '1,2,0,4'], 'no size'],
      [['a.png', '-o', 'm.png', '--keep', '1,2 3'], '--keep takes points'],
      [['a.png', '-o', 'm.png', '--keep', '1,x'], 'takes numbers, not "x"'],
      [['a.png', '-o', 'm.png', '--auto', '--stroke-width', '0'], 'more than 0'],
      [['a.png', '-o', 'm.png', '--scribble'], '--scribble'],
    ] as const) {
      expect(() => readCutoutArguments(args)).toThrow(UsageError);
      expect(() => readCutoutArguments(args)).toThrow(words);
    }
  });

  it('ends with another code for what it does not know and what it can not read', async () => {
    expect(await run([], says)).toBe(EXIT.usage);
    expect(await run(['paint'], says)).toBe(EXIT.usage);
    expect(await run(['--help'], says)).toBe(EXIT.done);
    expect(await run(['cutout', 'x.png'], says)).toBe(EXIT.usage);
    expect(await run(['cutout', file('missing.png'), '--auto', '-o', file('m.png')], says)).toBe(EXIT.failed);
  });
});
