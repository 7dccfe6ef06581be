// Draws every picture that is looked after, as PNG files: node draw.mjs FOLDER FACES. Bundled against the sources of one state of the project.
import { createHash } from 'node:crypto';
import { mkdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import sharp from 'sharp';
import { photoIdOf, type Cutout, type Photo, type Pixels, type Project } from '@kadrosyn/core';
import {
  CUT_OUT_PICTURES,
  cutOutFile,
  SAMPLE_PHOTOS,
  samplePhotoFile,
  sampleProjects,
  sampleTemplates,
  type CutOutPictureName,
  type SampleCutouts,
} from '@kadrosyn/demo';
import { DecodedPhotoSource } from '@kadrosyn/render';
import { decodePhoto, loadShaperFrom, NODE_ENVIRONMENT, renderSheet } from '@kadrosyn/render/node';
import { hardPictures } from '../../packages/render/fixtures/hard-pictures.js';
import { loadIngredients, sourceOf } from '../../packages/render/fixtures/ingredients.js';

const [folder, faces] = process.argv.slice(2) as [string, string];
/** Of a photo there is only one. */
const MATTE = 'c'.repeat(64);
const shaper = await loadShaperFrom(faces);

async function write(kind: string, name: string, { width, height, data }: Pixels): Promise<void> {
  const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
  const file = await sharp(bytes, { raw: { width, height, channels: 4 } })
    .png({ compressionLevel: 1 })
    .toBuffer();
  await mkdir(join(folder, kind), { recursive: true });
  await writeFile(join(folder, kind, `${name.replaceAll('/', ' ')}.png`), file);
}

const source = new DecodedPhotoSource(NODE_ENVIRONMENT);
const photos: Record<string, Photo> = {};
const cutouts: Record<string, Cutout> = {};
for (const name of SAMPLE_PHOTOS) {
  const bytes = await readFile(samplePhotoFile(name));
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  const pixels = await decodePhoto(bytes);
  const id = photoIdOf(sha256);
  photos[name] = { id, sha256, name, width: pixels.width, height: pixels.height };
  source.add(id, pixels);
}
for (const [name, title] of Object.entries(CUT_OUT_PICTURES)) {
  const { data, info } = await sharp(cutOutFile(name as CutOutPictureName))
    .extractChannel(0)
    .toColourspace('b-w')
    .raw()
    .toBuffer({ resolveWithObject: true });
  source.addMatte(photos[name]!.id, MATTE, { width: info.width, height: info.height, data: new Uint8Array(data) });
  cutouts[name] = { id: name, name: title, revisions: [{ matteSha256: MATTE, marks: [] }] };
}

async function writeSheets(kind: string, project: Project): Promise<void> {
  for (const sheet of project.sheets) {
    const name = project.sheets.length > 1 ? `${project.name}, ${sheet.name}` : project.name;
    await write(kind, name, renderSheet(sheet, 1, { photos: project.photos, source, shaper }));
  }
}

for (const project of sampleProjects(photos, cutouts as SampleCutouts, shaper)) await writeSheets('samples', project);
for (const { document } of sampleTemplates(photos, shaper)) await writeSheets('templates', document);
const small = sourceOf(await loadIngredients());
for (const { name, project } of hardPictures(shaper)) {
  await write('hard pictures', name, renderSheet(project.sheets[0]!, 1, { photos: project.photos, source: small, shaper }));
}
