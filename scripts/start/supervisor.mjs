import { fork } from 'node:child_process';
import { join } from 'node:path';
import { Stop } from '../console.mjs';
import { freePort, startCluster } from '../database.mjs';
import { ROOT } from '../places.mjs';

const DEFAULT_PORT = '4310';
/** So many ends of a part within a minute are one too many. */
const MOST_RESTARTS = 5;

/** Keeps database and server running, and stops them in order: first the server, then the database. */
export class Supervisor {
  address = '';
  #port;
  #cluster;
  #server;
  #library;
  #libraryPort = 0;
  #libraryEnds = 0;
  #stopping = false;
  #ends = [];

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
        void exited.then(() => child.isEnded || this.#again('The server', () => this.startServer()));
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

  /** Ends the server and starts what is built now. */
  async restartServer() {
    const server = this.#server;
    if (this.#stopping || !server) return;
    server.isEnded = true;
    server.kill('SIGTERM');
    await server.exited;
    await this.startServer();
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
