import { describe, expect, it } from 'vitest';
import { RestartingWorker, WorkerEnded } from './restarting-worker';

/** A worker that never answers. */
class MuteWorker extends EventTarget {
  isEnded = false;
  postMessage(): void {
    // Nobody is there.
  }
  terminate(): void {
    this.isEnded = true;
  }
}

interface Work {
  work: () => Promise<number>;
}

describe('a worker that starts again', () => {
  it('answers whoever waits when it fails, and is started anew', async () => {
    const started: MuteWorker[] = [];
    const worker = new RestartingWorker<Work>(() => {
      started.push(new MuteWorker());
      return started.at(-1) as unknown as Worker;
    });
    const waiting = [worker.call((remote) => remote.work()), worker.call((remote) => remote.work())];
    expect(started).toHaveLength(1);
    started[0]!.dispatchEvent(new Event('error'));
    for (const call of waiting) await expect(call).rejects.toBeInstanceOf(WorkerEnded);
    expect(started[0]!.isEnded).toBe(true);
    const next = worker.call((remote) => remote.work());
    expect(started).toHaveLength(2);
    // What the first one still says does not touch the second.
    started[0]!.dispatchEvent(new Event('error'));
    expect(started[1]!.isEnded).toBe(false);
    worker.end();
    await expect(next).rejects.toBeInstanceOf(WorkerEnded);
  });
});
