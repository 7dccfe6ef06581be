import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { loadShaperFrom } from '@kadrosyn/render/node';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startHarness } from '../packages/render/testing/harness.js';
import { figure } from './figure.js';
import { largePhoto, sheetWithPhoto } from './bench-sheets.js';

// Bars: at most 2 bare drawImages for opacity, colour and tone, at most 4 for shadow and blur.
const root = process.cwd();
const shaper = await loadShaperFrom(join(root, 'build/faces'));
const { photo, bytes } = await largePhoto();
const harness = await startHarness(root);
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage();
await page.goto(`${harness.address}/frames`);
const photos = { [photo.id]: harness.put('large', bytes) };
const gestures = ['opacity', 'colour', 'tone', 'curve', 'mood', 'shadow', 'shade', 'blur', 'grain'] as const;
for (const [name, share] of [
  ['half', 0.5],
  ['fills', 1],
] as const) {
  const { project, itemId } = sheetWithPhoto(photo, 1080, share, shaper);
  for (const gesture of gestures) {
    const request = { project, itemId, photos, scale: 1, viewport: { width: 776, height: 612 }, frames: 60, gesture };
    const times = await page.evaluate((wish) => window.bench.timeFrames(wish), request);
    figure(`finish.${name}.${gesture}`, times.drag / times.bare, 'bare-drawImage');
    figure(`finish.${name}.${gesture}.frame`, times.drag, 'ms');
  }
}
await browser.close();
await harness.close();
