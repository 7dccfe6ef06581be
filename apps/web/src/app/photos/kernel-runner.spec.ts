import { castShadow, newPlane, type Plane } from '@kadrosyn/core';
import type { KernelJob } from '@kadrosyn/render';
import { describe, expect, it, vi } from 'vitest';
import { KernelRunner, type RunningWorker } from './kernel-runner';

const cast = { dx: 1, dy: 0, sigma: 0, spread: 0 };
const job = (width: number): KernelJob => ({ kind: 'shadow', plane: newPlane(width, 2), cast });

/** A worker that finishes its job when it is told to. */
function slowWorker() {
  const open: { job: KernelJob; finish: (result: Plane) => void; fail: (reason: Error) => void }[] = [];
  const worker: RunningWorker = {
    run: (asked) => new Promise((finish, fail) => open.push({ job: asked, finish, fail })),
    end: vi.fn(),
  };
  return { worker, open };
}

const widthOf = ({ job: asked }: { job: KernelJob }): number => ('plane' in asked ? asked.plane.width : 0);
const settled = () => new Promise((resolve) => setTimeout(resolve));

describe('running kernels', () => {
  it('gives results when they are there, and says so once all are', async () => {
    const done = vi.fn();
    const { worker, open } = slowWorker();
    const runner = new KernelRunner(done, () => worker);
    expect(runner.take('a', { at: 1 }, () => job(3))).toBeNull();
    expect(runner.take('b', { at: 1 }, () => job(4))).toBeNull();
    expect(runner.pending).toBe(2);
    // One after the other, and none twice.
    runner.take('a', { at: 1 }, () => job(99));
    expect(open.map(widthOf)).toEqual([3]);
    open[0]!.finish(newPlane(3, 2));
    await settled();
    expect(done).not.toHaveBeenCalled();
    open[1]!.finish(newPlane(4, 2));
    await settled();
    expect(done).toHaveBeenCalledOnce();
    expect(runner.take('a', { at: 1 }, () => job(3))?.width).toBe(3);
    expect(runner.pending).toBe(0);
  });

  it('does not begin what was overtaken, and never shows the older for the newer', async () => {
    const { worker, open } = slowWorker();
    const runner = new KernelRunner(
      () => undefined,
      () => worker,
    );
    runner.take('a', { at: 1 }, () => job(1));
    runner.take('a', { at: 2 }, () => job(2));
    runner.take('a', { at: 3 }, () => job(3));
    open[0]!.finish(newPlane(1, 2));
    await settled();
    expect(open.map(widthOf)).toEqual([1, 3]);
    expect(runner.take('a', { at: 3 }, () => job(3))).toBeNull();
    open[1]!.finish(newPlane(3, 2));
    await settled();
    expect(runner.take('a', { at: 3 }, () => job(3))?.width).toBe(3);
    expect(runner.take('a', { at: 1 }, () => job(1))).toBeNull();
  });

  it('does the work itself where the worker fails', async () => {
    const said = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const { worker, open } = slowWorker();
    const runner = new KernelRunner(
      () => undefined,
      () => worker,
    );
    const plane = newPlane(4, 1);
    plane.data[0] = 255;
    runner.take('a', { at: 1 }, () => ({ kind: 'shadow', plane, cast }));
    open[0]!.fail(new Error('out of memory'));
    await settled();
    expect(runner.take('a', { at: 1 }, () => job(1))).toEqual(castShadow(plane, cast));
    expect(said).toHaveBeenCalledOnce();
    said.mockRestore();
    runner.stop();
    expect(worker.end).toHaveBeenCalledOnce();
  });

  it('works again after it was stopped in the middle of a job, with another worker', async () => {
    const [first, second] = [slowWorker(), slowWorker()];
    const workers = [first.worker, second.worker];
    const done = vi.fn();
    const runner = new KernelRunner(done, () => workers.shift()!);
    runner.take('a', { at: 1 }, () => job(3));
    runner.stop();
    expect(runner.pending).toBe(0);
    runner.take('a', { at: 1 }, () => job(4));
    expect(second.open.map(widthOf)).toEqual([4]);
    // What the ended worker would still have said is nobody's.
    first.open[0]!.fail(new Error('ended'));
    await settled();
    second.open[0]!.finish(newPlane(4, 2));
    await settled();
    expect(runner.take('a', { at: 1 }, () => job(9))?.width).toBe(4);
    expect(done).toHaveBeenCalledOnce();
  });
});
