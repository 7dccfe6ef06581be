// npm run one: one test or journey, building only what it needs; see HELP.
import { spawn } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import { buildAssets, buildPackages, buildServer, buildWeb } from './build.mjs';
import { main, Stop } from './console.mjs';
import { installPackages } from './packages.mjs';
import { dataFolder, ROOT } from './places.mjs';

const HELP = `Usage: npm run one FILE[:LINE] [-- OPTION...]

Runs the tests of one file, after building what they need and nothing else. Options go to the test runner, as
-t WORDS (Vitest) or -g WORDS, --headed, --repeat-each N (Playwright).

A journey (e2e/) needs the whole application built. With --running it uses the one that npm run dev or ./start runs:
nothing is built, and the journey is seen at work on that one's data.
`;

const bin = (name) => join(ROOT, 'node_modules/.bin', name);

/** What runs a file, and what must be built for it: the first that fits. */
const KINDS = [
  { at: /^packages\/core\/.*\.test\.ts$/, needs: [buildAssets], run: vitest('core') },
  { at: /^packages\/(render|cli)\/.*\.test\.ts$/, needs: [buildAssets], run: vitest('render') },
  { at: /^scripts\/.*\.test\.mjs$/, needs: [], run: vitest('scripts') },
  { at: /^apps\/(server|library)\/.*\.test\.ts$/, needs: [buildAssets, buildPackages, buildServer], run: vitest('server') },
  { at: /^apps\/web\/.*\.spec\.ts$/, needs: [buildAssets, buildPackages], run: web },
  { at: /^e2e\/.*\.spec\.ts(:\d+)?$/, needs: [buildAssets, buildPackages, buildServer, buildWeb], run: journey },
];

main(async () => {
  const args = process.argv.slice(2);
  const running = args.includes('--running');
  const [wanted, ...options] = args.filter((arg) => arg !== '--running');
  if (!wanted || wanted === '--help' || wanted === '-h') return void process.stdout.write(HELP);
  const file = relative(ROOT, resolve(process.env.INIT_CWD ?? '.', wanted));
  const kind = KINDS.find(({ at }) => at.test(file));
  if (!kind) throw new Stop(`${file} is no test.\n\n${HELP}`);
  if (!existsSync(join(ROOT, file.replace(/:\d+$/, '')))) throw new Stop(`There is no file ${file}.`);
  if (running) process.env.KADROSYN_ADDRESS = runningAddress();
  await installPackages();
  for (const build of running ? [] : kind.needs) await build();
  process.exitCode = await kind.run(file, options);
});

function vitest(project) {
  return (file, options) => show(bin('vitest'), ['run', '--project', project, file, ...options], ROOT);
}

function web(file, options) {
  return show(bin('ng'), ['test', '--watch=false', '--include', relative('apps/web', file), ...options], join(ROOT, 'apps/web'));
}

function journey(file, options) {
  return show(bin('playwright'), ['test', relative('e2e', file), ...options], join(ROOT, 'e2e'));
}

/** Where an application runs on the usual data. */
function runningAddress() {
  try {
    const { pid, address } = JSON.parse(readFileSync(join(dataFolder(), 'start.lock'), 'utf8'));
    if (address && existsSync(`/proc/${pid}`)) return address;
  } catch {
    // Said below.
  }
  throw new Stop('Nothing is running: npm run dev starts it.');
}

/** Runs a command that prints for itself. @returns its exit code */
function show(command, args, cwd) {
  const child = spawn(command, args, { cwd, stdio: 'inherit', env: { ...process.env, NG_CLI_ANALYTICS: 'false' } });
  return new Promise((resolve, reject) => {
    child.on('error', reject);
    child.on('close', (code) => resolve(code ?? 1));
  });
}
