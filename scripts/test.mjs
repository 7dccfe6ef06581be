// ./test: everything that is checked before a change is kept.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { main, Stop } from './console.mjs';
import { checkNode } from './packages.mjs';
import { ROOT } from './places.mjs';
import { affectedBy } from './test/affected.mjs';
import { runTasks } from './test/schedule.mjs';
import { testTasks } from './test/tasks.mjs';

const HELP = `Usage: ./test [--changed[=REV]] [--slow] [PART...]

Without a part, everything is checked. The last line says how many checks passed and failed.

  --changed  what differs from a commit (REV; HEAD if there are uncommitted changes, else the one before): only the
             parts that the changed files can affect are run, and only the changed journeys when nothing else was
  --slow     also says which tests took longest

  static     formatting, lint, types, boundaries, unused code, lockfile, references, generated code
  scripts    what ./start, ./test and the benchmarks are made of
  core       the computation
  render     the renderer in Node
  server     the server on a throw-away database
  web        parts of the web application
  e2e        journeys through the real application in Chromium, on a throw-away database
`;

const PARTS = ['static', 'scripts', 'core', 'render', 'server', 'web', 'e2e'];

main(async () => {
  const { values, positionals } = readOptions();
  if (values.help) return void process.stdout.write(HELP);
  const wrong = positionals.find((part) => !PARTS.includes(part));
  if (wrong) throw new Stop(`There is no part "${wrong}".\n\n${HELP}`);
  checkNode();
  const affected = values.changed === undefined ? { parts: PARTS, journeys: null } : affectedBy(changedFiles(values.changed));
  const wanted = affected.parts.filter((part) => positionals.length === 0 || positionals.includes(part));
  if (values.changed !== undefined) console.log(`What was changed affects: ${wanted.join(', ') || 'nothing that is tested'}.`);
  if (wanted.length === 0) return void console.log('\n0 passed, 0 failed');
  const folder = mkdtempSync(join(tmpdir(), 'kadrosyn-test-'));
  const count = { passed: 0, failed: 0 };
  const from = performance.now();
  try {
    const tasks = neededFor(wanted, testTasks(folder, affected.journeys));
    const told = tasks.map((task) => ({ ...task, run: () => tell(task, count, values.slow) }));
    const outcomes = await runTasks(told, Math.max(2, availableParallelism()));
    for (const [name, outcome] of outcomes) {
      if (outcome.state !== 'left') continue;
      count.failed++;
      console.log(`  ${name} was not run, since ${outcome.for} failed`);
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  console.log(`\nin ${((performance.now() - from) / 1000).toFixed(0)} s`);
  console.log(`${count.passed} passed, ${count.failed} failed`);
  process.exitCode = count.failed > 0 ? 1 : 0;
});

function readOptions() {
  // parseArgs has no options whose value may be missing.
  const args = process.argv.slice(2).map((arg) => (arg === '--changed' ? '--changed=' : arg));
  try {
    return parseArgs({
      args,
      allowPositionals: true,
      options: { changed: { type: 'string' }, slow: { type: 'boolean' }, help: { type: 'boolean', short: 'h' } },
    });
  } catch (error) {
    throw new Stop(`${error.message}\n\n${HELP}`);
  }
}

/** Tasks of these parts and all that they wait for. */
function neededFor(parts, tasks) {
  const needed = new Set();
  const add = (task) => {
    if (needed.has(task)) return;
    needed.add(task);
    for (const name of task.after ?? []) add(tasks.find((other) => other.name === name));
  };
  for (const task of tasks) if (parts.includes(task.part)) add(task);
  return tasks.filter((task) => needed.has(task));
}

/** Runs a task, says how it ended, and counts. @throws Error when it failed, so that nothing goes on from it */
async function tell({ name, run }, count, slow) {
  const from = performance.now();
  const say = (result) =>
    console.log(`  ${name.padEnd(24)}${((performance.now() - from) / 1000).toFixed(1).padStart(7)} s  ${result}`);
  try {
    const result = await run();
    if (result?.failures === undefined) {
      count.passed++;
      return say('passed');
    }
    const { passed, failures, again, slowest } = result;
    count.passed += passed;
    count.failed += failures.length + again.length;
    say(`${passed} passed, ${failures.length + again.length} failed`);
    for (const title of again) console.log(`\n✗ ${title}\nneeded a second try`);
    for (const failure of failures) console.log(`\n✗ ${failure}`);
    if (slow) for (const { title, seconds } of slowest) console.log(`    ${seconds.toFixed(1).padStart(6)} s  ${title}`);
  } catch (error) {
    count.failed++;
    say('FAILED');
    console.log(error.message);
    throw error;
  }
}

/** Paths that differ from a commit, new files too. */
function changedFiles(revision) {
  const git = (...args) => execFileSync('git', args, { cwd: ROOT }).toString().split('\n').filter(Boolean);
  const fresh = git('ls-files', '--others', '--exclude-standard');
  try {
    const from = revision || (fresh.length > 0 || git('diff', '--name-only', 'HEAD').length > 0 ? 'HEAD' : 'HEAD~1');
    return [...git('diff', '--name-only', '--no-renames', from, '--'), ...fresh];
  } catch {
    throw new Stop(`There is no commit "${revision || 'HEAD~1'}" to compare with.`);
  }
}
