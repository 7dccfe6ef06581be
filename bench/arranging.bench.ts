import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import {
  fillWithPhoto,
  itemsWithin,
  newProject,
  newShapedOpening,
  outlineBounds,
  resolvedIn,
  snapTargets,
  type Photo,
} from '@kadrosyn/core';
import { loadShaperFrom } from '@kadrosyn/render/node';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startApplication } from '../e2e/support/started.js';
import { startHarness } from '../packages/render/testing/harness.js';
import { largePhoto, sheetOfMany } from './bench-sheets.js';
import { about, figure } from './figure.js';

about(`
One of 200 items dragged and snapped among the others, and what a rectangle drawn over them means at every move, against one bare drawImage of
the viewport. A sheet of 60 photos (30 files), from the answer with the project: the first picture, and all of it exact.
`);
const root = process.cwd();
const shaper = await loadShaperFrom(join(root, 'build/faces'));
const { photo, bytes } = await largePhoto();
const { project, itemId } = sheetOfMany(photo, 1080, 200, shaper);
const harness = await startHarness(root);
const browser = await chromium.launch(CHROMIUM);
const frames = await browser.newPage();
await frames.goto(`${harness.address}/frames`);
const request = {
  ...{ project, itemId, scale: 1, frames: 60, gesture: 'snapped' as const },
  photos: { [photo.id]: harness.put('large', bytes) },
  viewport: { width: 776, height: 612 },
};
const times = await frames.evaluate((wanted) => window.bench.timeFrames(wanted), request);
figure('arranging.snap-among-200.frame', times.drag, 'ms');
figure('arranging.snap-among-200.ratio', times.drag / times.bare, 'bare-drawImage');
await frames.close();
await harness.close();

const sheet = resolvedIn(project, project.sheets[0]!);
let from = performance.now();
snapTargets(sheet, new Set([itemId]), (item) => outlineBounds(item, shaper));
figure('arranging.snap-among-200.begin', performance.now() - from, 'ms');
const turns = 400;
let caught = 0;
from = performance.now();
for (let turn = 1; turn <= turns; turn++) {
  const side = (1080 * turn) / turns;
  caught += itemsWithin(sheet.items, { x: 0, y: 0, width: side, height: side }).length;
}
if (caught === 0) throw new Error('Nothing was caught');
const marquee = (performance.now() - from) / turns;
figure('arranging.marquee-over-200.frame', marquee, 'ms');
figure('arranging.marquee-over-200.ratio', marquee / times.bare, 'bare-drawImage');

const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-bench-'));
const started = await startApplication(folder, [], root);
const api = async <T>(path: string, init?: RequestInit): Promise<T> =>
  (await (await fetch(`${started.address}${path}`, init)).json()) as T;
const { photos } = await api<{ photos: Photo[] }>('/api/photos');
const used = photos.map(({ id, sha256, name, width, height }): Photo => ({ id, sha256, name, width, height }));
const openings = Array.from({ length: 60 }, (_, index) => {
  const at = { x: 100 + (index % 10) * 200, y: 100 + Math.floor(index / 10) * 200 };
  const opening = newShapedOpening(`Photo ${index + 1}`, index % 2 === 0 ? { type: 'ellipse' } : { type: 'arch' }, at, 180, 180);
  return { ...opening, fill: fillWithPhoto(opening, used[index % used.length]!, shaper) };
});
const many = newProject('Sixty photos', { width: 2000, height: 1200, unit: 'px' });
const document = {
  ...many,
  photos: Object.fromEntries(used.map((one) => [one.id, one])),
  sheets: [{ ...many.sheets[0]!, items: openings }],
};
const made = await api<{ id: string }>('/api/projects', {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ document }),
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${started.address}/projects/${made.id}`);
await page.locator('ka-sheet-stage').waitFor();
/** The end of the last paint, once no photo has arrived for a while, from when the project was there. */
const opened = await page.waitForFunction(() => {
  const data = performance
    .getEntriesByType('resource')
    .filter((entry) => /\/api\/projects\/[^/]+$/.test(entry.name))
    .at(-1) as PerformanceResourceTiming | undefined;
  const levels = performance.getEntriesByName('kadrosyn:level');
  const paints = performance.getEntriesByType('measure').filter((entry) => entry.name.startsWith('kadrosyn:paint'));
  const [last, paint] = [levels.at(-1), paints.at(-1)];
  if (!data || !last || !paint || performance.now() - last.startTime < 3000 || paint.startTime < last.startTime) return null;
  const first = paints.find((entry) => entry.startTime > levels[0]!.startTime)!;
  return { first: first.startTime + first.duration - data.responseEnd, all: paint.startTime + paint.duration - data.responseEnd };
});
const { first, all } = (await opened.jsonValue())!;
figure('arranging.60-photos.first-picture', first, 'ms');
figure('arranging.60-photos.all-exact', all, 'ms');
await browser.close();
await started.stop();
rmSync(folder, { recursive: true, force: true });
