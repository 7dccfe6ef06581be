import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { expect } from '@playwright/test';
import sharp from 'sharp';

const FOLDER = fileURLToPath(new URL('../references/', import.meta.url));
/** Longest side of a reference, px. */
const SIDE = 480;

/**
 * Compares an exported picture with the one that was looked at and kept, both made small. `UPDATE_REFERENCES=1` keeps the present one.
 * @param most - mean difference of all channels, in steps of 255, that may lie between them.
 */
export async function expectReference(name: string, bytes: Buffer, most = 0.5): Promise<void> {
  const small = sharp(bytes).flatten({ background: '#808080' }).resize(SIDE, SIDE, { fit: 'inside' });
  const { data, info } = await small.clone().raw().toBuffer({ resolveWithObject: true });
  const file = `${FOLDER}${name}.png`;
  if (process.env['UPDATE_REFERENCES']) {
    mkdirSync(FOLDER, { recursive: true });
    writeFileSync(file, await small.png({ compressionLevel: 9 }).toBuffer());
  }
  expect(existsSync(file), `there is no reference picture ${name}`).toBe(true);
  const kept = await sharp(await readFile(file))
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  expect([kept.info.width, kept.info.height]).toEqual([info.width, info.height]);
  let sum = 0;
  for (let i = 0; i < data.length; i++) sum += Math.abs(data[i]! - kept.data[i]!);
  expect(sum / data.length).toBeLessThan(most);
}
