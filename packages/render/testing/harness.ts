import { createServer } from 'node:http';
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/** A page that draws documents in a browser, without the application around it. */
export interface Harness {
  readonly address: string;
  /** Serves `bytes` and gives the address. */
  put(name: string, bytes: Uint8Array): string;
  close(): Promise<void>;
}

/**
 * Starts the harness on a free port of loopback.
 * @param root - folder of the project.
 */
export async function startHarness(root = at('../../..')): Promise<Harness> {
  const here = `${root}/packages/render/testing`;
  const { outputFiles } = await build({
    entryPoints: ['window', 'worker', 'frames'].map((name) => `${here}/${name}.ts`),
    bundle: true,
    format: 'esm',
    write: false,
    external: ['module'],
    outdir: '/',
    logLevel: 'error',
  });
  const files = new Map<string, Uint8Array>();
  for (const { path, contents } of outputFiles) files.set(`/${path.split('/').at(-1)!}`, contents);
  files.set('/', Buffer.from('<!doctype html><script type="module" src="/window.js"></script>'));
  files.set('/frames', Buffer.from('<!doctype html><script type="module" src="/frames.js"></script>'));
  files.set(
    '/harfbuzz.wasm',
    await readFile(createRequire(`${root}/packages/core/package.json`).resolve('harfbuzzjs/dist/harfbuzz.wasm')),
  );
  const types: Record<string, string> = { js: 'text/javascript', wasm: 'application/wasm' };
  const find = async (path: string) => {
    const face = /^\/faces\/([a-z-]+\.ttf)$/.exec(path)?.[1];
    return face ? readFile(`${root}/build/faces/${face}`) : files.get(path);
  };
  const server = createServer((request, response) => {
    void find(request.url ?? '/').then((bytes) => {
      const type =
        types[request.url?.split('.').at(-1) ?? ''] ??
        (['/', '/frames'].includes(request.url ?? '') ? 'text/html' : 'application/octet-stream');
      response.writeHead(bytes ? 200 : 404, { 'content-type': type }).end(bytes);
    });
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return {
    address: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    put(name, bytes) {
      files.set(`/put/${name}`, bytes);
      return `/put/${name}`;
    },
    close: () => new Promise((resolve) => server.close(() => resolve())),
  };
}
