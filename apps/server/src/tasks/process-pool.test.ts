import { ChildProcess } from 'node:child_process';
import { setImmediate } from 'node:timers/promises';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { STUBBORN_DRAWINGS } from '../../testing/stubborn-drawings.js';
import type { PoolBounds, TaskEnded } from '../../dist/tasks/pool-process.js';
import { ProcessPool } from '../../dist/tasks/process-pool.js';

const BOUNDS: PoolBounds = { most: 1, deadline: 20_000, memory: 2 ** 30, niceness: 0 };
const LIMITS = { bytes: 2 ** 20, pixels: 20e6, filesPerUpload: 1 };
const pools: ProcessPool[] = [];
afterEach(() => Promise.all(pools.splice(0).map((pool) => pool.close())));

function pool(bounds: Partial<PoolBounds> = {}): ProcessPool {
  const made = new ProcessPool({ ...BOUNDS, ...bounds });
  pools.push(made);
  return made;
}

const stubborn = (kind: keyof typeof STUBBORN_DRAWINGS) => ({ bytes: Buffer.from(STUBBORN_DRAWINGS[kind]!), limits: LIMITS });
const NESTED = 'a group used ten times, ten times over';
const ended = (why: string) => expect.objectContaining({ name: 'TaskEnded', why }) as TaskEnded;

describe('tasks in processes', () => {
  it('give what they made, one after the other in the same process', async () => {
    const one = pool();
    const answers = await Promise.all(['{}', '[]'].map((document) => one.run('document', { document })));
    expect(answers.map(({ ok }) => ok)).toEqual([false, false]);
  });

  it('say what they threw, and the process goes on', async () => {
    const one = pool();
    await expect(one.run('document', { document: 'no JSON' })).rejects.toThrow('SyntaxError');
    expect(await one.run('document', { document: '{}' })).toMatchObject({ ok: false });
  });

  describe('on a clock of their own', () => {
    // The time that the pool sees goes on only where a test says so: how fast the machine is decides nothing.
    beforeEach(() => void vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'performance'] }));
    afterEach(() => void vi.useRealTimers());

    /** Until the pool looks at a task that works, which it does from its beginning to its end. */
    const begun = async (): Promise<void> => {
      while (vi.getTimerCount() === 0) await setImmediate();
    };

    it('are ended when they take too long, inside a library too; what waits behind them is done', async () => {
      const one = pool({ deadline: 1_500 });
      const late = one.run('intake', stubborn(NESTED));
      const next = one.run('document', { document: '{}' });
      await begun();
      vi.advanceTimersByTime(6_200);
      await expect(late).rejects.toEqual(ended('late'));
      expect(await next).toMatchObject({ ok: false });
    });

    it('are not ended for having waited, for a process or for a busy processor', async () => {
      const one = pool({ deadline: 1_500 });
      const first = one.run('intake', stubborn(NESTED)).catch((error: unknown) => error);
      const second = one.run('intake', stubborn(NESTED)).catch((error: unknown) => error);
      const kill = vi.spyOn(ChildProcess.prototype, 'kill');
      await begun();
      vi.advanceTimersByTime(6_200);
      expect(await first).toEqual(ended('late'));
      await begun();
      kill.mockClear();
      vi.advanceTimersByTime(5_900);
      expect(kill).not.toHaveBeenCalled();
      vi.advanceTimersByTime(300);
      expect(kill).toHaveBeenCalled();
      kill.mockRestore();
      expect(await second).toEqual(ended('late'));
      expect(await one.run('document', { document: '{}' })).toMatchObject({ ok: false });
    });
  });

  it('are ended when they have worked for too long', async () => {
    const one = pool({ deadline: 500 });
    const from = performance.now();
    await expect(one.run('intake', stubborn(NESTED))).rejects.toEqual(ended('late'));
    expect(performance.now() - from).toBeGreaterThanOrEqual(500);
  });

  it('are ended when they take too much memory', async () => {
    const one = pool({ memory: 30 * 2 ** 20 });
    await expect(one.run('intake', stubborn('a stack of blurs'))).rejects.toEqual(ended('memory'));
  });

  it('are ended by whoever asked for them, and those that wait are not begun', async () => {
    const one = pool();
    const [stop, never] = [new AbortController(), new AbortController()];
    const going = one.run('intake', stubborn(NESTED), { signal: stop.signal });
    const waiting = one.run('intake', stubborn(NESTED), { signal: never.signal });
    never.abort(new Error('not wanted'));
    await expect(waiting).rejects.toThrow('not wanted');
    stop.abort(new Error('given up'));
    await expect(going).rejects.toThrow('given up');
    expect(await one.run('document', { document: '{}' })).toMatchObject({ ok: false });
  });

  it('go before others where somebody waits for them, in the order in which they were asked for', async () => {
    const one = pool();
    const order: string[] = [];
    const run = (name: string, isUrgent: boolean) =>
      one.run('document', { document: '{}' }, { isUrgent }).then(() => order.push(name));
    await Promise.all([
      run('begun', false),
      run('ahead', false),
      run('asked', true),
      run('asked too', true),
      run('ahead too', false),
    ]);
    expect(order).toEqual(['begun', 'asked', 'asked too', 'ahead', 'ahead too']);
  });

  it('are rejected when the pool is closed', async () => {
    const one = pool();
    const going = one.run('intake', stubborn(NESTED));
    const waiting = one.run('document', { document: '{}' });
    const both = Promise.all([
      expect(going).rejects.toEqual(ended('stopped')),
      expect(waiting).rejects.toEqual(ended('stopped')),
    ]);
    await one.close();
    await both;
    await expect(one.run('document', { document: '{}' })).rejects.toEqual(ended('stopped'));
  });
});
