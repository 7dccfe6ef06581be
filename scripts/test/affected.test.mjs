import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { ROOT } from '../places.mjs';
import { affectedBy } from './affected.mjs';

describe('what a change affects', () => {
  it('goes from what is changed to what rests on it', () => {
    expect(affectedBy(['packages/core/src/fit/cover.ts']).parts).toEqual(['static', 'core', 'render', 'server', 'web', 'e2e']);
    expect(affectedBy(['packages/core/src/fit/cover.test.ts']).parts).toEqual(['static', 'core']);
    expect(affectedBy(['apps/server/src/seed.ts']).parts).toEqual(['static', 'server', 'e2e']);
    expect(affectedBy(['apps/web/src/app/interface/hsl.spec.ts']).parts).toEqual(['static', 'web']);
    expect(affectedBy(['docs/words.md', 'bench/drag.bench.ts']).parts).toEqual(['static', 'scripts']);
    expect(affectedBy([])).toEqual({ parts: [], journeys: [] });
  });

  it('runs all that there is for what it does not know', () => {
    const all = affectedBy(['package-lock.json']);
    expect(all).toEqual({ parts: ['static', 'scripts', 'core', 'render', 'server', 'web', 'e2e'], journeys: null });
    expect(affectedBy(['scripts/start/supervisor.mjs'])).toEqual(all);
  });

  it('runs single journeys where nothing else was changed that they use', () => {
    expect(affectedBy(['e2e/saving.spec.ts', 'docs/words.md']).journeys).toEqual(['saving.spec.ts']);
    expect(affectedBy(['e2e/saving.spec.ts', 'e2e/support/editor.ts']).journeys).toBeNull();
    expect(affectedBy(['e2e/saving.spec.ts', 'apps/web/src/main.ts']).journeys).toBeNull();
  });

  it('knows a part for each file of the application', () => {
    const files = ['packages', 'apps', 'demo', 'e2e', 'bench'].flatMap((folder) =>
      readdirSync(join(ROOT, folder), { recursive: true, withFileTypes: true })
        .filter((entry) => entry.isFile() && !/node_modules|\/dist|\.angular/.test(entry.parentPath))
        .map((entry) => join(entry.parentPath, entry.name).slice(ROOT.length + 1)),
    );
    expect(files.length).toBeGreaterThan(500);
    for (const file of files) expect(affectedBy([file]).parts, file).toContain('static');
  });
});
