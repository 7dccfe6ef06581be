import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startApplication } from '../e2e/support/started.js';
import { about, figure } from './figure.js';

about(`
\`./start\` with everything built, until it answers: with an empty data folder, and again. \`open\` is the time from the answer with the project
until its first picture is on the screen, with fetching and decoding the photos, at the first and the second visit.
`);
const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-bench-'));
const from = performance.now();
await (await startApplication(folder, [], process.cwd())).stop();
figure('start.first', (performance.now() - from) / 1000, 's');
const again = performance.now();
const started = await startApplication(folder, [], process.cwd());
figure('start.second', (performance.now() - again) / 1000, 's', { most: 5 });

const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
for (const visit of ['first', 'second']) {
  await page.goto(started.address);
  await page.getByRole('link', { name: /Open kiln day/ }).click();
  await page.locator('ka-sheet-stage').waitFor();
  const ms = await page.waitForFunction(() => {
    const data = performance
      .getEntriesByType('resource')
      .filter((entry) => /\/api\/projects\/[^/]+$/.test(entry.name))
      .at(-1);
    const level = performance.getEntriesByName('kadrosyn:level').at(0);
    const paints = performance.getEntriesByType('measure').filter((entry) => entry.name.startsWith('kadrosyn:paint'));
    const first = paints.find((entry) => level && entry.startTime > level.startTime);
    return data && first ? first.startTime + first.duration - (data as PerformanceResourceTiming).responseEnd : null;
  });
  figure(`open.${visit}.picture`, (await ms.jsonValue())!, 'ms', { most: 500 });
}
await browser.close();
await started.stop();
rmSync(folder, { recursive: true, force: true });
