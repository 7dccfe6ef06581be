import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { removeCluster, startCluster } from '../../../scripts/database.mjs';
import type { TestProject } from 'vitest/node';

declare module 'vitest' {
  interface ProvidedContext {
    readonly clusterUrl: string;
  }
}

/** One cluster for all tests of the server, gone when they are over. Each test file makes a database of its own in it. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-cluster-'));
  const cluster = await startCluster(folder, { fsync: false });
  project.provide('clusterUrl', cluster.url);
  return async () => {
    await cluster.stop();
    removeCluster(folder);
  };
}
