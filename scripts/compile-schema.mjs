// Compiles the project schema to plain code, since a strict content security policy forbids compiling it in the browser.
// Usage: node scripts/compile-schema.mjs [--check]
import { readFile, writeFile } from 'node:fs/promises';
import Ajv2020 from 'ajv/dist/2020.js';
import standaloneCode from 'ajv/dist/standalone/index.js';
import { build } from 'esbuild';

const folder = new URL('../packages/core/src/document/', import.meta.url);
const schema = JSON.parse(await readFile(new URL('project.schema.json', folder), 'utf8'));
const ajv = new Ajv2020.default({
  code: { source: true, esm: false },
  strict: true,
  strictTypes: false,
  strictRequired: false,
  discriminator: true,
});
const code = standaloneCode.default(ajv, ajv.compile(schema));
const bundled = await build({
  stdin: { contents: `${code}`, resolveDir: process.cwd(), loader: 'js' },
  bundle: true,
  write: false,
  format: 'cjs',
  minify: true,
  legalComments: 'none',
});
const text =
  '// @ts-nocheck\n// Made by scripts/compile-schema.mjs from project.schema.json; do not edit.\n' +
  "import type { SchemaFault } from './schema-fault.js';\n" +
  `const module = { exports: {} };\n(function (module) {\n${bundled.outputFiles[0].text.trim()}\n})(module);\n` +
  '/** Whether `data` follows project.schema.json; the faults of the last call are in `errors`. */\n' +
  'export const validateProject: ((data: unknown) => boolean) & { errors?: SchemaFault[] | null } = module.exports;\n';
const made = [
  [new URL('project-validator.generated.ts', folder), text],
  // Published for people who read or write the format.
  [new URL('../docs/project.schema.json', import.meta.url), await readFile(new URL('project.schema.json', folder), 'utf8')],
];
for (const [target, wanted] of made) {
  if (!process.argv.includes('--check')) await writeFile(target, wanted);
  else if ((await readFile(target, 'utf8').catch(() => '')) !== wanted) {
    console.error(
      `${target.pathname.split('/').at(-1)} is not what project.schema.json gives: run node scripts/compile-schema.mjs`,
    );
    process.exit(1);
  }
}
