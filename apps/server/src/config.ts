import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { isLoopback } from './own-site-only.js';

/** What the server needs to know from outside; see `readConfig` for the variables. */
export interface Config {
  readonly host: string;
  readonly port: number;
  /** Names under which it is reached, besides those of this machine itself. */
  readonly hosts: readonly string[];
  readonly databaseUrl: string;
  /** Folder of the built web application; absent while only the API is served. */
  readonly webFolder: string;
  /** Folder of the decoded faces. */
  readonly facesFolder: string;
  readonly limits: UploadLimits;
  /** How long one file that is added may be worked at, ms; a drawing a third of it. */
  readonly fileTime: number;
  readonly quotas: Quotas;
  /** Address of the picture library; null when there is none. */
  readonly libraryUrl: string | null;
  /** ms that it may take to answer. */
  readonly libraryPatience: number;
}

export interface UploadLimits {
  /** Bytes of one file. */
  readonly bytes: number;
  /** Pixels of one picture, before anything is decoded. */
  readonly pixels: number;
  readonly filesPerUpload: number;
}

/** How much one workspace may hold, what lies in the bin included, and how often one sender may ask. */
export interface Quotas {
  readonly photos: number;
  readonly projects: number;
  /** Bytes of all files. */
  readonly bytes: number;
  /** Requests of one address in a second, over ten seconds. */
  readonly requests: number;
}

const UPLOAD_LIMITS: UploadLimits = { bytes: 60 * 2 ** 20, pixels: 110e6, filesPerUpload: 50 };

const ROOT = resolve(fileURLToPath(new URL('../../..', import.meta.url)));

/**
 * Reads HOST, PORT (0 lets the system choose), KADROSYN_HOSTS (names, with commas between), KADROSYN_MOST_PHOTOS, KADROSYN_MOST_PROJECTS,
 * KADROSYN_MOST_MB, KADROSYN_MOST_REQUESTS (a second), DATABASE_URL and LIBRARY_URL.
 * @throws Error with a sentence when something is missing or makes no sense.
 */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const databaseUrl = env['DATABASE_URL'];
  if (!databaseUrl) throw new Error('DATABASE_URL is not set; ./start sets it');
  const port = Number(env['PORT'] ?? 4310);
  if (!Number.isInteger(port) || port < 0 || port > 65535) throw new Error(`PORT is "${env['PORT']}"; a port is 0 to 65535`);
  const host = env['HOST'] ?? '127.0.0.1';
  const hosts = (env['KADROSYN_HOSTS'] ?? '')
    .split(',')
    .map((name) => name.trim())
    .filter(Boolean);
  if (!isLoopback(host) && host !== 'localhost' && hosts.length === 0) {
    throw new Error(
      `HOST is "${host}", so that other machines could reach Kadrosyn. There are no accounts yet: whoever reaches it can see, change and remove ` +
        'everything. If that is meant, say under which names it is reached: KADROSYN_HOSTS=studio.example,192.0.2.7 ./start',
    );
  }
  const amount = (name: string, otherwise: number): number => {
    const value = Number(env[name] ?? otherwise);
    if (!(value > 0)) throw new Error(`${name} is "${env[name]}"; it is a number above 0`);
    return value;
  };
  return {
    host,
    port,
    hosts,
    databaseUrl,
    webFolder: join(ROOT, 'apps/web/dist/browser'),
    facesFolder: join(ROOT, 'build/faces'),
    limits: UPLOAD_LIMITS,
    fileTime: 30_000,
    quotas: {
      photos: amount('KADROSYN_MOST_PHOTOS', 20_000),
      projects: amount('KADROSYN_MOST_PROJECTS', 5_000),
      bytes: amount('KADROSYN_MOST_MB', 100_000) * 2 ** 20,
      requests: amount('KADROSYN_MOST_REQUESTS', 500),
    },
    libraryUrl: env['LIBRARY_URL'] ?? null,
    libraryPatience: 8_000,
  };
}
