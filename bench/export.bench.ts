import { resolvedIn } from '@kadrosyn/core';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { picturePage, writePages } from '@kadrosyn/formats';
import { DecodedPhotoSource } from '@kadrosyn/render';
import { decodePhoto, loadShaperFrom, NODE_ENVIRONMENT, renderSheet } from '@kadrosyn/render/node';
import { readFile } from 'node:fs/promises';
import { samplePhotoFile } from '@kadrosyn/demo';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startHarness } from '../packages/render/testing/harness.js';
import { about, figure } from './figure.js';
import { sheetWithPhoto } from './bench-sheets.js';

about(`
A sheet of 2000 x 2000 px drawn and written as PNG: in Node against sharp's encode of the same pixels at level 6, in the browser against its own
encode.
`);
const root = process.cwd();
const shaper = await loadShaperFrom(join(root, 'build/faces'));
const bytes = await readFile(samplePhotoFile('lake-dusk'));
const pixels = await decodePhoto(bytes);
const photo = { id: 'photo_bench', sha256: 'c'.repeat(64), name: 'lake', width: pixels.width, height: pixels.height };
const { project } = sheetWithPhoto(photo, 2000, 1, shaper);
const sheet = resolvedIn(project, project.sheets[0]!);

const times: { all: number; encode: number }[] = [];
for (let run = 0; run < 4; run++) {
  const source = new DecodedPhotoSource(NODE_ENVIRONMENT);
  source.add(photo.id, pixels);
  const from = performance.now();
  const drawn = renderSheet(sheet, 1, { photos: project.photos, source, shaper });
  const encodeFrom = performance.now();
  await writePages('png', [picturePage(drawn, 72)]);
  times.push({ all: performance.now() - from, encode: performance.now() - encodeFrom });
}
const best = times.slice(1).sort((a, b) => a.all - b.all)[0]!;
figure('export.node.2000.all', best.all, 'ms');
figure('export.node.2000.encode', best.encode, 'ms');
figure('export.node.2000.ratio', best.all / best.encode, 'sharp-encode', { most: 2.5 });

const harness = await startHarness(root);
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage();
await page.goto(`${harness.address}/frames`);
const request = { project, scale: 1, photos: { [photo.id]: harness.put('lake', bytes) } };
const inBrowser = await page.evaluate((wanted) => window.bench.timeExport(wanted), request);
figure('export.browser.2000.all', inBrowser.all, 'ms');
figure('export.browser.2000.ratio', inBrowser.all / inBrowser.encode, 'own-encode', { most: 3 });
await browser.close();
await harness.close();
