import { randomBytes } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { inject } from 'vitest';
import { buildServer, type BuiltServer } from '../dist/build-server.js';
import type { Config, Quotas, UploadLimits } from '../dist/config.js';

const ROOT = fileURLToPath(new URL('../../../', import.meta.url));

/** A server that listens on a port of its own, on a new database. */
export interface TestServer extends BuiltServer {
  readonly address: string;
  readonly databaseUrl: string;
  /** Sends a request; a plain object goes as JSON. */
  call(method: string, path: string, body?: unknown): Promise<Answer>;
  close(): Promise<void>;
}

export interface Answer {
  readonly status: number;
  readonly headers: Headers;
  /** The parsed answer; null where it is no JSON. */
  readonly body: unknown;
  readonly bytes: Buffer;
}

/** Starts a server for one test file. `fileTime` is how long one file may be worked at, ms. Small limits make large files easy to have. */
export async function startTestServer(
  limits: Partial<UploadLimits> = {},
  library: Pick<Config, 'libraryUrl' | 'libraryPatience'> = { libraryUrl: null, libraryPatience: 300 },
  quotas: Partial<Quotas> = {},
  fileTime = 30_000,
): Promise<TestServer> {
  const clusterUrl = inject('clusterUrl');
  const name = `test_${randomBytes(6).toString('hex')}`;
  const client = new pg.Client({ connectionString: clusterUrl });
  await client.connect();
  await client.query(`create database ${name}`);
  await client.end();
  const databaseUrl = clusterUrl.replace(/kadrosyn$/, name);
  const config: Config = {
    host: '127.0.0.1',
    port: 0,
    hosts: [],
    databaseUrl,
    webFolder: `${ROOT}apps/web/dist/browser`,
    facesFolder: `${ROOT}build/faces`,
    ...library,
    fileTime,
    limits: { bytes: 20 * 2 ** 20, pixels: 20e6, filesPerUpload: 20, ...limits },
    quotas: { photos: 20_000, projects: 5_000, bytes: 2 ** 40, requests: 1000, ...quotas },
  };
  const built = await buildServer(config);
  const address = await built.app.listen({ host: '127.0.0.1', port: 0 });
  return {
    ...built,
    address,
    databaseUrl,
    async call(method, path, body) {
      const isForm = body instanceof FormData;
      const json = body === undefined || isForm ? undefined : JSON.stringify(body);
      const response = await fetch(address + path, {
        method,
        ...(isForm ? { body } : json === undefined ? {} : { body: json, headers: { 'content-type': 'application/json' } }),
      });
      const bytes = Buffer.from(await response.arrayBuffer());
      const isJson = response.headers.get('content-type')?.startsWith('application/json') ?? false;
      return {
        status: response.status,
        headers: response.headers,
        bytes,
        body: isJson ? (JSON.parse(bytes.toString()) as unknown) : null,
      };
    },
    close: () => built.app.close(),
  };
}
