import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The folder of the project. */
export const ROOT = resolve(fileURLToPath(new URL('..', import.meta.url)));

/** Where the database and what belongs to it are kept. */
export function dataFolder() {
  return resolve(process.env.KADROSYN_DATA ?? `${ROOT}/data`);
}
