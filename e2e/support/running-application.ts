import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startApplication } from './started.js';

/** One application for all journeys, with the samples, on a throw-away database. */
export default async function setup(): Promise<() => Promise<void>> {
  // One that runs already can be said; see npm run one.
  if (process.env['KADROSYN_ADDRESS']) return () => Promise.resolve();
  const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-journeys-'));
  const started = await startApplication(folder);
  process.env['KADROSYN_ADDRESS'] = started.address;
  return async () => {
    await started.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
