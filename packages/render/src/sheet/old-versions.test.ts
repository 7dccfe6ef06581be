import { fileURLToPath } from 'node:url';
import type { Shaper } from '@kadrosyn/core';
import sharp from 'sharp';
import { beforeAll, expect, it } from 'vitest';
import { columnOf, projectsOfVersion, SQUARE } from '../../testing/old-versions.js';
import { sampleSource, type SampleSource } from '../../testing/sample-source.js';
import { loadShaperFrom } from '../node/index.js';

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

let samples: SampleSource;
let shaper: Shaper;
beforeAll(async () => {
  [samples, shaper] = await Promise.all([sampleSource(), loadShaperFrom(at('../../../../build/faces'))]);
});

it.each([2, 3, 4, 5, 6])('what version %i wrote looks as it did', async (version) => {
  const file = at(`../../fixtures/versions/documents-of-version-${version}.png`);
  const kept = await sharp(file).ensureAlpha().raw().toBuffer();
  const { names, data } = columnOf(
    await projectsOfVersion(version, at('../../../core/fixtures/versions')),
    samples.source,
    shaper,
  );
  expect(data).toHaveLength(kept.length);
  const size = SQUARE * SQUARE * 4;
  const most = names.map((name, index) => {
    let furthest = 0;
    for (let at = index * size; at < (index + 1) * size; at++) furthest = Math.max(furthest, Math.abs(data[at]! - kept[at]!));
    return { name, furthest };
  });
  expect(most.filter(({ furthest }) => furthest > 1)).toEqual([]);
});
