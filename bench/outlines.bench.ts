import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { flatten, newLetterIds, outlinePath, unitedPath, type LetteringOutline, type Outline } from '@kadrosyn/core';
import { loadShaperFrom } from '@kadrosyn/render/node';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startHarness } from '../packages/render/testing/harness.js';
import { largePhoto, sheetOfMany, sheetWithCorners, sheetWithWord } from './bench-sheets.js';
import { about, figure } from './figure.js';

about(`
Frames while a letter is typed into a word that is filled with a photo, while a corner of a photo in four corners is dragged, and while one of 200
openings with photos is dragged. Outlines made and flattened, with nothing kept from before.
`);
const root = process.cwd();
const shaper = await loadShaperFrom(join(root, 'build/faces'));
const { photo, bytes } = await largePhoto();
const harness = await startHarness(root);
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage();
await page.goto(`${harness.address}/frames`);
const photos = { [photo.id]: harness.put('large', bytes) };
for (const [name, gesture, { project, itemId }] of [
  ['type-a-letter', 'letter', sheetWithWord(photo, 1080, shaper)],
  ['drag-a-corner', 'corner', sheetWithCorners(photo, 1080, shaper)],
  ['one-of-200', 'opening', sheetOfMany(photo, 1080, 200, shaper)],
] as const) {
  const request = { project, itemId, photos, scale: 1, viewport: { width: 776, height: 612 }, frames: 40, gesture };
  const times = await page.evaluate((wanted) => window.bench.timeFrames(wanted), request);
  figure(`outlines.${name}.frame`, times.drag, 'ms');
  figure(`outlines.${name}.ratio`, times.drag / times.bare, 'bare-drawImage');
}
await browser.close();
await harness.close();

const plain: readonly Outline[] = [
  { type: 'rectangle', radii: [9, 20, 0, 5] },
  { type: 'ellipse' },
  { type: 'arch' },
  { type: 'polygon', points: 6 },
  { type: 'star', points: 5, depth: 0.5 },
  { type: 'trapezoid', slant: 0.3 },
  { type: 'heart' },
  { type: 'leaf' },
  { type: 'droplet' },
  { type: 'ticket', notch: 0.2 },
  { type: 'ring', hole: 0.5 },
  { type: 'speech', tail: 0.2, reach: 0.2 },
  { type: 'torn', seed: 3, depth: 0.06 },
  { type: 'path', d: 'M.5 0C1 0 1 1 .5 1C0 1 0 0 .5 0ZM.3 .3L.3 .7L.7 .7L.7 .3Z' },
  {
    type: 'corners',
    points: [
      { x: 0, y: 0.1 },
      { x: 1, y: 0 },
      { x: 0.9, y: 1 },
      { x: 0.1, y: 0.9 },
    ],
    warp: true,
  },
];
let count = 0;
const from = performance.now();
while (performance.now() - from < 1500) {
  for (const outline of plain) flatten(outlinePath(outline, 400 + (count % 7), 300, shaper), 0.1);
  count += plain.length;
}
figure('outlines.flattened', (count / (performance.now() - from)) * 1000, 'outlines/s');
const word = (text: string): LetteringOutline => ({
  type: 'lettering',
  runs: [{ text, face: 'archivo', axes: { wght: 700 }, size: 90, tracking: 0, letterIds: newLetterIds(text) }],
  align: 'left',
  leading: 1.2,
});
let words = 0;
const start = performance.now();
while (performance.now() - start < 1500) flatten(outlinePath(word(`Wrenfold pottery ${words++}`), 900, 200, shaper), 0.1);
figure('outlines.words', (words / (performance.now() - start)) * 1000, 'words/s');
const polygons = flatten(outlinePath(word('Wrenfold Pottery'), 900, 200, shaper), 0.05);
const began = performance.now();
for (let i = 0; i < 20; i++) unitedPath(polygons);
figure('outlines.united-word', (performance.now() - began) / 20, 'ms');
