import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import {
  resolvedIn,
  FACES as SHIPPED,
  ARTWORK,
  newArtwork,
  newLetterIds,
  newProject,
  outlinePath,
  photoIdOf,
  referencesOf,
  toPathData,
  type Cutout,
  type LetteringOutline,
  type Photo,
  type Pixels,
  type Project,
} from '@kadrosyn/core';
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
import { hardPictures } from '../packages/render/fixtures/hard-pictures.js';
import { loadIngredients, sourceOf } from '../packages/render/fixtures/ingredients.js';
import { startHarness, type Harness } from '../packages/render/testing/harness.js';
import type { DrawPlace } from '../packages/render/testing/window.js';
import { expect, test } from './support/test.js';

const FACES = fileURLToPath(new URL('../build/faces', import.meta.url));

// One after the other: they share what is read before.
test.describe.configure({ mode: 'default' });

let harness: Harness;
const files: Record<string, Buffer> = {};
const decoded: Record<string, Promise<Pixels>> = {};
/** Of photos that are cut out in a sample: light is subject. */
const coverages: Record<string, Buffer> = {};
/** Of a photo there is only one. */
const MATTE = 'c'.repeat(64);
let projects: Project[];
/** Single sheets: those of all templates, and one with every piece of artwork. */
let sheets: Project[];

test.beforeAll(async () => {
  harness = await startHarness();
  const photos: Record<string, Photo> = {};
  for (const name of SAMPLE_PHOTOS) {
    const bytes = await readFile(samplePhotoFile(name));
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const id = photoIdOf(sha256);
    const { width, height } = await (decoded[id] ??= decodePhoto(bytes));
    files[id] = bytes;
    photos[name] = { id, sha256, name, width, height };
  }
  const shaper = await loadShaperFrom(FACES);
  const cutouts: Record<string, Cutout> = {};
  for (const [name, title] of Object.entries(CUT_OUT_PICTURES)) {
    const file = await sharp(cutOutFile(name as CutOutPictureName))
      .extractChannel(0)
      .toColourspace('b-w')
      .png()
      .toBuffer();
    coverages[photos[name]!.id] = file;
    cutouts[name] = { id: name, name: title, revisions: [{ matteSha256: MATTE, marks: [] }] };
  }
  projects = sampleProjects(photos, cutouts as SampleCutouts, shaper);
  const templates = sampleTemplates(photos, shaper).map(({ document }) => document);
  sheets = [
    ...templates.flatMap((document) =>
      document.sheets.map((sheet) => ({ ...document, name: `${document.name}, ${sheet.name}`, sheets: [sheet] })),
    ),
    everyArtwork(),
  ];
});
test.afterAll(() => harness.close());

/** A sheet with all pieces of artwork, each a little turned. */
function everyArtwork(): Project {
  const [columns, cell] = [7, 160];
  const project = newProject('Every artwork', {
    width: columns * cell,
    height: Math.ceil(ARTWORK.length / columns) * cell,
    unit: 'px',
  });
  const items = ARTWORK.map((piece, index) => {
    const at = { x: ((index % columns) + 0.5) * cell, y: (Math.floor(index / columns) + 0.5) * cell };
    const item = newArtwork({ ...piece, share: 0.8 }, { width: cell, height: cell }, at);
    return { ...item, box: { ...item.box, turn: index * 3 } };
  });
  return { ...project, sheets: [{ ...project.sheets[0]!, background: { type: 'colour', colour: '#9fb0a8' }, items }] };
}

async function drawnInNode(project: Project, scale = 1): Promise<Uint8Array> {
  const source = new DecodedPhotoSource(NODE_ENVIRONMENT);
  for (const [id, photo] of Object.entries(project.photos)) {
    source.add(id, await (decoded[id] ??= decodePhoto(files[id]!)));
    if (!photo.cutouts) continue;
    const { data, info } = await sharp(coverages[id]).extractChannel(0).raw().toBuffer({ resolveWithObject: true });
    source.addMatte(id, MATTE, { width: info.width, height: info.height, data: new Uint8Array(data) });
  }
  const { data } = renderSheet(resolvedIn(project, project.sheets[0]!), scale, {
    photos: project.photos,
    source,
    shaper: await loadShaperFrom(FACES),
  });
  return new Uint8Array(data.buffer, data.byteOffset, data.byteLength);
}

const PLACES = ['window', 'worker'] as const satisfies DrawPlace[];

test('every sample project is the same in Node and in a window and a worker of Chromium', async ({ page }) => {
  await page.goto(harness.address);
  expect(projects.length).toBe(16);
  for (const [index, project] of projects.entries()) {
    const photos: Record<string, string> = {};
    const mattes: Record<string, string> = {};
    for (const [id, photo] of Object.entries(project.photos)) {
      photos[id] = harness.put(id, files[id]!);
      if (photo.cutouts) mattes[id] = harness.put(`${id}-matte`, coverages[id]!);
    }
    const expected = harness.put(`expected-${index}`, await drawnInNode(project));
    for (const place of PLACES) {
      const result = await page.evaluate(([request, where, address]) => window.compare(request, where, address), [
        { project, scale: 1, photos, mattes },
        place as DrawPlace,
        expected,
      ] as const);
      test.info().annotations.push({ type: `${project.name}, ${place}`, description: JSON.stringify(result) });
      expect(result.largest, `${project.name}, ${place}`).toBeLessThanOrEqual(1);
    }
  }
});

test('every hard picture is the same in Node and in a window and a worker of Chromium', async ({ page }) => {
  test.setTimeout(180_000);
  const ingredients = await loadIngredients();
  const source = sourceOf(ingredients);
  const shaper = await loadShaperFrom(FACES);
  const photos: Record<string, string> = {};
  const mattes: Record<string, string> = {};
  for (const { name, file, matteFile } of ingredients) {
    photos[name] = harness.put(name, file);
    if (matteFile) mattes[name] = harness.put(`${name}-matte`, matteFile);
  }
  await page.goto(harness.address);
  for (const { name, project } of hardPictures(shaper)) {
    const { data } = renderSheet(resolvedIn(project, project.sheets[0]!), 1, { photos: project.photos, source, shaper });
    const expected = harness.put(`expected-${name}`, new Uint8Array(data.buffer, data.byteOffset, data.byteLength));
    const used = Object.fromEntries([...referencesOf(project).photos].map((id) => [id, photos[id]!]));
    for (const place of PLACES) {
      const result = await page.evaluate(([request, where, address]) => window.compare(request, where, address), [
        { project, scale: 1, photos: used, mattes },
        place as DrawPlace,
        expected,
      ] as const);
      test.info().annotations.push({ type: `${name}, ${place}`, description: JSON.stringify(result) });
      expect.soft(result.largest, `${name}, ${place}`).toBeLessThanOrEqual(1);
    }
  }
});

test('every sheet of the templates and every piece of artwork is the same in Node and in Chromium', async ({ page }) => {
  await page.goto(harness.address);
  expect(sheets).toHaveLength(10);
  for (const [index, project] of sheets.entries()) {
    const photos: Record<string, string> = {};
    for (const id of Object.keys(project.photos)) photos[id] = harness.put(id, files[id]!);
    const [sheet] = project.sheets;
    const scale = Math.min(1, 900 / Math.max(sheet!.width, sheet!.height));
    const expected = harness.put(`sheet-${index}`, await drawnInNode(project, scale));
    const result = await page.evaluate(([request, address]) => window.compare(request, 'window', address), [
      { project, scale, photos },
      expected,
    ] as const);
    expect.soft(result.largest, project.name).toBeLessThanOrEqual(1);
  }
});

test('letters of every face and script have the same outlines in Node and in Chromium', async ({ page }) => {
  const texts = [
    'Wrenfold Pottery & fifty mugs',
    'Łódź, café',
    'مرحبا بكم',
    'שלום kiln 24',
    'मिट्टी के बर्तन',
    'Гончарня',
    'Κεραμική',
  ];
  const outlines = SHIPPED.flatMap(({ id, axes }) =>
    texts.map((text, index): LetteringOutline => {
      const set = Object.fromEntries(
        Object.entries(axes).map(([tag, { min, max }]) => [tag, min + ((max - min) * (index + 1)) / 8]),
      );
      const run = { text, face: id, axes: set, size: 37.3, tracking: index === 1 ? 45 : 0, letterIds: newLetterIds(text) };
      const along = index === 0 ? { along: { radius: 260, start: 33, inside: false } } : {};
      return { type: 'lettering', runs: [run], align: 'centre', leading: 1.2, ...along };
    }),
  );
  await page.goto(harness.address);
  const shaper = await loadShaperFrom(FACES);
  const there = await page.evaluate(([list, width]) => window.letterings(list, width), [outlines, 900] as const);
  const here = outlines.map((outline) => toPathData(outlinePath(outline, 900, 900, shaper), 6));
  expect(there).toEqual(here);
  expect(new Set(here).size).toBeGreaterThan(outlines.length * 0.6);
});
