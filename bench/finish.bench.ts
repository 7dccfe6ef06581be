import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import type { Photo } from '@kadrosyn/core';
import { loadShaperFrom } from '@kadrosyn/render/node';
import { CHROMIUM } from '../e2e/support/chromium.js';
import { startApplication } from '../e2e/support/started.js';
import { startHarness } from '../packages/render/testing/harness.js';
import { about, figure } from './figure.js';
import { largePhoto, sheetWithPhoto } from './bench-sheets.js';

about(`
Frames while a slider of the finish is moved, for a photo of 24 megapixels in half the sheet's width (\`half\`) and filling it (\`fills\`). \`rest\` is the
time from letting a slider go to the exact picture in the application, for a photo that fills the sheet and has a shadow.
`);
const root = process.cwd();
const shaper = await loadShaperFrom(join(root, 'build/faces'));
const { photo, bytes } = await largePhoto();
const harness = await startHarness(root);
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage();
await page.goto(`${harness.address}/frames`);
const photos = { [photo.id]: harness.put('large', bytes) };
const HEAVY: ReadonlySet<string> = new Set(['shadow', 'shade', 'blur', 'grain']);
const gestures = ['opacity', 'colour', 'tone', 'curve', 'mood', 'shadow', 'shade', 'blur', 'grain'] as const;
for (const [name, share] of [
  ['half', 0.5],
  ['fills', 1],
] as const) {
  const { project, itemId } = sheetWithPhoto(photo, 1080, share, shaper);
  for (const gesture of gestures) {
    const request = { project, itemId, photos, scale: 1, viewport: { width: 776, height: 612 }, frames: 60, gesture };
    const times = await page.evaluate((wanted) => window.bench.timeFrames(wanted), request);
    figure(`finish.${name}.${gesture}`, times.drag / times.bare, 'bare-drawImage', { most: HEAVY.has(gesture) ? 4 : 2 });
    figure(`finish.${name}.${gesture}.frame`, times.drag, 'ms');
  }
}
await page.close();
await harness.close();

// In the application: how long after a slider is let go the sheet is exact again.
const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-bench-'));
const started = await startApplication(folder, [], root);
const form = new FormData();
form.append('file', new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' }), 'large.jpg');
const uploaded = (await (await fetch(`${started.address}/api/photos`, { method: 'POST', body: form })).json()) as {
  files: { photo: Photo }[];
};
const { id, sha256, name: photoName, width, height } = uploaded.files[0]!.photo;
const { project: document } = sheetWithPhoto({ id, sha256, name: photoName, width, height }, 1080, 1, shaper);
const made = (await (
  await fetch(`${started.address}/api/projects`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ document }),
  })
).json()) as { id: string };
const app = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await app.goto(`${started.address}/projects/${made.id}`);
const depth = app.getByRole('region', { name: 'Depth' });
await depth.getByRole('button', { name: /^Photo/ }).click();
const panel = app.getByRole('region', { name: 'What is selected' });
await panel.getByRole('tab', { name: 'Finish' }).click();
await panel.getByRole('checkbox', { name: 'Shadow' }).check();
await panel.getByRole('button', { name: /^Tone of the photo/ }).click();
await panel.getByRole('button', { name: /^Blur and effects/ }).click();
await app.waitForTimeout(3000);
/** Drags a slider, and gives the ms from letting it go to the exact picture. */
async function rest(slider: string, turn: number): Promise<number> {
  const track = panel.getByRole('slider', { name: `${slider} slider` }).last();
  await track.scrollIntoViewIfNeeded();
  const box = (await track.boundingBox())!;
  const [y, from] = [box.y + box.height / 2, 0.45 + turn * 0.05];
  await app.mouse.move(box.x + box.width * from, y);
  await app.mouse.down();
  for (let step = 1; step <= 8; step++) await app.mouse.move(box.x + box.width * (from + step * 0.02), y);
  await app.evaluate(() => addEventListener('pointerup', () => performance.mark('bench:let-go'), { once: true, capture: true }));
  await app.mouse.up();
  const found = await app.waitForFunction(() => {
    const letGo = performance.getEntriesByName('bench:let-go').at(-1);
    const exact = performance.getEntriesByName('kadrosyn:exact').find(({ startTime }) => letGo && startTime > letGo.startTime);
    return letGo && exact ? exact.startTime - letGo.startTime : null;
  });
  return (await found.jsonValue())!;
}

for (const slider of ['Softness', 'Warmth', 'Saturation', 'Blur', 'Grain']) {
  const times: number[] = [];
  for (let turn = 0; turn < 5; turn++) times.push(await rest(slider, turn));
  figure(`finish.rest.${slider.toLowerCase()}`, times.sort((a, b) => a - b)[2]!, 'ms', { most: 150 });
}
await browser.close();
await started.stop();
rmSync(folder, { recursive: true, force: true });
