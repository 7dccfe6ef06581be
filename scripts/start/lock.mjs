import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Stop } from '../console.mjs';

/** Keeps a second start away from the same data folder. A lock whose process is gone counts for nothing. */
export function lock(folder) {
  mkdirSync(folder, { recursive: true });
  const file = join(folder, 'start.lock');
  if (existsSync(file)) {
    const { pid, address } = readLock(file);
    if (isStart(pid)) throw new Stop(`Kadrosyn runs already${address ? ` at ${address}` : ''} (process ${pid}).`);
  }
  const write = (address) => writeFileSync(file, JSON.stringify({ pid: process.pid, address }));
  write('');
  return { write, release: () => rmSync(file, { force: true }) };
}

function readLock(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return {};
  }
}

function isStart(pid) {
  try {
    return pid !== process.pid && readFileSync(`/proc/${pid}/cmdline`, 'utf8').match(/start\.mjs|dev\.mjs/) !== null;
  } catch {
    return false;
  }
}
