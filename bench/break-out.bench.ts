import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { loadShaperFrom } from '@kadrosyn/render/node';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { loadIngredients } from '../packages/render/fixtures/ingredients.js';
import { startHarness } from '../packages/render/testing/harness.js';
import { figure } from './figure.js';
import { sheetWithBreakOut } from './bench-sheets.js';

// Dragging a photo with two overhangs and three crossings: aim 2, at most 4 bare drawImages.
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
const times = await page.evaluate((wish) => window.bench.timeFrames(wish), request);
figure('drag.crossings.bare', times.bare, 'ms');
figure('drag.crossings.frame', times.drag, 'ms');
figure('drag.crossings.ratio', times.drag / times.bare, 'bare-drawImage');
figure('redraw.crossings.ratio', times.whole / times.bare, 'bare-drawImage');
figure('redraw.crossings.exact', times.exact, 'ms');
await browser.close();
await harness.close();
