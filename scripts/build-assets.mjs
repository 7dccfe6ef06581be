// What the web application fetches as it is. Decodes the lettering faces from their packages to TrueType, which HarfBuzz reads, into build/faces, and
// puts HarfBuzz's own program and OpenCV.js where it finds them.
import { copyFile, mkdir, readFile, stat, writeFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';
import wawoff2 from 'wawoff2';

const require = createRequire(new URL('../demo/package.json', import.meta.url));
const target = fileURLToPath(new URL('../build/faces/', import.meta.url));

/** Font file of a package by the name under which the application knows it (core, lettering/faces). */
const FILES = {
  'archivo-latin': '@fontsource-variable/archivo/files/archivo-latin-standard-normal.woff2',
  'archivo-latin-ext': '@fontsource-variable/archivo/files/archivo-latin-ext-standard-normal.woff2',
  'anybody-latin': '@fontsource-variable/anybody/files/anybody-latin-standard-normal.woff2',
  'anybody-latin-ext': '@fontsource-variable/anybody/files/anybody-latin-ext-standard-normal.woff2',
  'mona-sans-latin': '@fontsource-variable/mona-sans/files/mona-sans-latin-standard-normal.woff2',
  'mona-sans-latin-ext': '@fontsource-variable/mona-sans/files/mona-sans-latin-ext-standard-normal.woff2',
  'fredoka-latin': '@fontsource-variable/fredoka/files/fredoka-latin-standard-normal.woff2',
  'fredoka-latin-ext': '@fontsource-variable/fredoka/files/fredoka-latin-ext-standard-normal.woff2',
  'unbounded-latin': '@fontsource-variable/unbounded/files/unbounded-latin-wght-normal.woff2',
  'unbounded-latin-ext': '@fontsource-variable/unbounded/files/unbounded-latin-ext-wght-normal.woff2',
  'anton-latin': '@fontsource/anton/files/anton-latin-400-normal.woff2',
  'anton-latin-ext': '@fontsource/anton/files/anton-latin-ext-400-normal.woff2',
  'passion-one-latin': '@fontsource/passion-one/files/passion-one-latin-900-normal.woff2',
  'passion-one-latin-ext': '@fontsource/passion-one/files/passion-one-latin-ext-900-normal.woff2',
  'titan-one-latin': '@fontsource/titan-one/files/titan-one-latin-400-normal.woff2',
  'titan-one-latin-ext': '@fontsource/titan-one/files/titan-one-latin-ext-400-normal.woff2',
  'bowlby-one-sc-latin': '@fontsource/bowlby-one-sc/files/bowlby-one-sc-latin-400-normal.woff2',
  'bowlby-one-sc-latin-ext': '@fontsource/bowlby-one-sc/files/bowlby-one-sc-latin-ext-400-normal.woff2',
  'bungee-latin': '@fontsource/bungee/files/bungee-latin-400-normal.woff2',
  'bungee-latin-ext': '@fontsource/bungee/files/bungee-latin-ext-400-normal.woff2',
  'rubik-mono-one-latin': '@fontsource/rubik-mono-one/files/rubik-mono-one-latin-400-normal.woff2',
  'rubik-mono-one-latin-ext': '@fontsource/rubik-mono-one/files/rubik-mono-one-latin-ext-400-normal.woff2',
  'rubik-mono-one-cyrillic': '@fontsource/rubik-mono-one/files/rubik-mono-one-cyrillic-400-normal.woff2',
  'dela-gothic-one-latin': '@fontsource/dela-gothic-one/files/dela-gothic-one-latin-400-normal.woff2',
  'dela-gothic-one-latin-ext': '@fontsource/dela-gothic-one/files/dela-gothic-one-latin-ext-400-normal.woff2',
  'dela-gothic-one-greek': '@fontsource/dela-gothic-one/files/dela-gothic-one-greek-400-normal.woff2',
  'dela-gothic-one-cyrillic': '@fontsource/dela-gothic-one/files/dela-gothic-one-cyrillic-400-normal.woff2',
  'alfa-slab-one-latin': '@fontsource/alfa-slab-one/files/alfa-slab-one-latin-400-normal.woff2',
  'alfa-slab-one-latin-ext': '@fontsource/alfa-slab-one/files/alfa-slab-one-latin-ext-400-normal.woff2',
  'abril-fatface-latin': '@fontsource/abril-fatface/files/abril-fatface-latin-400-normal.woff2',
  'abril-fatface-latin-ext': '@fontsource/abril-fatface/files/abril-fatface-latin-ext-400-normal.woff2',
  'shrikhand-latin': '@fontsource/shrikhand/files/shrikhand-latin-400-normal.woff2',
  'shrikhand-latin-ext': '@fontsource/shrikhand/files/shrikhand-latin-ext-400-normal.woff2',
  'pacifico-latin': '@fontsource/pacifico/files/pacifico-latin-400-normal.woff2',
  'pacifico-latin-ext': '@fontsource/pacifico/files/pacifico-latin-ext-400-normal.woff2',
  'pacifico-cyrillic': '@fontsource/pacifico/files/pacifico-cyrillic-400-normal.woff2',
  'saira-stencil-one-latin': '@fontsource/saira-stencil-one/files/saira-stencil-one-latin-400-normal.woff2',
  'saira-stencil-one-latin-ext': '@fontsource/saira-stencil-one/files/saira-stencil-one-latin-ext-400-normal.woff2',
  'noto-sans-greek': '@fontsource-variable/noto-sans/files/noto-sans-greek-standard-normal.woff2',
  'noto-sans-greek-ext': '@fontsource-variable/noto-sans/files/noto-sans-greek-ext-standard-normal.woff2',
  'noto-sans-cyrillic': '@fontsource-variable/noto-sans/files/noto-sans-cyrillic-standard-normal.woff2',
  'noto-sans-cyrillic-ext': '@fontsource-variable/noto-sans/files/noto-sans-cyrillic-ext-standard-normal.woff2',
  'noto-sans-vietnamese': '@fontsource-variable/noto-sans/files/noto-sans-vietnamese-standard-normal.woff2',
  'noto-sans-arabic-arabic': '@fontsource-variable/noto-sans-arabic/files/noto-sans-arabic-arabic-standard-normal.woff2',
  'noto-sans-hebrew-hebrew': '@fontsource-variable/noto-sans-hebrew/files/noto-sans-hebrew-hebrew-standard-normal.woff2',
  'noto-sans-devanagari-devanagari':
    '@fontsource-variable/noto-sans-devanagari/files/noto-sans-devanagari-devanagari-standard-normal.woff2',
};

await mkdir(target, { recursive: true });
for (const [name, source] of Object.entries(FILES)) {
  const file = `${target}${name}.ttf`;
  if (await stat(file).catch(() => null)) continue;
  await writeFile(file, await wawoff2.decompress(await readFile(require.resolve(source))));
}

const published = (name) => fileURLToPath(new URL(`../apps/web/public/${name}`, import.meta.url));
await copyFile(require.resolve('harfbuzzjs/dist/harfbuzz.wasm'), published('harfbuzz.wasm'));

// 11 MB that no bundler can make smaller: reading and writing them took most of the time of a build.
const webRequire = createRequire(new URL('../apps/web/package.json', import.meta.url));
const opencv = await readFile(webRequire.resolve('@techstark/opencv-js'), 'utf8');
await writeFile(published('opencv.js'), `const module = { exports: {} };\n${opencv}\nexport default module.exports;\n`);
