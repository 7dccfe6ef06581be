import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { whenChanged } from './when-changed.mjs';

let root;
let builds;
beforeEach(() => {
  root = mkdtempSync(join(tmpdir(), 'kadrosyn-built-'));
  builds = [];
  mkdirSync(join(root, 'src/inner'), { recursive: true });
  writeFileSync(join(root, 'src/a.ts'), 'a');
  writeFileSync(join(root, 'src/inner/b.ts'), 'b');
});
afterEach(() => rmSync(root, { recursive: true, force: true }));

/** Writes what the sources hold, as a builder does. */
function build() {
  const make = (force) => {
    builds.push(force);
    mkdirSync(join(root, 'out/deep'), { recursive: true });
    for (const name of ['a.js', 'deep/b.js']) writeFileSync(join(root, 'out', name), readFileSync(join(root, 'src/a.ts')));
  };
  return whenChanged('thing', ['src', 'nowhere.json'], ['out'], make, root);
}

describe('building what changed', () => {
  it('builds once, and again when a source is another', async () => {
    expect([await build(), await build()]).toEqual([true, false]);
    writeFileSync(join(root, 'src/inner/b.ts'), 'other');
    expect([await build(), await build()]).toEqual([true, false]);
    writeFileSync(join(root, 'src/c.ts'), 'new');
    expect(await build()).toBe(true);
    rmSync(join(root, 'src/c.ts'));
    expect(await build()).toBe(true);
    expect(builds).toEqual([true, false, false, false]);
  });

  it('goes by what came of it too: outputs that are gone or cut off are made again, by force', async () => {
    await build();
    rmSync(join(root, 'out/deep/b.js'));
    expect([await build(), await build()]).toEqual([true, false]);
    writeFileSync(join(root, 'out/a.js'), '');
    expect(await build()).toBe(true);
    rmSync(join(root, 'out'), { recursive: true });
    expect(await build()).toBe(true);
    expect(builds).toEqual([true, true, true, true]);
  });

  it('does not build for tests, and builds again where its mark is not to be read', async () => {
    await build();
    writeFileSync(join(root, 'src/a.test.ts'), 'test');
    expect(await build()).toBe(false);
    writeFileSync(join(root, 'build/thing.built.json'), '{"finger');
    expect([await build(), await build()]).toEqual([true, false]);
  });

  it('is not taken for built when building fails', async () => {
    const fail = () => whenChanged('thing', ['src'], ['out'], () => Promise.reject(new Error('broken')), root);
    await expect(fail()).rejects.toThrow('broken');
    expect(await build()).toBe(true);
  });
});
