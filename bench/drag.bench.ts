import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { loadShaperFrom } from '@kadrosyn/render/node';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startHarness } from '../packages/render/testing/harness.js';
import { about, figure } from './figure.js';
import { largePhoto, sheetWithPhoto } from './bench-sheets.js';

about(`
Frames while a photo of 24 megapixels is dragged inside its opening, on a viewport of 776 x 612 px: in an opening of half the sheet's width
(\`half\`) and in one that fills it (\`fills\`). \`bare\` is one drawImage of that photo over the whole viewport; \`redraw\` is a full redraw with warm
caches, \`exact\` that of the exact picture.
`);
const root = process.cwd();
const shaper = await loadShaperFrom(join(root, 'build/faces'));
const { photo, bytes } = await largePhoto();
const harness = await startHarness(root);
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage();
await page.goto(`${harness.address}/frames`);
const photos = { [photo.id]: harness.put('large', bytes) };
for (const [name, share] of [
  ['half', 0.5],
  ['fills', 1],
] as const) {
  const { project, itemId } = sheetWithPhoto(photo, 1080, share, shaper);
  const request = { project, itemId, photos, scale: 1, viewport: { width: 776, height: 612 }, frames: 60 };
  const times = await page.evaluate((wanted) => window.bench.timeFrames(wanted), request);
  figure(`drag.${name}.bare`, times.bare, 'ms');
  figure(`drag.${name}.frame`, times.drag, 'ms');
  figure(`drag.${name}.ratio`, times.drag / times.bare, 'bare-drawImage', { most: share < 1 ? 1 : 3 });
  figure(`redraw.${name}.ratio`, times.whole / times.bare, 'bare-drawImage', { most: 8 });
  figure(`redraw.${name}.exact`, times.exact, 'ms');
}
await browser.close();
await harness.close();
