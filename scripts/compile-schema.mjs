// Puts the schema of the project together from its frame and the kinds of core (dist/ must be built), and compiles it to plain code, since a strict content security policy forbids compiling it in the browser.
// Usage: node scripts/compile-schema.mjs [--check]
import { readFile, writeFile } from 'node:fs/promises';
import Ajv2020 from 'ajv/dist/2020.js';
import standaloneCode from 'ajv/dist/standalone/index.js';
import { build } from 'esbuild';
import { EffectPart } from '../packages/core/dist/kinds/effects/effects.js';
import { FILLS, GROUNDS } from '../packages/core/dist/kinds/fills/fills.js';
import { finishSchema } from '../packages/core/dist/kinds/finishes/finishes.js';
import { typedSchema } from '../packages/core/dist/kinds/typed-value.js';
import { OUTLINES } from '../packages/core/dist/kinds/outlines/outlines.js';

const folder = new URL('../packages/core/src/document/', import.meta.url);
const schema = JSON.parse(await readFile(new URL('project.schema.json', folder), 'utf8'));
const plain = (part) => JSON.parse(JSON.stringify(part));
/** One of several kinds, told by its `type`. */
const oneOf = (schemas) => ({
  type: 'object',
  discriminator: { propertyName: 'type' },
  required: ['type'],
  oneOf: schemas.map(plain),
});
schema.$defs.effect = plain(EffectPart);
schema.$defs.finish = plain(finishSchema());
schema.$defs.group.properties.finish = plain(finishSchema(true));
schema.$defs.fill = oneOf(Object.values(FILLS).map(typedSchema));
schema.$defs.ground = oneOf(Object.values(GROUNDS).map(typedSchema));
schema.$defs.outline = oneOf(Object.values(OUTLINES).map(typedSchema));
const ajv = new Ajv2020.default({
  code: { source: true, esm: false },
  strict: true,
  strictTypes: false,
  strictRequired: false,
  discriminator: true,
  // Each definition once: parts are checked alone too, and copies of them made the code half as large again.
  inlineRefs: false,
});
ajv.addSchema(schema);
/** What can be checked: a project, and the parts of one that stand alone elsewhere. */
const PARTS = {
  project: '',
  item: 'item',
  crossing: 'crossing',
  outline: 'outline',
  finish: 'finish',
  photo: 'photo',
  area: 'area',
  cutoutRevision: 'cutoutRevision',
  developing: 'developing',
};
const code = standaloneCode.default(
  ajv,
  Object.fromEntries(
    Object.entries(PARTS).map(([name, definition]) => [name, `${schema.$id}${definition && `#/$defs/${definition}`}`]),
  ),
);
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
  `const module = { exports: {} };\n(function (exports) {\n${bundled.outputFiles[0].text.trim()}\n})(module.exports);\n` +
  '/** Whether `data` follows its definition in project.schema.json; the faults of the last call are in `errors`. */\n' +
  'type Validator = ((data: unknown) => boolean) & { errors?: SchemaFault[] | null };\n' +
  `export const validators: Record<${Object.keys(PARTS)
    .map((name) => `'${name}'`)
    .join(' | ')}, Validator> = module.exports as never;\n`;
const made = [
  [new URL('project-validator.generated.ts', folder), text],
  // Published for people who read or write the format.
  [new URL('../docs/project.schema.json', import.meta.url), `${JSON.stringify(schema, null, 2)}\n`],
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
