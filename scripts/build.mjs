// Builds what changed: faces, packages and server by tsc, the web application by the Angular builder.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { main } from './console.mjs';
import { ROOT } from './places.mjs';
import { run } from './run-command.mjs';

const SKIPPED = new Set(['node_modules', 'dist', '.angular', 'coverage']);

/** A number for the names, sizes and contents of files below `folders`. */
function fingerprint(folders) {
  const hash = createHash('sha256');
  const visit = (path) => {
    const stat = statSync(path);
    if (stat.isDirectory()) {
      for (const name of readdirSync(path).sort()) if (!SKIPPED.has(name)) visit(join(path, name));
    } else if (!/\.test\.ts$/.test(path)) {
      hash.update(path.slice(ROOT.length)).update(readFileSync(path));
    }
  };
  for (const folder of folders) visit(join(ROOT, folder));
  return hash.digest('hex');
}

async function whenChanged(name, folders, target, build) {
  const mark = join(ROOT, 'build', `${name}.fingerprint`);
  const now = fingerprint(folders);
  if (existsSync(target) && existsSync(mark) && readFileSync(mark, 'utf8') === now) return false;
  await build();
  mkdirSync(dirname(mark), { recursive: true });
  writeFileSync(mark, now);
  return true;
}

/** @returns which parts were built, as a remark. */
export async function build() {
  const built = [];
  const bin = (name) => join(ROOT, 'node_modules/.bin', name);
  const lock = 'package-lock.json';
  const sources = ['packages/core/src', 'packages/render/src', 'tsconfig.base.json', lock];
  if (
    await whenChanged('faces', ['scripts/build-faces.mjs', lock], join(ROOT, 'build/faces'), () =>
      run('node', ['scripts/build-faces.mjs'], { cwd: ROOT }),
    )
  ) {
    built.push('faces');
  }
  const serverTarget = join(ROOT, 'apps/server/dist/main.js');
  if (
    await whenChanged(
      'server',
      [...sources, 'demo/src', 'apps/library/src', 'apps/server/src', 'packages/cli/src'],
      serverTarget,
      () => run(bin('tsc'), ['-b'], { cwd: ROOT }),
    )
  ) {
    built.push('server');
  }
  const webTarget = join(ROOT, 'apps/web/dist/browser/index.html');
  const web = [
    'apps/web/src',
    'apps/web/public',
    'apps/web/angular.json',
    'apps/web/tsconfig.json',
    'apps/web/tsconfig.app.json',
  ];
  if (
    await whenChanged('web', [...sources, ...web], webTarget, () =>
      run(bin('ng'), ['build'], { cwd: join(ROOT, 'apps/web'), env: { ...process.env, NG_CLI_ANALYTICS: 'false' } }),
    )
  ) {
    built.push('web application');
  }
  return built.length > 0 ? built.join(', ') : 'unchanged';
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) main(async () => console.log(await build()));
