// ./test: everything that is checked before a change is kept.
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { build } from './build.mjs';
import { main, Stop } from './console.mjs';
import { installDebian } from './debian.mjs';
import { checkNode, installPackages } from './packages.mjs';
import { ROOT } from './places.mjs';
import { run } from './run-command.mjs';

const HELP = `Usage: ./test [PART...]

Without a part, everything is checked. The last line says how many checks passed and failed.

  static     formatting, lint, types, boundaries, unused code, lockfile, generated code
  core       the computation
  render     the renderer in Node
  server     the server on a throw-away database
  web        parts of the web application
  e2e        journeys through the real application in Chromium, on a throw-away database
`;

const bin = (name) => join(ROOT, 'node_modules/.bin', name);
const web = join(ROOT, 'apps/web');

/** Checks that pass or fail as a whole. */
const STATIC = {
  formatting: () => run(bin('prettier'), ['--check', '.'], { cwd: ROOT }),
  lint: () => run(bin('eslint'), ['.'], { cwd: ROOT }),
  'types of tests': () => run(bin('tsc'), ['-p', 'tsconfig.test.json'], { cwd: ROOT }),
  'types of web tests': () => run(bin('tsc'), ['-p', 'tsconfig.spec.json', '--noEmit'], { cwd: web }),
  'types of web workers': () => run(bin('tsc'), ['-p', 'tsconfig.worker.json', '--noEmit'], { cwd: web }),
  boundaries: () =>
    run(bin('depcruise'), ['--config', '.dependency-cruiser.cjs', 'packages', 'apps', 'demo', 'e2e', 'bench'], { cwd: ROOT }),
  'unused code': () => run(bin('knip'), ['--no-config-hints'], { cwd: ROOT }),
  lockfile: () => run('node', ['scripts/check-lockfile.mjs'], { cwd: ROOT }),
  'generated schema': () => run('node', ['scripts/compile-schema.mjs', '--check'], { cwd: ROOT }),
};

const PARTS = {
  static: async (count) => {
    for (const [name, check] of Object.entries(STATIC)) await one(count, name, check);
  },
  core: (count, report) => vitest(count, report, 'core'),
  render: (count, report) => vitest(count, report, 'render'),
  server: (count, report) => vitest(count, report, 'server'),
  web: (count, report) =>
    many(count, 'web', report, () =>
      run(bin('ng'), ['test', '--watch=false', '--reporters=json', `--output-file=${report}`], {
        cwd: web,
        env: { ...process.env, NG_CLI_ANALYTICS: 'false' },
      }),
    ),
  e2e: async (count, report) => {
    if (!existsSync('/usr/bin/chromium')) await installDebian('chromium');
    await many(count, 'e2e', report, () =>
      run(bin('playwright'), ['test'], { cwd: join(ROOT, 'e2e'), env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_FILE: report } }),
    );
  },
};

main(async () => {
  const { values, positionals } = parseArgs({ allowPositionals: true, options: { help: { type: 'boolean', short: 'h' } } });
  if (values.help) return void process.stdout.write(HELP);
  const wrong = positionals.find((part) => !(part in PARTS));
  if (wrong) throw new Stop(`There is no part "${wrong}".\n\n${HELP}`);
  checkNode();
  const count = { passed: 0, failed: 0 };
  await one(count, 'packages', installPackages);
  await one(count, 'build', build);
  const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-test-'));
  try {
    // What can not be built can not be tested.
    if (count.failed === 0) {
      for (const part of positionals.length > 0 ? positionals : Object.keys(PARTS))
        await PARTS[part](count, join(folder, `${part}.json`));
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  console.log(`\n${count.passed} passed, ${count.failed} failed`);
  process.exitCode = count.failed > 0 ? 1 : 0;
});

/** A check that counts once. */
async function one(count, name, check) {
  const from = performance.now();
  try {
    await check();
    count.passed++;
    say(name, from, 'passed');
  } catch (error) {
    count.failed++;
    say(name, from, 'FAILED');
    console.log(error.message);
  }
}

function vitest(count, report, project) {
  const args = ['run', '--project', project, '--reporter=json', `--outputFile=${report}`];
  return many(count, project, report, () => run(bin('vitest'), args, { cwd: ROOT }));
}

/** A runner that writes a report; each of its tests counts. A runner that reports no test has failed. */
async function many(count, name, file, start) {
  const from = performance.now();
  let output = '';
  try {
    await start();
  } catch (error) {
    output = error.message;
  }
  const result = existsSync(file) ? readReport(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failures: [] };
  const lost = result.passed + result.failures.length === 0 || (output !== '' && result.failures.length === 0);
  count.passed += result.passed;
  count.failed += result.failures.length + (lost ? 1 : 0);
  say(name, from, `${result.passed} passed, ${result.failures.length} failed`);
  for (const title of result.again ?? []) console.log(`    passed at the second try only: ${title}`);
  for (const failure of result.failures) console.log(`\n✗ ${failure}`);
  if (lost) console.log(output || 'No test was run.');
}

/** Reads the report of Vitest (as Jest writes it) or of Playwright. */
function readReport(report) {
  if (report.testResults) {
    const files = report.testResults;
    const tests = files.flatMap((file) => file.assertionResults);
    const broken = files.filter((file) => file.status === 'failed' && file.assertionResults.length === 0);
    return {
      passed: tests.filter((test) => test.status === 'passed').length,
      failures: [
        ...tests.filter((test) => test.status === 'failed').map((test) => `${test.fullName}\n${test.failureMessages.join('\n')}`),
        ...broken.map((file) => `${file.name}\n${file.message}`),
      ],
    };
  }
  const specs = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specs)];
  const all = report.suites.flatMap(specs);
  const texts = (spec) =>
    spec.tests.flatMap((test) => test.results.flatMap((result) => result.errors.map((error) => error.message)));
  return {
    passed: all.filter((spec) => spec.ok).length,
    again: all
      .filter((spec) => spec.ok && spec.tests.some(({ results }) => results.length > 1))
      .map(({ file, title }) => `${file}: ${title}`),
    failures: [
      ...all.filter((spec) => !spec.ok).map((spec) => `${spec.file}: ${spec.title}\n${texts(spec).join('\n')}`),
      ...report.errors.map((error) => error.message),
    ],
  };
}

function say(name, from, result) {
  const seconds = ((performance.now() - from) / 1000).toFixed(1);
  console.log(`  ${name.padEnd(24)}${seconds.padStart(7)} s  ${result}`);
}
