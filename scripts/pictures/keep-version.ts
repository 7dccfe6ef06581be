// Keeps what the application writes now, before its format changes: node keep-version.mjs PROJECT FACES.
import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import fc from 'fast-check';
import sharp from 'sharp';
import { commit, EMPTY_HISTORY, PROJECT_VERSION, undo, type Edit, type History, type Project } from '@kadrosyn/core';
import { sampleProjects, sampleTemplates } from '@kadrosyn/demo';
import { loadShaperFrom } from '@kadrosyn/render/node';
import { cook, editRecipes } from '../../packages/core/testing/arbitrary-edits.js';
import { testGroup, testOpening, testPhoto, testProject } from '../../packages/core/testing/test-documents.js';
import { columnOf, projectsOfVersion, SQUARE } from '../../packages/render/testing/old-versions.js';
import { sampleSource } from '../../packages/render/testing/sample-source.js';

const JOURNALS = 60;
const [root, faces] = process.argv.slice(2) as [string, string];
const folder = join(root, 'packages/core/fixtures/versions');
const pictures = join(root, 'packages/render/fixtures/versions');
const shaper = await loadShaperFrom(faces);
const samples = await sampleSource();

/** Sample and template documents as they are saved. */
function documents(): Project[] {
  const templates = sampleTemplates(samples.photos, shaper).map(({ document }) => document);
  return [...sampleProjects(samples.photos, samples.cutouts, shaper), ...templates];
}

/** What a browser keeps after somebody did, took back and did not yet save. */
function journal(recipes: Parameters<typeof cook>[0], index: number) {
  let [history, done]: [History, Edit[]] = [EMPTY_HISTORY, []];
  const start = testProject(
    [testOpening('a'), testGroup('g', [testOpening('b'), testGroup('h', [testOpening('c')])])],
    [testPhoto()],
  );
  let project = cook(recipes, start, (now, edit) => {
    const step = commit(now, history, edit);
    history = step.history;
    done.push(edit);
    return step.project;
  });
  for (let back = 0; back < index % 4; back++) {
    const step = undo(project, history);
    if (!step?.edit) break;
    ({ project, history } = step);
    done = done.slice(0, -1);
  }
  return { project, past: history.past, future: history.future, unsaved: done.slice(-(index % 6)) };
}

function write(name: string, value: unknown): void {
  writeFileSync(join(folder, `${name}-of-version-${PROJECT_VERSION}.json.gz`), gzipSync(JSON.stringify(value), { level: 9 }));
}

write('documents', documents());
write('journals', fc.sample(editRecipes, { numRuns: JOURNALS, seed: PROJECT_VERSION }).map(journal));
mkdirSync(pictures, { recursive: true });
for (const name of readdirSync(folder).filter((name) => name.startsWith('documents'))) {
  const version = Number(/(\d+)\.json\.gz$/.exec(name)![1]);
  const { names, data } = columnOf(await projectsOfVersion(version, folder), samples.source, shaper);
  const raw = { width: SQUARE, height: names.length * SQUARE, channels: 4 } as const;
  await sharp(data, { raw })
    .png({ compressionLevel: 9 })
    .toFile(join(pictures, `documents-of-version-${version}.png`));
}
