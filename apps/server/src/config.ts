import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** What the server needs to know from outside; see `readConfig` for the variables. */
export interface Config {
  readonly host: string;
  readonly port: number;
  readonly databaseUrl: string;
  /** Folder of the built web application; absent while only the API is served. */
  readonly webFolder: string;
  /** Folder of the decoded faces. */
  readonly facesFolder: string;
  readonly limits: UploadLimits;
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

const UPLOAD_LIMITS: UploadLimits = { bytes: 60 * 2 ** 20, pixels: 120e6, filesPerUpload: 50 };

const ROOT = resolve(fileURLToPath(new URL('../../..', import.meta.url)));

/**
 * Reads HOST, PORT (0 lets the system choose), DATABASE_URL and LIBRARY_URL.
 * @throws Error when DATABASE_URL is missing or PORT is no port.
 */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const databaseUrl = env['DATABASE_URL'];
  if (!databaseUrl) throw new Error('DATABASE_URL is not set; ./start sets it');
  const port = Number(env['PORT'] ?? 4310);
  if (!Number.isInteger(port) || port < 0 || port > 65535) throw new Error(`PORT is "${env['PORT']}"; a port is 0 to 65535`);
  return {
    host: env['HOST'] ?? '127.0.0.1',
    port,
    databaseUrl,
    webFolder: join(ROOT, 'apps/web/dist/browser'),
    facesFolder: join(ROOT, 'build/faces'),
    limits: UPLOAD_LIMITS,
    libraryUrl: env['LIBRARY_URL'] ?? null,
    libraryPatience: 8_000,
  };
}
