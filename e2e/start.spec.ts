import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Editor } from './support/editor.js';
import { ownPhoto } from './support/own-photos.js';
import { startApplication, type Started } from './support/started.js';
import { expect, test } from './support/test.js';

const START = fileURLToPath(new URL('../start', import.meta.url));
test.describe.configure({ mode: 'serial' });

let folder: string;
let started: Started | null = null;
test.beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'kadrosyn-start-'));
});
test.afterEach(async () => {
  await started?.stop();
  started = null;
});
test.afterAll(() => rmSync(folder, { recursive: true, force: true }));

async function projects(address: string): Promise<string[]> {
  const response = await fetch(`${address}/api/projects`);
  return ((await response.json()) as { projects: { name: string }[] }).projects.map(({ name }) => name);
}

/** Processes of the application below the data folder's start: its server and its database. */
function children(pid: number): { pid: number; command: string }[] {
  const text = execFileSync('ps', ['-eo', 'pid=,ppid=,args=']).toString();
  return text
    .split('\n')
    .map((line) => /^\s*(\d+)\s+(\d+)\s+(.*)$/.exec(line))
    .filter((found) => found !== null && Number(found[2]) === pid)
    .map((found) => ({ pid: Number(found![1]), command: found![3]! }));
}

test('an empty start, a card, and everything is there again after a restart', async ({ page }) => {
  started = await startApplication(folder, ['--empty']);
  expect(await projects(started.address)).toEqual([]);
  await page.goto(started.address);
  const editor = new Editor(page);
  await expect(page.getByText('No projects yet.')).toBeVisible();
  await editor.begin('Card');
  await editor.dropFiles([await ownPhoto('Kept jug', 9)], { x: 0.5, y: 0.5 });
  await expect(editor.depth.getByRole('button', { name: /^Kept jug/ })).toBeVisible();
  await editor.saved();
  expect(await started.stop()).toBe(0);
  expect(existsSync(join(folder, 'start.lock'))).toBe(false);

  started = await startApplication(folder, ['--empty']);
  expect(await projects(started.address)).toEqual(['Card']);
  await page.goto(started.address);
  await editor.open('Card');
  await expect(editor.depth.getByRole('button', { name: /^Kept jug/ })).toBeVisible();
});

test('a second start on the same data says where the first one is', async () => {
  started = await startApplication(folder, ['--empty']);
  const second = spawnSync(START, [], { env: { ...process.env, KADROSYN_DATA: folder } });
  expect(second.status).toBe(1);
  expect(second.stderr.toString()).toContain(`Kadrosyn runs already at ${started.address}`);
});

test('recovers when its server or its database is killed', async () => {
  started = await startApplication(folder, ['--empty']);
  const { address } = started;
  const pid = started.process.pid!;
  const answers = () =>
    expect
      .poll(
        () =>
          fetch(`${address}/api/projects`).then(
            (response) => response.status,
            () => 0,
          ),
        { timeout: 30_000 },
      )
      .toBe(200);
  const server = children(pid).find(({ command }) => command.includes('server/dist/main.js'))!;
  process.kill(server.pid, 'SIGKILL');
  await expect.poll(() => started!.output().includes('The server ended unexpectedly'), { timeout: 20_000 }).toBe(true);
  await answers();
  const database = children(pid).find(({ command }) => command.includes('postgres'))!;
  process.kill(database.pid, 'SIGKILL');
  await expect.poll(() => started!.output().includes('The database ended unexpectedly'), { timeout: 20_000 }).toBe(true);
  await answers();
  expect(await projects(address)).toEqual(['Card']);
  const library = children(pid).find(({ command }) => command.includes('library/dist/main.js'))!;
  process.kill(library.pid, 'SIGKILL');
  await expect.poll(() => started!.output().includes('The picture library ended unexpectedly'), { timeout: 20_000 }).toBe(true);
  const search = (): Promise<number> => fetch(`${address}/api/library/pictures?words=mug`).then(({ status }) => status);
  await expect.poll(search, { timeout: 20_000 }).toBe(200);
});

test('a server that hangs is noticed, ended and started again', async () => {
  started = await startApplication(folder, ['--empty']);
  const server = children(started.process.pid!).find(({ command }) => command.includes('server/dist/main.js'))!;
  process.kill(server.pid, 'SIGSTOP');
  await expect.poll(() => started!.output().includes('does not answer any more'), { timeout: 60_000 }).toBe(true);
  const { address } = started;
  const answers = () =>
    fetch(`${address}/api/health`, { signal: AbortSignal.timeout(1000) }).then(
      ({ ok }) => ok,
      () => false,
    );
  await expect.poll(answers, { timeout: 30_000 }).toBe(true);
  expect(await projects(address)).toEqual(['Card']);
});

test('others are let in only where it is said under which name', () => {
  const refused = spawnSync(START, ['--empty'], { env: { ...process.env, KADROSYN_DATA: folder, PORT: '0', HOST: '0.0.0.0' } });
  expect(refused.status).toBe(1);
  expect(refused.stderr.toString() + refused.stdout.toString()).toContain('KADROSYN_HOSTS=');
});

test('recovers from its own kill: the next start ends what was left and finds everything', async () => {
  started = await startApplication(folder, ['--empty']);
  started.process.kill('SIGKILL');
  started = await startApplication(folder, ['--empty']);
  expect(await projects(started.address)).toEqual(['Card']);
});

test('puts the samples back on demand, and keeps the password to itself', async () => {
  started = await startApplication(folder, ['--reset-demo']);
  expect(await projects(started.address)).toContain('Open kiln day');
  expect(
    execFileSync('stat', ['-c', '%a', join(folder, 'postgres.password')])
      .toString()
      .trim(),
  ).toBe('600');
  expect(started.output()).not.toContain(readFileSync(join(folder, 'postgres.password'), 'utf8').trim());
});

test('explains itself', () => {
  const help = spawnSync(START, ['--help']);
  expect(help.status).toBe(0);
  expect(help.stdout.toString()).toContain('--reset-demo');
  const wrong = spawnSync(START, ['--nonsense']);
  expect(wrong.status).toBe(1);
  expect(wrong.stderr.toString()).toContain('Usage: ./start');
});
