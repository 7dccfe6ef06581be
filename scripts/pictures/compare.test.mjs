import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { compareFolders } from './compare.mjs';
import { contactSheet } from './contact-sheet.mjs';

let folder;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'kadrosyn-pictures-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const [WIDTH, HEIGHT] = [20, 10];

/** A grey picture in which some px are set, as [x, y, red, green, blue, alpha]. */
async function write(state, path, set = [], width = WIDTH) {
  const data = Buffer.alloc(width * HEIGHT * 4, 128);
  for (const [x, y, ...colour] of set) data.set(colour, (y * width + x) * 4);
  const file = join(folder, state, path);
  mkdirSync(join(file, '..'), { recursive: true });
  await sharp(data, { raw: { width, height: HEIGHT, channels: 4 } })
    .png()
    .toFile(file);
}

const compared = () => compareFolders(join(folder, 'before'), join(folder, 'after'));

describe('pictures of two states', () => {
  it('are the same to the bit, or differ in so many px within a box', async () => {
    for (const state of ['before', 'after']) await write(state, 'hard/same.png', [[3, 3, 9, 9, 9, 255]]);
    await write('before', 'samples/card.png');
    await write('after', 'samples/card.png', [
      [4, 2, 129, 128, 128, 128],
      [9, 7, 128, 128, 128, 100],
    ]);
    expect(await compared()).toEqual({
      same: 1,
      differences: [
        { path: 'samples/card.png', kind: 'differs', count: 2, most: 28, box: { left: 4, top: 2, width: 6, height: 6 } },
      ],
    });
  });

  it('are told where one is new, gone, or of another size', async () => {
    await write('before', 'gone.png');
    await write('after', 'new.png');
    await write('before', 'size.png');
    await write('after', 'size.png', [], 30);
    const { same, differences } = await compared();
    expect(same).toBe(0);
    expect(differences.map(({ path, kind }) => [path, kind])).toEqual([
      ['gone.png', 'only before'],
      ['new.png', 'only after'],
      ['size.png', 'another size'],
    ]);
  });

  it('are put onto one sheet, a row for each that differs, with the difference made strong', async () => {
    await write('before', 'gone.png');
    await write('before', 'card.png');
    await write('after', 'card.png', [[10, 5, 138, 128, 128, 128]]);
    const { differences } = await compared();
    const sheet = await contactSheet(join(folder, 'before'), join(folder, 'after'), differences);
    const { data, info } = await sharp(sheet).raw().toBuffer({ resolveWithObject: true });
    expect(info.width).toBe(12 + 4 * 332);
    expect(info.height).toBe(12 + 2 * 356);
    // Ten steps of red are shown as 160 more than grey, in the middle of the last tile of the first row.
    const reds = new Set();
    for (let x = info.width - 332; x < info.width; x++)
      reds.add(data[(12 + 24 + 160) * info.width * info.channels + x * info.channels]);
    expect(Math.max(...reds)).toBe(255);
    expect(reds.has(128)).toBe(true);
  });
});
