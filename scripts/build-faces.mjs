// Decodes the lettering faces from their packages to TrueType, which HarfBuzz reads, into build/faces, and puts
// HarfBuzz's own program where the web application finds it.
import { copyFile, mkdir, readFile, stat, writeFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';
import wawoff2 from 'wawoff2';

const require = createRequire(new URL('../demo/package.json', import.meta.url));
const target = fileURLToPath(new URL('../build/faces/', import.meta.url));

/** Font file of a package by the name under which the application knows it (core, lettering/faces). */
const FILES = {
  'alfa-slab-one-latin': '@fontsource/alfa-slab-one/files/alfa-slab-one-latin-400-normal.woff2',
  'alfa-slab-one-latin-ext': '@fontsource/alfa-slab-one/files/alfa-slab-one-latin-ext-400-normal.woff2',
  'archivo-latin': '@fontsource-variable/archivo/files/archivo-latin-standard-normal.woff2',
  'archivo-latin-ext': '@fontsource-variable/archivo/files/archivo-latin-ext-standard-normal.woff2',
};

await mkdir(target, { recursive: true });
for (const [name, source] of Object.entries(FILES)) {
  const file = `${target}${name}.ttf`;
  if (await stat(file).catch(() => null)) continue;
  await writeFile(file, await wawoff2.decompress(await readFile(require.resolve(source))));
}

const program = require.resolve('harfbuzzjs/dist/harfbuzz.wasm');
await copyFile(program, fileURLToPath(new URL('../apps/web/public/harfbuzz.wasm', import.meta.url)));
