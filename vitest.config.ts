import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

// Tests run on the sources, whatever has been built.
const alias = [
  { find: /^@kadrosyn\/core$/, replacement: at('packages/core/src/index.ts') },
  { find: /^@kadrosyn\/render$/, replacement: at('packages/render/src/index.ts') },
  { find: /^@kadrosyn\/render\/node$/, replacement: at('packages/render/src/node/index.ts') },
  { find: /^@kadrosyn\/demo$/, replacement: at('demo/src/index.ts') },
];

export default defineConfig({
  test: {
    projects: [
      { resolve: { alias }, test: { name: 'core', include: ['packages/core/src/**/*.test.ts'] } },
      { resolve: { alias }, test: { name: 'render', include: ['packages/render/src/**/*.test.ts'], testTimeout: 60_000 } },
      {
        // The server's tasks run in threads of their own, which load what was built: these tests run on that.
        test: {
          name: 'server',
          include: ['apps/server/src/**/*.test.ts'],
          globalSetup: ['apps/server/testing/throw-away-cluster.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
          maxWorkers: 2,
        },
      },
    ],
  },
});
