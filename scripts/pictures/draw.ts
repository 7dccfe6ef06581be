// Draws every picture that is looked after, as PNG files: node draw.mjs FOLDER FACES. Bundled against the sources of one state of the project.
import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import sharp from 'sharp';
import { resolvedIn, type Pixels, type Project } from '@kadrosyn/core';
import { sampleProjects, sampleTemplates } from '@kadrosyn/demo';
import { loadShaperFrom, renderSheet } from '@kadrosyn/render/node';
import { hardPictures } from '../../packages/render/fixtures/hard-pictures.js';
import { loadIngredients, sourceOf } from '../../packages/render/fixtures/ingredients.js';
import { sampleSource } from '../../packages/render/testing/sample-source.js';

const [folder, faces] = process.argv.slice(2) as [string, string];
const shaper = await loadShaperFrom(faces);

async function write(kind: string, name: string, { width, height, data }: Pixels): Promise<void> {
  const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
  const file = await sharp(bytes, { raw: { width, height, channels: 4 } })
    .png({ compressionLevel: 1 })
    .toBuffer();
  await mkdir(join(folder, kind), { recursive: true });
  await writeFile(join(folder, kind, `${name.replaceAll('/', ' ')}.png`), file);
}

const { source, photos, cutouts } = await sampleSource();

async function writeSheets(kind: string, project: Project): Promise<void> {
  for (const sheet of project.sheets) {
    const name = project.sheets.length > 1 ? `${project.name}, ${sheet.name}` : project.name;
    const drawn = resolvedIn(project, sheet);
    await write(kind, name, renderSheet(drawn, 1, { photos: project.photos, source, shaper }));
  }
}

for (const project of sampleProjects(photos, cutouts, shaper)) await writeSheets('samples', project);
for (const { document } of sampleTemplates(photos, shaper)) await writeSheets('templates', document);
const small = sourceOf(await loadIngredients());
for (const { name, project } of hardPictures(shaper)) {
  await write(
    'hard pictures',
    name,
    renderSheet(resolvedIn(project, project.sheets[0]!), 1, { photos: project.photos, source: small, shaper }),
  );
}
