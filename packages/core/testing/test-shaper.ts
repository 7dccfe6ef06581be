import { readFile } from 'node:fs/promises';
import { SHIPPED_FACES } from '../src/lettering/faces.js';
import { loadShaper } from '../src/lettering/load-shaper.js';
import type { Shaper } from '../src/lettering/shaper.js';

/** A shaper with the shipped faces, as the build decodes them. */
export async function testShaper(): Promise<Shaper> {
  const file = (name: string) => readFile(new URL(`../../../build/faces/${name}.ttf`, import.meta.url));
  return loadShaper(
    await Promise.all(SHIPPED_FACES.map(async ({ id, files }) => ({ id, files: await Promise.all(files.map(file)) }))),
  );
}
