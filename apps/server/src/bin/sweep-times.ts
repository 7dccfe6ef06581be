import type { FastifyBaseLogger } from 'fastify';
import type { Database } from '../database/connect.js';
import { loggableFault } from '../loggable-fault.js';
import { sweep } from './sweep.js';

/** How often the bin is swept, ms. */
const EVERY = 6 * 3_600_000;

/** Sweeps the bin a minute after the start and then every six hours. @returns what to stop it by. */
export function startSweeping(db: Database, log: FastifyBaseLogger): NodeJS.Timeout {
  let last = Date.now() - EVERY + 60_000;
  const look = async (): Promise<void> => {
    if (Date.now() - last < EVERY) return;
    last = Date.now();
    try {
      log.info(await sweep(db), 'bin swept');
    } catch (error) {
      log.warn(loggableFault(error), 'the bin was not swept');
    }
  };
  return setInterval(() => void look(), 60_000).unref();
}
