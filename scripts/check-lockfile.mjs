// Checks that the lockfile holds what a fresh machine needs: npm leaves platform binaries out without a word.
import { readFileSync } from 'node:fs';
import { ROOT } from './places.mjs';

const { packages } = JSON.parse(readFileSync(`${ROOT}/package-lock.json`, 'utf8'));
const faults = [];

/** Where npm looks for `name` from `place`: beside it and in every folder above. */
function isThere(place, name) {
  for (let at = place; ;) {
    if (packages[`${at ? `${at}/` : ''}node_modules/${name}`]) return true;
    if (at === '') return false;
    const up = at.lastIndexOf('/node_modules/');
    at = up >= 0 ? at.slice(0, up) : '';
  }
}

for (const [place, entry] of Object.entries(packages)) {
  for (const name of Object.keys(entry.optionalDependencies ?? {})) {
    if (!isThere(place, name)) faults.push(`${place || 'the project'} wants ${name}, which has no entry`);
  }
  if (/^[a-z+]+:/.test(entry.resolved ?? '')) faults.push(`${place} names the address it was fetched from`);
  if (place.startsWith('node_modules/') && !entry.link && !entry.integrity) faults.push(`${place} has no checksum`);
}

for (const folder of ['', ...Object.keys(packages).filter((place) => place && !place.includes('node_modules'))]) {
  const wanted = JSON.parse(readFileSync(`${ROOT}/${folder}/package.json`, 'utf8'));
  for (const kind of ['dependencies', 'devDependencies']) {
    for (const [name, range] of Object.entries(wanted[kind] ?? {})) {
      if (packages[folder][kind]?.[name] !== range)
        faults.push(`${folder || 'package.json'}: ${name} ${range} is not what is locked`);
      if (!/^\d+\.\d+\.\d+(-[\w.]+)?$/.test(range))
        faults.push(`${folder || 'package.json'}: ${name} is not pinned to one version`);
    }
  }
}

if (faults.length > 0) {
  console.error(faults.join('\n'));
  process.exit(1);
}
