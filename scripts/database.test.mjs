import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { endLeftover, holderOf } from './database.mjs';

let cluster;
let held;
let started;
beforeEach(() => {
  cluster = mkdtempSync(join(tmpdir(), 'kadrosyn-cluster-'));
  held = join(cluster, 'postmaster.pid');
  started = [];
});
afterEach(() => {
  for (const child of started) child.kill('SIGKILL');
  rmSync(cluster, { recursive: true, force: true });
});

/** A process that works in `folder` until it is ended. */
async function processIn(folder) {
  const child = spawn(process.execPath, ['-e', 'console.log(1); setInterval(() => {}, 1000)'], { cwd: folder });
  started.push(child);
  await new Promise((resolve) => child.stdout.once('data', resolve));
  return child;
}

describe('the file that says who holds a cluster', () => {
  it('names nobody where there is no such process any more', async () => {
    const child = await processIn(cluster);
    expect(holderOf(child.pid, cluster)).toBe('ours');
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGKILL');
    await ended;
    expect([child.pid, NaN, 0].map((pid) => holderOf(pid, cluster))).toEqual(['nobody', 'nobody', 'nobody']);
  });

  it('goes, and an earlier database that runs in this very folder is ended first', async () => {
    const child = await processIn(cluster);
    const ended = new Promise((resolve) => child.once('exit', (_code, signal) => resolve(signal)));
    writeFileSync(held, `${child.pid}\n${cluster}\n`);
    await endLeftover(cluster);
    expect(await ended).toBe('SIGINT');
    expect(existsSync(held)).toBe(false);
  });

  it('goes, and another program that was given the number since is left alone', async () => {
    const child = await processIn(tmpdir());
    writeFileSync(held, `${child.pid}\n${cluster}\n`);
    expect(holderOf(child.pid, cluster)).toBe('another program');
    await endLeftover(cluster);
    expect(existsSync(held)).toBe(false);
    expect([child.exitCode, child.signalCode]).toEqual([null, null]);
  });
});
