import { describe, expect, it } from 'vitest';
import { runTasks } from './schedule.mjs';

/** Tasks that end when they are told to. */
function room() {
  const log = [];
  const ends = new Map();
  const task = (name, cores, after = []) => ({
    name,
    cores,
    after,
    run: () =>
      new Promise((resolve, reject) => {
        log.push(name);
        ends.set(name, { resolve, reject });
      }),
  });
  const settled = () => new Promise((resolve) => setTimeout(resolve));
  const end = async (name, error) => {
    if (error) ends.get(name).reject(error);
    else ends.get(name).resolve(name);
    await settled();
  };
  return { log, task, end, settled };
}

describe('tasks side by side', () => {
  it('begin as room is found, in their order', async () => {
    const { log, task, end, settled } = room();
    const all = runTasks([task('a', 1), task('b', 1), task('c', 1), task('waits', 0)], 2);
    await settled();
    expect(log).toEqual(['a', 'b', 'waits']);
    await end('b');
    expect(log).toEqual(['a', 'b', 'waits', 'c']);
    for (const name of ['a', 'c', 'waits']) await end(name);
    expect([...(await all).values()].map(({ state }) => state)).toEqual(['done', 'done', 'done', 'done']);
  });

  it('wait for what they come after, and are left when that fails', async () => {
    const { log, task, end, settled } = room();
    const all = runTasks(
      [task('build', 1), task('test', 1, ['build', 'nobody']), task('last', 1, ['test']), task('other', 1)],
      2,
    );
    await settled();
    expect(log).toEqual(['build', 'other']);
    await end('build', new Error('broken'));
    await end('other');
    const outcomes = await all;
    expect(outcomes.get('build')).toMatchObject({ state: 'failed', error: { message: 'broken' } });
    expect(outcomes.get('test')).toEqual({ state: 'left', for: 'build' });
    expect(outcomes.get('last')).toEqual({ state: 'left', for: 'test' });
    expect(outcomes.get('other')).toEqual({ state: 'done', value: 'other' });
  });

  it('that need the whole machine get it, and small ones behind them do not slip in for ever', async () => {
    const { log, task, end, settled } = room();
    const all = runTasks([task('a', 1), task('whole', 4), task('b', 1)], 2);
    await settled();
    expect(log).toEqual(['a']);
    await end('a');
    expect(log).toEqual(['a', 'whole']);
    await end('whole');
    expect(log).toEqual(['a', 'whole', 'b']);
    await end('b');
    await all;
  });

  it('that fail at once are no worse than those that fail later', async () => {
    const outcomes = await runTasks(
      [
        {
          name: 'a',
          cores: 1,
          run: () => {
            throw new Error('at once');
          },
        },
      ],
      2,
    );
    expect(outcomes.get('a')).toMatchObject({ state: 'failed', error: { message: 'at once' } });
  });
});
