import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { picturePage, writePages } from '@kadrosyn/formats';
import { resolvedIn, crossingPairs, type Opening } from '@kadrosyn/core';
import { surveyCrossing, surveyOverhang } from '@kadrosyn/render';
import { loadShaperFrom, NODE_ENVIRONMENT, renderSheet } from '@kadrosyn/render/node';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { loadIngredients, sourceOf } from '../packages/render/fixtures/ingredients.js';
import { startHarness } from '../packages/render/testing/harness.js';
import { about, figure } from './figure.js';
import { scaledSheet, sheetWithBreakOut } from './bench-sheets.js';

about(`
A photo with two overhangs and three crossings: frames of a drag (the aim is 2; \`first\` are those of its first half second), a full redraw; all pieces and all crossings looked for again after
a drop, on a sheet of 1500 px; the sheet exported in Node at 4000 x 4000 px. Profiled over 200 frames of the drag: of 12.4 ms the plans of pieces and crossings
at 96 px take 3.7, layers laid on one another 3.3, the browser's own rastering of the result 3.6 (a bare drawImage: 3.7 to 4.2), all else 1.8.
`);
const root = process.cwd();
const shaper = await loadShaperFrom(join(root, 'build/faces'));
const ingredients = await loadIngredients(join(root, 'demo/pictures'));
const harness = await startHarness(root);
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage();
await page.goto(`${harness.address}/frames`);
const photos: Record<string, string> = {};
const mattes: Record<string, string> = {};
for (const { name, file, matteFile } of ingredients) {
  photos[name] = harness.put(name, file);
  if (matteFile) mattes[name] = harness.put(`${name}-matte`, matteFile);
}
const { project, itemId } = sheetWithBreakOut(shaper);
const request = { project, itemId, photos, mattes, scale: 1, viewport: { width: 776, height: 612 }, frames: 40 };
const times = await page.evaluate((wanted) => window.bench.timeFrames(wanted), request);
figure('drag.crossings.bare', times.bare, 'ms');
figure('drag.crossings.first', times.first, 'ms');
figure('drag.crossings.frame', times.drag, 'ms');
figure('drag.crossings.ratio', times.drag / times.bare, 'bare-drawImage', { most: 3 });
figure('redraw.crossings.ratio', times.whole / times.bare, 'bare-drawImage', { most: 3 });
figure('redraw.crossings.exact', times.exact, 'ms');
await browser.close();
await harness.close();

// Pieces and crossings after a drop: all that is looked at again when the photo was let go, on a sheet of 1500 px.
const source = sourceOf(ingredients);
const resources = { environment: NODE_ENVIRONMENT, photos: project.photos, source, shaper };
const large = scaledSheet(project, 2.5);
const runs: { pieces: number; crossings: number }[] = [];
for (let run = 0; run < 7; run++) {
  // Other objects than before: nothing of them is known.
  const sheet = resolvedIn(project, { ...large, items: large.items.map((item) => ({ ...item })) });
  const item = sheet.items.find((each): each is Opening => each.id === itemId)!;
  const from = performance.now();
  surveyOverhang(sheet, item, resources);
  const then = performance.now();
  for (const pair of crossingPairs(sheet, itemId)) surveyCrossing(sheet, pair, resources);
  runs.push({ pieces: then - from, crossings: performance.now() - then });
}
figure('pieces.after-drop', median(runs.map(({ pieces }) => pieces)), 'ms');
figure('crossings.after-drop', median(runs.map(({ crossings }) => crossings)), 'ms');

// Export at 4000 x 4000 from originals.
const exports: { all: number; encode: number }[] = [];
for (let run = 0; run < 3; run++) {
  const from = performance.now();
  const drawn = renderSheet(resolvedIn(project, project.sheets[0]!), 4000 / 600, {
    photos: project.photos,
    source: sourceOf(ingredients),
    shaper,
  });
  const encodeFrom = performance.now();
  await writePages('png', [picturePage(drawn, 72)]);
  exports.push({ all: performance.now() - from, encode: performance.now() - encodeFrom });
}
const best = exports.sort((a, b) => a.all - b.all)[0]!;
figure('export.break-out.4000.all', best.all, 'ms');
figure('export.break-out.4000.ratio', best.all / best.encode, 'sharp-encode', { most: 3 });

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
}
