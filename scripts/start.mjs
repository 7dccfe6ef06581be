// ./start: everything from a checkout to a running application.
import { fork } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { build } from './build.mjs';
import { main, phase, Stop } from './console.mjs';
import { startCluster } from './database.mjs';
import { checkNode, installPackages } from './packages.mjs';
import { dataFolder, ROOT } from './places.mjs';

const HELP = `Usage: ./start [--empty | --reset-demo]

Installs and builds what is missing, starts the database and the server, and prints the address.
Ctrl-C stops both; everything is kept.

  --empty        do not load the sample projects
  --reset-demo   put the sample projects back as they were (removes all projects, keeps photos)
  --help         this text

  PORT           port of the application       (4310; 0 for any free one)
  HOST           address it listens on         (127.0.0.1)
  KADROSYN_DATA  folder of the database        (data, in the project)
`;

const DEFAULT_PORT = '4310';
/** So many ends of a part within a minute are one too many. */
const MOST_RESTARTS = 5;

main(async () => {
  const options = readOptions();
  if (options.help) return void process.stdout.write(HELP);
  checkNode();
  const folder = dataFolder();
  const unlock = lock(folder);
  console.log('Kadrosyn');
  await phase('Packages', installPackages);
  await phase('Build', build);
  const supervisor = new Supervisor(folder, options, unlock);
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => supervisor.stop());
  await phase('Database', () => supervisor.startDatabase());
  await supervisor.startLibrary();
  await phase('Server', () => supervisor.startServer());
  console.log(`\nKadrosyn is at ${supervisor.address}\nCtrl-C stops it.`);
});

function readOptions() {
  try {
    const { values } = parseArgs({
      options: { empty: { type: 'boolean' }, 'reset-demo': { type: 'boolean' }, help: { type: 'boolean', short: 'h' } },
    });
    return values;
  } catch (error) {
    throw new Stop(`${error.message}\n\n${HELP}`);
  }
}

/** Keeps a second start away from the same data folder. A lock whose process is gone counts for nothing. */
function lock(folder) {
  mkdirSync(folder, { recursive: true });
  const file = join(folder, 'start.lock');
  if (existsSync(file)) {
    const { pid, address } = readLock(file);
    if (isStart(pid)) throw new Stop(`Kadrosyn runs already${address ? ` at ${address}` : ''} (process ${pid}).`);
  }
  const write = (address) => writeFileSync(file, JSON.stringify({ pid: process.pid, address }));
  write('');
  return { write, release: () => rmSync(file, { force: true }) };
}

function readLock(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return {};
  }
}

function isStart(pid) {
  try {
    return pid !== process.pid && readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('start.mjs');
  } catch {
    return false;
  }
}

/** A port of loopback that nobody uses now. */
function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.on('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Keeps database and server running, and stops them in order: first the server, then the database. */
class Supervisor {
  address = '';
  #port = process.env.PORT ?? DEFAULT_PORT;
  #cluster;
  #server;
  #library;
  #libraryPort = 0;
  #libraryEnds = 0;
  #stopping = false;
  #ends = [];

  constructor(folder, options, unlock) {
    this.folder = folder;
    this.options = options;
    this.unlock = unlock;
  }

  async startDatabase() {
    this.#cluster = await startCluster(this.folder);
    const cluster = this.#cluster;
    void cluster.exited.then(() =>
      this.#again('The database', async () => {
        await this.startDatabase();
        // The server knows the old address: it is started anew as soon as it ends.
        this.#server?.kill('SIGTERM');
      }),
    );
  }

  /** The stand-in for an outside picture service, on a port that the server is told. Nothing waits for it: the application works without it. */
  async startLibrary() {
    this.#libraryPort ||= await freePort();
    const child = fork(join(ROOT, 'apps/library/dist/main.js'), {
      detached: true,
      env: { ...process.env, LIBRARY_PORT: String(this.#libraryPort) },
    });
    this.#library = child;
    child.once('close', () => {
      if (this.#stopping) return;
      // Without it there are no pictures from outside, and nothing else is missing.
      const isLast = ++this.#libraryEnds > MOST_RESTARTS;
      console.log(`The picture library ended unexpectedly; ${isLast ? 'going on without it' : 'starting it again'}.`);
      if (!isLast) void this.startLibrary();
    });
  }

  startServer() {
    const host = process.env.HOST ?? '127.0.0.1';
    const samples = this.options.empty ? 'none' : this.options['reset-demo'] ? 'reset' : 'when-empty';
    const child = fork(join(ROOT, 'apps/server/dist/main.js'), {
      // Ctrl-C in a terminal goes to the whole group; the server is to hear of it from here.
      detached: true,
      env: {
        ...process.env,
        HOST: host,
        PORT: this.#port,
        DATABASE_URL: this.#cluster.url,
        SAMPLES: samples,
        LIBRARY_URL: `http://127.0.0.1:${this.#libraryPort}`,
      },
    });
    this.#server = child;
    const exited = new Promise((resolve) => child.on('close', resolve));
    child.exited = exited;
    return new Promise((resolve, reject) => {
      child.once('message', ({ port }) => {
        const shown = host.includes(':') ? `[${host}]` : host;
        // A server that is started again comes back where it was said to be.
        this.#port = String(port);
        this.address = `http://${shown}:${port}`;
        this.unlock.write(this.address);
        this.options = { empty: true };
        void exited.then(() => this.#again('The server', () => this.startServer()));
        resolve();
      });
      void exited.then(async (code) => {
        if (this.address || this.#stopping) return;
        await this.stop(
          1,
          `The server did not start (code ${code}). Is port ${this.#port} taken? PORT=0 ./start takes a free one.`,
        );
        reject(new Stop(''));
      });
    });
  }

  async #again(what, start) {
    if (this.#stopping) return;
    const now = Date.now();
    this.#ends = [...this.#ends.filter((at) => now - at < 60_000), now];
    if (this.#ends.length > MOST_RESTARTS) return this.stop(1, `${what} ended again and again; stopping.`);
    console.log(`${what} ended unexpectedly; starting it again.`);
    try {
      await start();
    } catch (error) {
      await this.stop(1, `${what} could not be started again: ${error.message}`);
    }
  }

  async stop(code = 0, message) {
    if (this.#stopping) return;
    this.#stopping = true;
    if (message) console.error(message);
    console.log('\nStopping…');
    const server = this.#server;
    if (server && server.exitCode === null && server.signalCode === null) {
      server.kill('SIGTERM');
      const late = setTimeout(() => server.kill('SIGKILL'), 10_000);
      await server.exited;
      clearTimeout(late);
    }
    this.#library?.kill('SIGTERM');
    await this.#cluster?.stop();
    this.unlock.release();
    process.exit(code);
  }
}
