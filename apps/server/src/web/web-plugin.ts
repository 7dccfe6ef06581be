import { randomBytes } from 'node:crypto';
import { readFile, stat } from 'node:fs/promises';
import { join } from 'node:path';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import type { FastifyPluginAsync, FastifyReply } from 'fastify';
import fp from 'fastify-plugin';
import type { Config } from '../config.js';

const HASHED = /-[A-Z0-9]{8}\.(?:js|css|woff2?|svg|wasm)$/;
/** Stands in index.html where each answer gets a number of its own. */
const NONCE_PLACE = 'NONCE_PLACE';

/** The web application and the faces, under a strict content security policy. */
const web: FastifyPluginAsync<{ config: Config }> = async (app, { config }) => {
  await app.register(helmet, {
    // The policy of pages is set below, since it holds a number that differs for each answer.
    contentSecurityPolicy: false,
    strictTransportSecurity: false,
    crossOriginEmbedderPolicy: false,
  });
  await app.register(fastifyStatic, {
    root: config.webFolder,
    wildcard: true,
    index: false,
    cacheControl: false,
    setHeaders(reply, path) {
      reply.setHeader('cache-control', HASHED.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache');
    },
  });
  await app.register(fastifyStatic, { root: config.facesFolder, prefix: '/faces/', decorateReply: false, maxAge: '1d' });

  const readPage = pageReader(join(config.webFolder, 'index.html'));
  const sendPage = async (reply: FastifyReply) => {
    const page = await readPage();
    if (page === null) return reply.code(503).type('text/plain').send('The web application has not been built: run ./start');
    const nonce = randomBytes(16).toString('base64');
    return reply
      .type('text/html; charset=utf-8')
      .header('cache-control', 'no-store')
      .header('content-security-policy', policy(nonce))
      .send(page.replaceAll(NONCE_PLACE, nonce));
  };
  app.get('/', (_request, reply) => sendPage(reply));
  // Addresses inside the application are opened by the page itself.
  app.get('/projects', (_request, reply) => sendPage(reply));
  app.get('/templates', (_request, reply) => sendPage(reply));
  app.get('/projects/*', (_request, reply) => sendPage(reply));
};

/**
 * Gives the text of a page as it is now; null while there is none. The server starts beside the build of the web application, whose files have
 * other names each time: a page that was read before that would ask for files that are gone.
 */
function pageReader(file: string): () => Promise<string | null> {
  let known: { readonly written: number; readonly text: string } | null = null;
  return async () => {
    try {
      const written = (await stat(file)).mtimeMs;
      if (known?.written !== written) known = { written, text: await readFile(file, 'utf8') };
      return known.text;
    } catch {
      return null;
    }
  };
}

function policy(nonce: string): string {
  return [
    "default-src 'self'",
    "script-src 'self' 'wasm-unsafe-eval'",
    `style-src 'self' 'nonce-${nonce}'`,
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

export const webPlugin = fp(web, { name: 'web' });
