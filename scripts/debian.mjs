import { existsSync } from 'node:fs';
import { Stop } from './console.mjs';
import { run } from './run-command.mjs';

/**
 * Installs packages of Debian's, as root or with sudo that asks nothing.
 * @throws Stop saying what to run by hand where that is not possible.
 */
export async function installDebian(...packages) {
  const environment = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const prefix = process.getuid() === 0 ? [] : ['sudo', '-n', '--preserve-env=DEBIAN_FRONTEND'];
  const apt = (...args) => {
    const [command, ...rest] = [...prefix, 'apt-get', ...args];
    return run(command, rest, { env: environment });
  };
  if (!existsSync('/usr/bin/apt-get'))
    throw new Stop(`This system has no apt-get. Please install ${packages.join(', ')} and start again.`);
  try {
    await apt('update');
    await apt('install', '-y', '--no-install-recommends', ...packages);
  } catch (error) {
    throw new Stop(`${error.message}\nPlease run once as root: apt-get install ${packages.join(' ')}`);
  }
}
