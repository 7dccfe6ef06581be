// What differs between two folders of pictures.
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';

/** All PNG files below a folder, as paths in it. */
function picturesIn(folder) {
  return readdirSync(folder, { recursive: true })
    .map(String)
    .filter((path) => path.endsWith('.png'))
    .sort();
}

async function pixelsOf(file) {
  const { data, info } = await sharp(file).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return { data, width: info.width, height: info.height };
}

/**
 * @typedef {{ path: string, kind: 'only before' | 'only after' | 'another size' | 'differs', count: number, most: number,
 *   box: { left: number, top: number, width: number, height: number } | null }} Difference
 * `count` px differ, by at most `most` steps of a channel, all within `box`.
 */

/** @returns {Promise<{ same: number, differences: Difference[] }>} */
export async function compareFolders(before, after) {
  const [old, now] = [picturesIn(before), picturesIn(after)];
  const differences = [];
  let same = 0;
  for (const path of [...new Set([...old, ...now])].sort()) {
    const none = { path, count: 0, most: 0, box: null };
    if (!now.includes(path)) differences.push({ ...none, kind: 'only before' });
    else if (!old.includes(path)) differences.push({ ...none, kind: 'only after' });
    else {
      const found = differenceOf(await pixelsOf(join(before, path)), await pixelsOf(join(after, path)));
      if (found) differences.push({ ...none, ...found });
      else same++;
    }
  }
  return { same, differences };
}

/** Null where two pictures are equal to the bit. */
function differenceOf(a, b) {
  if (a.width !== b.width || a.height !== b.height) return { kind: 'another size' };
  let [count, most, left, top, right, bottom] = [0, 0, a.width, a.height, -1, -1];
  for (let i = 0; i < a.data.length; i += 4) {
    let apart = 0;
    for (let c = 0; c < 4; c++) apart = Math.max(apart, Math.abs(a.data[i + c] - b.data[i + c]));
    if (apart === 0) continue;
    count++;
    most = Math.max(most, apart);
    const [x, y] = [(i >> 2) % a.width, Math.floor((i >> 2) / a.width)];
    [left, right, top, bottom] = [Math.min(left, x), Math.max(right, x), Math.min(top, y), Math.max(bottom, y)];
  }
  if (count === 0) return null;
  return { kind: 'differs', count, most, box: { left, top, width: right - left + 1, height: bottom - top + 1 } };
}
