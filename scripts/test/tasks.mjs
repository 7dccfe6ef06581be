// Everything that ./test does, as tasks that know what they wait for.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildAssets, buildPackages, buildServer, buildWeb } from '../build.mjs';
import { findPostgres } from '../database.mjs';
import { installDebian } from '../debian.mjs';
import { installPackages } from '../packages.mjs';
import { ROOT } from '../places.mjs';
import { run } from '../run-command.mjs';
import { readReport } from './report.mjs';

const bin = (name) => join(ROOT, 'node_modules/.bin', name);
const web = join(ROOT, 'apps/web');
const webEnvironment = { ...process.env, NG_CLI_ANALYTICS: 'false' };

/**
 * A task whose result says how many tests passed and what failed; see report.mjs.
 * @typedef {import('./schedule.mjs').Task & { part?: string }} TestTask `part` is what it belongs to; what all need has none
 */

/**
 * All tasks, those first that others wait for, then the longest.
 * @param {string} folder - where runners write their reports
 * @param {string[] | null} journeys - files of e2e; null stands for all
 * @returns {TestTask[]}
 */
export function testTasks(folder, journeys) {
  const packages = ['packages'];
  const libraries = ['packages', 'assets', 'libraries'];
  const built = [...libraries, 'server build'];
  const report = (name) => join(folder, `${name}.json`);
  return [
    { name: 'packages', cores: 1, run: installPackages },
    { name: 'debian', cores: 0, run: installPrograms },
    { name: 'libraries', cores: 1, after: packages, run: buildPackages },
    { name: 'assets', cores: 1, after: packages, run: buildAssets },
    { name: 'web build', cores: 1, after: libraries, run: buildWeb },
    { name: 'server build', cores: 1, after: libraries, run: buildServer },
    ...staticChecks(packages, built),
    { part: 'render', name: 'render', cores: 1, after: libraries, run: () => vitest(report('render'), 'render') },
    { part: 'server', name: 'server', cores: 1, after: [...built, 'debian'], run: () => vitest(report('server'), 'server') },
    { part: 'core', name: 'core', cores: 1, after: ['packages', 'assets'], run: () => vitest(report('core'), 'core') },
    { part: 'web', name: 'web', cores: 1, after: libraries, run: () => webTests(report('web')) },
    { part: 'scripts', name: 'scripts', cores: 1, after: packages, run: () => vitest(report('scripts'), 'scripts') },
    {
      part: 'e2e',
      name: 'e2e',
      cores: 2,
      after: [...built, 'web build', 'debian'],
      run: () => playwright(report('e2e'), journeys),
    },
  ];
}

/** Checks that pass or fail as a whole. */
function staticChecks(packages, built) {
  const check = (name, after, work, cores = 1) => ({ part: 'static', name, cores, after, run: work });
  return [
    check('lint', built, () => run(bin('eslint'), ['.'], { cwd: ROOT })),
    check('formatting', packages, () => run(bin('prettier'), ['--check', '.'], { cwd: ROOT })),
    check('types of tests', built, () => run(bin('tsc'), ['-p', 'tsconfig.test.json'], { cwd: ROOT })),
    check('types of web workers', built, () => run(bin('tsc'), ['-p', 'tsconfig.worker.json', '--noEmit'], { cwd: web })),
    check('boundaries', built, () =>
      run(bin('depcruise'), ['--config', '.dependency-cruiser.cjs', 'packages', 'apps', 'demo', 'e2e', 'bench'], { cwd: ROOT }),
    ),
    check('unused code', built, () => run(bin('knip'), ['--no-config-hints'], { cwd: ROOT })),
    check('lockfile', packages, () => run('node', ['scripts/check-lockfile.mjs'], { cwd: ROOT })),
    check('documents', packages, () => run('node', ['scripts/check-docs.mjs'], { cwd: ROOT })),
    check('references', packages, () => run('node', ['scripts/check-references.mjs'], { cwd: ROOT })),
    check('generated schema', packages, () => run('node', ['scripts/compile-schema.mjs', '--check'], { cwd: ROOT })),
  ];
}

/** PostgreSQL and Chromium, from Debian's packages. */
async function installPrograms() {
  await findPostgres();
  if (!existsSync('/usr/bin/chromium-headless-shell')) await installDebian('chromium-headless-shell');
}

function vitest(file, project) {
  const args = ['run', '--project', project, '--maxWorkers=1', '--reporter=json', `--outputFile=${file}`];
  return reported(file, () => run(bin('vitest'), args, { cwd: ROOT }));
}

function webTests(file) {
  const args = ['test', '--watch=false', '--reporters=json', `--output-file=${file}`];
  return reported(file, () => run(bin('ng'), args, { cwd: web, env: webEnvironment }));
}

function playwright(file, journeys) {
  const env = { ...process.env, PLAYWRIGHT_JSON_OUTPUT_FILE: file };
  return reported(file, () => run(bin('playwright'), ['test', ...(journeys ?? [])], { cwd: join(ROOT, 'e2e'), env }));
}

/** What a runner reports. One that ends badly, or reports no test, without naming a failure has failed itself. */
async function reported(file, start) {
  let output = '';
  try {
    await start();
  } catch (error) {
    output = error.message;
  }
  const result = existsSync(file)
    ? readReport(JSON.parse(readFileSync(file, 'utf8')))
    : { passed: 0, failures: [], again: [], slowest: [] };
  const isLost = result.failures.length === 0 && (output !== '' || result.passed === 0);
  return isLost ? { ...result, failures: [output || 'No test was run.'] } : result;
}
