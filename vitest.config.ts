import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

// Tests run on the sources, whatever has been built.
const alias = [
  { find: /^@kadrosyn\/core$/, replacement: at('packages/core/src/index.ts') },
  { find: /^@kadrosyn\/render$/, replacement: at('packages/render/src/index.ts') },
  { find: /^@kadrosyn\/render\/node$/, replacement: at('packages/render/src/node/index.ts') },
  { find: /^@kadrosyn\/formats$/, replacement: at('packages/formats/src/index.ts') },
  { find: /^@kadrosyn\/export$/, replacement: at('packages/export/src/index.ts') },
  { find: /^@kadrosyn\/contract$/, replacement: at('packages/contract/src/index.ts') },
  { find: /^@kadrosyn\/demo$/, replacement: at('demo/src/index.ts') },
];

/** Tests check results, never speed: a busy machine gets all the time it needs, and only what hangs is stopped. */
const PATIENCE_MS = 180_000;
const setupFiles = [at('scripts/repeatable-properties.ts')];
/** Files of one worker share what they load: these tests leave nothing behind, and loading took most of their time. */
const SHARED = { isolate: false, pool: 'threads' } as const;

export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'core',
          include: ['packages/core/src/**/*.test.ts'],
          testTimeout: PATIENCE_MS,
          hookTimeout: PATIENCE_MS,
          setupFiles,
          ...SHARED,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'render',
          include: ['render', 'formats', 'export', 'cli'].map((name) => `packages/${name}/src/**/*.test.ts`),
          testTimeout: PATIENCE_MS,
          hookTimeout: PATIENCE_MS,
          setupFiles,
          ...SHARED,
        },
      },
      { test: { name: 'scripts', include: ['scripts/**/*.test.mjs'], testTimeout: PATIENCE_MS } },
      {
        // The server's tasks run in threads of their own, which load what was built: these tests run on that.
        test: {
          name: 'server',
          include: ['apps/server/src/**/*.test.ts', 'apps/library/src/**/*.test.ts'],
          globalSetup: ['apps/server/testing/throw-away-cluster.ts'],
          testTimeout: PATIENCE_MS,
          hookTimeout: PATIENCE_MS,
          ...SHARED,
        },
      },
    ],
  },
});
