// Builds what changed: assets, packages and servers by tsc, the web application by the Angular builder.
import { rmSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { join } from 'node:path';
import { whenChanged } from './build/when-changed.mjs';
import { main } from './console.mjs';
import { ROOT } from './places.mjs';
import { run } from './run-command.mjs';

const bin = (name) => join(ROOT, 'node_modules/.bin', name);
const lock = 'package-lock.json';
const PACKAGES = ['core', 'render', 'formats', 'contract'].flatMap((name) => [
  `packages/${name}/src`,
  `packages/${name}/tsconfig.json`,
]);
const WEB = ['src', 'public', 'angular.json', 'package.json', 'tsconfig.json', 'tsconfig.app.json', 'tsconfig.worker.json'];

/** The faces for lettering, HarfBuzz and OpenCV for the browser. */
export function buildAssets() {
  const outputs = ['build/faces', 'apps/web/public/harfbuzz.wasm', 'apps/web/public/opencv.js'];
  return whenChanged('assets', ['scripts/build-assets.mjs', lock], outputs, () =>
    run('node', ['scripts/build-assets.mjs'], { cwd: ROOT }),
  );
}

/** Core, renderer, formats and contract, which all else rests on. */
export function buildPackages() {
  return whenChanged(
    'packages',
    [...PACKAGES, 'tsconfig.base.json', lock],
    ['packages/core/dist', 'packages/render/dist', 'packages/formats/dist', 'packages/contract/dist'],
    (mayLack) =>
      tsc(
        ['packages/render', 'packages/formats', 'packages/contract'],
        mayLack ? ['packages/core', 'packages/render', 'packages/formats', 'packages/contract'] : [],
      ),
  );
}

/** Samples, servers and the command line. `buildPackages` must have ended. */
export function buildServer() {
  const own = ['demo', 'packages/export', 'apps/library', 'apps/server', 'packages/cli'];
  return whenChanged(
    'server',
    [
      ...PACKAGES,
      ...own.flatMap((place) => [`${place}/src`, `${place}/tsconfig.json`]),
      'tsconfig.base.json',
      'tsconfig.json',
      lock,
    ],
    own.map((place) => `${place}/dist`),
    (mayLack) => tsc(own, mayLack ? own : []),
  );
}

/** The web application. `buildAssets` and `buildPackages` must have ended. */
export function buildWeb() {
  return whenChanged(
    'web',
    [...PACKAGES, ...WEB.map((place) => `apps/web/${place}`), 'tsconfig.base.json', lock],
    ['apps/web/dist/browser'],
    () => run(bin('ng'), ['build'], { cwd: join(ROOT, 'apps/web'), env: { ...process.env, NG_CLI_ANALYTICS: 'false' } }),
  );
}

/** All of it, side by side where that is possible. @returns which parts were built, as a remark. */
export async function build() {
  const [assets, packages] = await Promise.all([buildAssets(), buildPackages()]);
  const [server, web] = await Promise.all([buildServer(), buildWeb()]);
  const built = Object.entries({ assets, packages, server, web }).filter(([, isBuilt]) => isBuilt);
  return built.length > 0 ? built.map(([name]) => name).join(', ') : 'unchanged';
}

/**
 * @param projects - folders; with what they refer to
 * @param forget - those whose outputs may be missing: what tsc remembers of them counts for nothing
 */
function tsc(projects, forget) {
  for (const project of forget) rmSync(join(ROOT, project, 'tsconfig.tsbuildinfo'), { force: true });
  return run(bin('tsc'), ['-b', ...projects], { cwd: ROOT });
}

if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) main(async () => console.log(await build()));
