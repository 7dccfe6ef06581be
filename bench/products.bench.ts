import { readFile } from 'node:fs/promises';
import { findFolds, imprintOf, resolveSheet, resolvedIn, type Project, type Shaper } from '@kadrosyn/core';
import { SAMPLE_PHOTOS, samplePhotoFile, sampleProjects } from '@kadrosyn/demo';
import { loadShaperFrom, renderSheet } from '@kadrosyn/render/node';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startHarness } from '../packages/render/testing/harness.js';
import {
  clothOff,
  MUG,
  MUG_RADIUS,
  mugTruth,
  toteHandles,
  toteSurface,
  tubeOff,
} from '../packages/core/testing/product-truth.js';
import { tubeSurface } from '../packages/core/src/geometry/tube-surface.js';
import { samplePixels } from '../packages/render/fixtures/sample-areas.js';
import { sampleSource } from '../packages/render/testing/sample-source.js';
import { about, figure } from './figure.js';

about(`
Imprints on products against the truth of their scenes: how far what lies round the mug and on the cloth of the bag is off, px of photos that are 2000 px
wide, and how wide 80 mm come out. Times of prints are of Node, one thread, at 2000 x 2000; frames are those of a browser while artwork is dragged on a product,
on a viewport of 776 x 612 px, and \`exact\` is the exact picture with the imprint drawn anew, which the editor has made in a worker.
`);

const tube = tubeOff(MUG);
figure('products.tube.rms', tube.rms, 'px', { most: 1 });
figure('products.tube.worst', tube.worst, 'px');
const half = (80 / 2 / MUG_RADIUS) * (180 / Math.PI);
const print = tubeSurface({ ...MUG, half })!;
const wide = print.seen(1, 0.5)!.x - print.seen(0, 0.5)!.x;
const truth = mugTruth(40 / MUG_RADIUS, 0.5).x - mugTruth(-40 / MUG_RADIUS, 0.5).x;
figure('products.true-size.80mm', 100 * Math.abs(wide / truth - 1), '%', { most: 1 });
const { source, photos, cutouts } = await sampleSource();
const bag = await samplePixels('tote-blank');
const from = performance.now();
const folds = findFolds(bag, { points: toteHandles() })!;
figure('products.folds', performance.now() - from, 'ms');
const cloth = clothOff(toteSurface(folds));
figure('products.cloth.rms', cloth.rms, 'px', { most: 1.6 });
figure('products.cloth.worst', cloth.worst, 'px', { most: 4 });
figure('products.cloth.without-folds.rms', clothOff(toteSurface()).rms, 'px');

const shaper: Shaper = await loadShaperFrom('build/faces');
const samples = sampleProjects(photos, cutouts, shaper);
const PRODUCTS = [
  ['mug', 'Mug listing'],
  ['tote', 'Tote bag'],
] as const;
for (const [name, title] of PRODUCTS) {
  const project: Project = samples.find((sample) => sample.name === title)!;
  const [sheet] = project.sheets;
  const resources = { photos: project.photos, source, shaper };
  const time = (draw: () => unknown): number => {
    const times = Array.from({ length: 3 }, () => {
      const from = performance.now();
      draw();
      return performance.now() - from;
    });
    return times.sort((a, b) => a - b)[1]!;
  };
  const hosted = sheet!.items.filter((item) => item.type === 'opening' && imprintOf(project, item));
  const bare = { ...sheet!, items: sheet!.items.filter((item) => !hosted.includes(item)) };
  const whole = time(() => renderSheet(resolveSheet(project, sheet!.id)!, 1, resources));
  const without = time(() => renderSheet(resolvedIn(project, bare), 1, resources));
  figure(`products.${name}.print`, whole - without, 'ms');
}

const harness = await startHarness(process.cwd());
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage();
await page.goto(`${harness.address}/frames`);
for (const [name, title] of PRODUCTS) {
  const project = samples.find((sample) => sample.name === title)!;
  const names = SAMPLE_PHOTOS.filter((photo) => photos[photo]!.id in project.photos);
  const files = names.map(
    async (photo) => [photos[photo]!.id, harness.put(photo, await readFile(samplePhotoFile(photo)))] as const,
  );
  const request = {
    project,
    photos: Object.fromEntries(await Promise.all(files)),
    itemId: project.sheets[0]!.items.find((item) => item.type === 'opening' && item.role === 'background')!.id,
    gesture: 'imprint' as const,
    scale: 1,
    viewport: { width: 776, height: 612 },
    frames: 60,
  };
  const times = await page.evaluate((wanted) => window.bench.timeFrames(wanted), request);
  figure(`products.${name}.drag.bare`, times.bare, 'ms');
  figure(`products.${name}.drag.frame`, times.drag, 'ms');
  figure(`products.${name}.drag.ratio`, times.drag / times.bare, 'bare-drawImage', { most: 4 });
  figure(`products.${name}.drag.exact`, times.exact, 'ms', { most: 150 });
}
await browser.close();
await harness.close();
