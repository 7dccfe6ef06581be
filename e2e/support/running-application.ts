import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { startApplication } from './started.js';

/** Here is what the application said while the journeys went on: how long exports waited, what failed. */
const LOG = fileURLToPath(new URL('../../test-results/application.log', import.meta.url));

/** One application for all journeys, with the samples, on a throw-away database. */
export default async function setup(): Promise<() => Promise<void>> {
  // One that runs already can be said; see npm run one.
  if (process.env['KADROSYN_ADDRESS']) return () => Promise.resolve();
  const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-journeys-'));
  const started = await startApplication(folder);
  process.env['KADROSYN_ADDRESS'] = started.address;
  return async () => {
    await started.stop();
    mkdirSync(dirname(LOG), { recursive: true });
    writeFileSync(LOG, started.output());
    rmSync(folder, { recursive: true, force: true });
  };
}
