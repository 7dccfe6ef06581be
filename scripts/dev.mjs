// npm run dev: the application while it is being worked on; see HELP.
import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { buildAssets, buildPackages, buildServer } from './build.mjs';
import { main, phase, Stop } from './console.mjs';
import { checkNode, installPackages } from './packages.mjs';
import { dataFolder, ROOT } from './places.mjs';
import { lock } from './start/lock.mjs';
import { Supervisor } from './start/supervisor.mjs';

const HELP = `Usage: npm run dev

Runs the application as ./start does, on the same data, and follows what is changed: packages and servers are compiled as
they are saved and the server is started anew; the web application reloads in the browser.
Jobs log their times; ?trace on the editor's address shows its caches and slow frames (docs/contributing.md).

  PORT, HOST, KADROSYN_DATA   as for ./start
  LOG_LEVEL                   what the server logs (info)
`;

const bin = (name) => join(ROOT, 'node_modules/.bin', name);
const BUILT = ['packages/core/dist', 'packages/render/dist', 'demo/dist', 'apps/server/dist', 'apps/library/dist'];

main(async () => {
  if (parseArgs({ options: { help: { type: 'boolean', short: 'h' } } }).values.help) return void process.stdout.write(HELP);
  checkNode();
  process.env.LOG_LEVEL ??= 'info';
  const [host, port] = [process.env.HOST ?? '127.0.0.1', process.env.PORT ?? '4310'];
  const folder = dataFolder();
  const { write, release } = lock(folder);
  // Browsers speak with the web application's own server, which hands on what is for ours.
  const supervisor = new Supervisor(folder, { port: '0' }, { write: () => write(`http://${host}:${port}`), release });
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => supervisor.stop());
  try {
    await phase('Packages', installPackages);
    await phase('Libraries', () => Promise.all([buildAssets(), buildPackages()]));
    await phase('Server', buildServer);
    await phase('Database', () => supervisor.startDatabase());
    await supervisor.startLibrary();
    await phase('Samples', () => supervisor.startServer());
    followSources(supervisor);
    serveWeb(supervisor, host, port);
  } catch (error) {
    await supervisor.stop(1, error instanceof Stop ? error.message : error.stack);
  }
});

/** Compiles what is saved; whenever that has brought something new and no errors, the server is started anew. */
function followSources(supervisor) {
  let startedAt = Date.now();
  follow(supervisor, 'tsc', bin('tsc'), ['-b', '--watch', '--preserveWatchOutput'], ROOT, async (text) => {
    if (!text.includes('Found 0 errors') || newestIn(BUILT) <= startedAt) return;
    startedAt = Date.now();
    console.log('Starting the server anew.');
    await supervisor.restartServer();
  });
}

/** Serves the web application, without making it small, and hands calls on to the server, whose address never changes. */
function serveWeb(supervisor, host, port) {
  const proxy = join(ROOT, 'build/dev-proxy.json');
  mkdirSync(join(ROOT, 'build'), { recursive: true });
  const target = { target: supervisor.address, secure: false };
  writeFileSync(proxy, JSON.stringify({ '/api': target, '/faces': target }));
  const args = ['serve', '--host', host, '--port', port, '--proxy-config', proxy];
  follow(supervisor, 'web', bin('ng'), args, join(ROOT, 'apps/web'), () => undefined);
}

/** A program that goes on beside us; its end is ours. Everything that it prints is shown behind its name. */
function follow(supervisor, name, command, args, cwd, heard) {
  const env = { ...process.env, NG_CLI_ANALYTICS: 'false' };
  const child = spawn(command, args, { cwd, env, stdio: ['ignore', 'pipe', 'pipe'] });
  for (const stream of [child.stdout, child.stderr]) {
    stream.on('data', (chunk) => {
      const text = chunk.toString();
      for (const line of text.split('\n')) if (line.trim()) console.log(`[${name}] ${line}`);
      void heard(text);
    });
  }
  child.on('close', (code) => void supervisor.stop(1, `${name} ended (code ${code}).`));
}

/** When the newest file below these folders was written, ms. */
function newestIn(folders) {
  let newest = 0;
  for (const folder of folders) {
    for (const name of readdirSync(join(ROOT, folder), { recursive: true })) {
      if (/\.js$/.test(name)) newest = Math.max(newest, statSync(join(ROOT, folder, name)).mtimeMs);
    }
  }
  return newest;
}
