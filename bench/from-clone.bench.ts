import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startApplication } from '../e2e/support/started.js';
import { about, figure, once } from './figure.js';

about(`
A clone of the last commit, with npm's packages in its cache and Debian's on the machine: \`./start\` until it answers, and until the first sample is
seen.
`);
once();
const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-clone-'));
const clone = join(folder, 'kadrosyn');
execFileSync('git', ['clone', '--quiet', process.cwd(), clone]);
const browser = await chromium.launch(CHROMIUM);
const from = performance.now();
const started = await startApplication(join(folder, 'data'), [], clone);
figure('clone.answers', (performance.now() - from) / 1000, 's');
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(started.address);
await page.getByRole('link', { name: /Open kiln day/ }).click();
await page.waitForFunction(() => {
  const [level] = performance.getEntriesByName('kadrosyn:level');
  return performance
    .getEntriesByType('measure')
    .some(({ name, startTime }) => level && startTime > level.startTime && name.startsWith('kadrosyn:paint'));
});
figure('clone.first.picture', (performance.now() - from) / 1000, 's', { most: 120 });
await browser.close();
await started.stop();
rmSync(folder, { recursive: true, force: true });
