import type { FastifyInstance, FastifyRequest } from 'fastify';
import { CodedError } from './coded-error.js';

const READING = new Set(['GET', 'HEAD', 'OPTIONS']);
const WRONG_HOST = 'Kadrosyn is not reached under this name. Open it by the address that ./start printed.';
const OTHER_SITE = 'Another site asked for this. Nothing was changed; open Kadrosyn itself and do it there.';
const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);

/** Whether an address is that of this machine itself. */
export function isLoopback(host: string): boolean {
  return LOOPBACK.has(host) || host === '::1' || /^127\.\d+\.\d+\.\d+$/.test(host);
}

/**
 * Keeps other sites away. A page of another site can send requests to this address, and a name that is made to point here (DNS rebinding) even reads
 * the answers: so the name in Host must be one of ours, and what changes anything must come from our own pages.
 * @param hosts - names, without ports, under which the application is reached; those of this machine itself are always among them.
 */
export function keepOtherSitesAway(app: FastifyInstance, hosts: readonly string[]): void {
  const known = new Set(hosts.map((host) => host.toLowerCase()));
  app.addHook('onRequest', (request, _reply, done) => {
    const host = nameOf(request.headers.host ?? '');
    if (!isLoopback(host) && !known.has(host)) done(new CodedError(421, 'wrong-host', WRONG_HOST));
    else if (!READING.has(request.method) && isFromElsewhere(request)) done(new CodedError(403, 'other-site', OTHER_SITE));
    else done();
  });
}

/** By what the browser says of the page that asks. A program that is no browser says neither, and no page can make one say nothing. */
function isFromElsewhere({ headers }: FastifyRequest): boolean {
  const site = headers['sec-fetch-site'];
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return true;
  if (headers.origin === undefined) return false;
  try {
    return new URL(headers.origin).host !== headers.host;
  } catch {
    return true;
  }
}

/** The name in a Host header, without its port. */
function nameOf(host: string): string {
  return host.toLowerCase().replace(/:\d+$/, '');
}
