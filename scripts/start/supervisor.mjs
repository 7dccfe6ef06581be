import { fork } from 'node:child_process';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { Stop } from '../console.mjs';
import { freePort, startCluster } from '../database.mjs';
import { ROOT } from '../places.mjs';
import { watchHealth } from './health-watch.mjs';

const DEFAULT_PORT = '4310';
/** See apps/server/src/main.ts. */
const WRONG_SETTINGS = 78;
/** So many ends of a part within a minute are one too many. */
const MOST_RESTARTS = 20;
/** Pauses between attempts to start a part again, ms; the last one is repeated. */
const PAUSES = [0, 500, 1000, 2000];

/** Keeps database and server running, and stops them in order: first the server, then the database. */
export class Supervisor {
  address = '';
  #port;
  #cluster;
  #database;
  #server;
  #library;
  #libraryPort = 0;
  #libraryEnds = 0;
  #stopping = false;
  #ends = [];
  #stopWatch = () => undefined;

  /**
   * @param folder - of the database
   * @param options - of ./start; `port` takes the place of PORT
   * @param unlock - see lock.mjs
   */
  constructor(folder, options, unlock) {
    this.folder = folder;
    this.options = options;
    this.#port = options.port ?? process.env.PORT ?? DEFAULT_PORT;
    this.unlock = unlock;
  }

  /** Starts the database; again on the port that it had, so that a server that goes on finds it. */
  startDatabase() {
    this.#database = (async () => {
      this.#cluster = await startCluster(this.folder, { port: this.#cluster?.port });
      void this.#cluster.exited.then(() => this.#again('The database', () => this.startDatabase()));
    })();
    return this.#database;
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

  /** @throws Stop when it ends before it is ready. */
  async startServer() {
    // A database that is being started again is waited for.
    await this.#database;
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
    child.exited = new Promise((resolve) => child.on('close', resolve));
    const ready = new Promise((resolve) => child.once('message', resolve));
    const first = await Promise.race([ready, child.exited.then((code) => ({ code }))]);
    if (this.#stopping) return;
    if ('code' in first) {
      // It has said itself what is wrong with its settings.
      if (first.code === WRONG_SETTINGS) throw new Stop('Nothing was started.');
      const hint = this.address ? '' : ` Is port ${this.#port} taken? PORT=0 ./start takes a free one.`;
      throw new Stop(`The server did not start (code ${first.code}).${hint}`);
    }
    const shown = host.includes(':') ? `[${host}]` : host;
    // A server that is started again comes back where it was said to be.
    this.#port = String(first.port);
    this.address = `http://${shown}:${first.port}`;
    this.unlock.write(this.address);
    this.options = { empty: true };
    this.#watch(child);
    void child.exited.then(() => child.isEnded || this.#again('The server', () => this.startServer()));
  }

  /** Ends the server and starts what is built now. */
  async restartServer() {
    const server = this.#server;
    if (this.#stopping || !server) return;
    server.isEnded = true;
    server.kill('SIGTERM');
    await server.exited;
    await this.startServer();
  }

  /** Ends a server that no longer answers at all, so that it is started again. */
  #watch(child) {
    this.#stopWatch();
    // Every address of this machine is listened on where all are.
    const host = /^(0\.0\.0\.0|\[?::\]?)$/.test(new URL(this.address).hostname) ? '127.0.0.1' : new URL(this.address).hostname;
    this.#stopWatch = watchHealth(`http://${host}:${this.#port}/api/health`, () => {
      if (this.#stopping || child.exitCode !== null) return;
      console.log('The server does not answer any more; ending it.');
      child.kill('SIGKILL');
    });
  }

  /** Starts a part again that ended, as often as it takes within reason. */
  async #again(what, start) {
    if (this.#stopping) return;
    console.log(`${what} ended unexpectedly; starting it again.`);
    for (let attempt = 0; ; attempt++) {
      const now = Date.now();
      this.#ends = [...this.#ends.filter((at) => now - at < 60_000), now];
      if (this.#ends.length > MOST_RESTARTS) return this.stop(1, `${what} ended again and again; stopping.`);
      await pause(PAUSES[Math.min(attempt, PAUSES.length - 1)]);
      if (this.#stopping) return;
      try {
        return await start();
      } catch (error) {
        console.log(`${what} could not be started again yet: ${error.message.split('\n')[0]}`);
      }
    }
  }

  async stop(code = 0, message) {
    if (this.#stopping) return;
    this.#stopping = true;
    this.#stopWatch();
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
