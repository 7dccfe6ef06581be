import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ROOT } from '../places.mjs';

const SKIPPED = new Set(['node_modules', 'dist', '.angular', 'coverage']);

/**
 * Builds something unless all that it is made of is as it was, and all that came of it is still there.
 * @param inputs - files and folders of the project
 * @param outputs - files and folders that come of it
 * @param build - gets whether outputs may be missing that a builder remembers having made
 * @param root - folder of the project; marks are kept in its folder `build`
 * @returns whether anything was built
 */
export async function whenChanged(name, inputs, outputs, build, root = ROOT) {
  const file = join(root, 'build', `${name}.built.json`);
  const mark = readMark(file);
  const fingerprint = fingerprintOf(inputs, root);
  // Without a mark nothing is known of what is there: a build may have been cut off.
  const isWhole = mark !== null && mark.outputs.every(([path, size]) => sizeOf(join(root, path)) === size);
  if (isWhole && mark.fingerprint === fingerprint) return false;
  await build(!isWhole);
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, JSON.stringify({ fingerprint, outputs: outputsIn(outputs, root) }));
  return true;
}

function readMark(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
}

/** A number for the names and contents of all files below `places`; tests come to nothing that is built. */
function fingerprintOf(places, root) {
  const hash = createHash('sha256');
  for (const path of filesBelow(places, root)) {
    if (!/\.(test|spec)\.ts$/.test(path)) hash.update(path).update(readFileSync(join(root, path)));
  }
  return hash.digest('hex');
}

function outputsIn(places, root) {
  return filesBelow(places, root, new Set()).map((path) => [path, sizeOf(join(root, path))]);
}

/** Paths from `root`, in order. What is not there counts for nothing. */
function filesBelow(places, root, skipped = SKIPPED) {
  const found = [];
  const visit = (path) => {
    const full = join(root, path);
    if (!existsSync(full)) return;
    if (!statSync(full).isDirectory()) return void found.push(path);
    for (const name of readdirSync(full).sort()) if (!skipped.has(name)) visit(join(path, name));
  };
  for (const place of places) visit(place);
  return found;
}

function sizeOf(path) {
  try {
    return statSync(path).size;
  } catch {
    return -1;
  }
}
