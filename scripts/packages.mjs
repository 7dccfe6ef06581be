import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { Stop } from './console.mjs';
import { ROOT } from './places.mjs';
import { run } from './run-command.mjs';

/** @throws Stop when this Node can not run the application. */
export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) {
    throw new Stop(`Kadrosyn needs Node 20.19 or newer; this is ${process.versions.node}.`);
  }
}

/** Installs packages when the lockfile is another one than at the last installation. */
export async function installPackages() {
  const lock = createHash('sha256')
    .update(readFileSync(`${ROOT}/package-lock.json`))
    .digest('hex');
  const mark = `${ROOT}/node_modules/.kadrosyn-lock`;
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return 'unchanged';
  await run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund'], { cwd: ROOT });
  writeFileSync(mark, lock);
  return 'installed';
}
