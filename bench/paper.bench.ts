import type { ExportFile } from '@kadrosyn/contract';
import { referencesOf } from '@kadrosyn/core';
import { SAMPLE_PHOTOS, sampleProjects, samplePhotoFile } from '@kadrosyn/demo';
import { loadShaperFrom } from '@kadrosyn/render/node';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { fileSizes, writeSheets, type WriteTask } from '@kadrosyn/export';
import { sampleSource } from '../packages/render/testing/sample-source.js';
import { about, figure } from './figure.js';

about(`
The poster of the samples, A3: as PDF with pictures at 300 dpi against a PNG as fine, in the server's own code; and how long it takes to write a sheet of 2 million px
at the qualities of the curve of sizes, without drawing it.
`);
const facesFolder = join(process.cwd(), 'build/faces');
const { photos, cutouts } = await sampleSource();
const project = sampleProjects(photos, cutouts, await loadShaperFrom(facesFolder)).find(
  ({ name }) => name === 'Open kiln poster',
)!;
const [sheet] = project.sheets;
const photoFiles: Record<string, { bytes: Uint8Array; level: number }> = {};
for (const name of SAMPLE_PHOTOS) {
  const { id } = photos[name]!;
  if (referencesOf(project).photos.has(id)) photoFiles[id] = { bytes: await readFile(samplePhotoFile(name)), level: 0 };
}
const task = (file: ExportFile): WriteTask => ({
  project,
  sheetIds: [sheet!.id],
  file,
  photoFiles,
  matteFiles: {},
  facesFolder,
  faceFiles: {},
});

const times: { readonly pdf: number; readonly png: number }[] = [];
for (let run = 0; run < 4; run++) {
  const took = async (file: ExportFile): Promise<number> => {
    const from = performance.now();
    await writeSheets(task(file));
    return performance.now() - from;
  };
  times.push({ png: await took({ type: 'png', scale: 300 / sheet!.dpi }), pdf: await took({ type: 'pdf', dpi: 300 }) });
}
// The first loads what is needed.
const ratios = times
  .slice(1)
  .map(({ pdf, png }) => pdf / png)
  .sort((a, b) => a - b);
figure('paper.poster.pdf', Math.min(...times.map(({ pdf }) => pdf)), 'ms');
figure('paper.poster.ratio', ratios[1]!, 'PNG', { most: 2 });

const scale = Math.sqrt(2e6 / (sheet!.width * sheet!.height));
const curves: number[] = [];
for (let run = 0; run < 4; run++) {
  const drawnFrom = performance.now();
  const one = await writeSheets(task({ type: 'jpeg', scale, quality: 90 }));
  const drawing = 'file' in one ? performance.now() - drawnFrom - one.times.encode : 0;
  const from = performance.now();
  await fileSizes(task({ type: 'jpeg', scale }));
  curves.push(performance.now() - from - drawing);
}
figure('paper.sizes.2mp', curves.slice(1).sort((a, b) => a - b)[1]!, 'ms', { most: 400 });
