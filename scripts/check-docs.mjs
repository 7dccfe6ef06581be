// Checks that every file and folder that the documents name is there.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './places.mjs';

/** Short names in documents, and what they stand for. */
const SHORT = {
  'core/': 'packages/core/src/',
  'render/': 'packages/render/src/',
  'web/': 'apps/web/src/app/',
  'server/': 'apps/server/src/',
};
const PLACE = /^(packages|apps|scripts|e2e|bench|demo|docs|core|render|web|server)\/[\w./-]+$/;

const documents = [
  'README.md',
  ...readdirSync(join(ROOT, 'docs'))
    .filter((name) => name.endsWith('.md'))
    .map((name) => `docs/${name}`),
];
const faults = [];
let count = 0;
for (const document of documents) {
  for (const [, named] of readFileSync(join(ROOT, document), 'utf8').matchAll(/`([^`\s]+)`/g)) {
    if (!PLACE.test(named)) continue;
    count++;
    const candidates = [
      named,
      ...Object.entries(SHORT).flatMap(([short, long]) => (named.startsWith(short) ? [long + named.slice(short.length)] : [])),
    ];
    // Packages may be named with their folder of sources.
    const packaged = /^(core|render)\/src\//.test(named) ? [`packages/${named}`] : [];
    if (![...candidates, ...packaged].some((path) => existsSync(join(ROOT, path))))
      faults.push(`${document} names ${named}, which is not there`);
  }
}
if (count === 0) faults.push('The documents name no file: this check reads them wrongly.');
if (faults.length > 0) {
  console.error(faults.join('\n'));
  process.exit(1);
}
