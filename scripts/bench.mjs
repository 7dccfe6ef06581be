// npm run bench [NAME...]: runs the benchmarks; each prints `name value unit` lines.
import { mkdirSync, readdirSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { build as bundle } from 'esbuild';
import { build } from './build.mjs';
import { main } from './console.mjs';
import { ROOT } from './places.mjs';

main(async () => {
  await build();
  const wanted = process.argv.slice(2);
  const names = readdirSync(join(ROOT, 'bench'))
    .map((file) => /^(.+)\.bench\.ts$/.exec(file)?.[1])
    .filter((name) => name && (wanted.length === 0 || wanted.includes(name)));
  // Beside node_modules, so that packages are found.
  const target = join(ROOT, 'build/bench');
  mkdirSync(target, { recursive: true });
  for (const name of names) {
    const outfile = join(target, `${name}.mjs`);
    await bundle({
      entryPoints: [join(ROOT, `bench/${name}.bench.ts`)],
      bundle: true,
      platform: 'node',
      format: 'esm',
      packages: 'external',
      outfile,
    });
    const { status } = spawnSync('node', [outfile], { cwd: ROOT, stdio: 'inherit' });
    if (status !== 0) process.exitCode = 1;
  }
});
