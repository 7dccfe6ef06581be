import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startApplication } from '../e2e/support/started.js';
import { figure } from './figure.js';

// Bars: a second start answers in under 5 s; the first picture of a project at most 0.5 s after its data is there.
const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-bench-'));
const from = performance.now();
await (await startApplication(folder, [], process.cwd())).stop();
figure('start.first', (performance.now() - from) / 1000, 's');
const again = performance.now();
const started = await startApplication(folder, [], process.cwd());
figure('start.second', (performance.now() - again) / 1000, 's');

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
  figure(`open.${visit}.picture`, (await ms.jsonValue())!, 'ms');
}
await browser.close();
await started.stop();
rmSync(folder, { recursive: true, force: true });
