import type { TaskName, Tasks } from './tasks.js';
import { PoolProcess, TaskEnded, type PoolBounds, type TaskOptions, type Waiting } from './pool-process.js';

/**
 * Runs tasks in processes of their own, one at a time in each. A process can be ended whatever it is doing, inside a library of C as well as in a
 * loop, and what it held goes with it; a thread can not.
 */
export class ProcessPool {
  private readonly processes = new Set<PoolProcess>();
  private readonly queue: Waiting[] = [];
  private closed = false;
  private count = 0;

  constructor(private readonly bounds: PoolBounds) {}

  /**
   * @throws TaskEnded when it took too long, too much memory, or ended its process; the reason of the signal when that was aborted; an Error with
   *   what the task itself threw.
   */
  run<N extends TaskName>(
    name: N,
    task: Parameters<Tasks[N]>[0],
    options: TaskOptions = {},
  ): Promise<Awaited<ReturnType<Tasks[N]>>> {
    return new Promise((resolve, reject) => {
      if (this.closed) return reject(new TaskEnded('stopped'));
      const { signal } = options;
      if (signal?.aborted) return reject(asError(signal.reason));
      const order = { id: ++this.count, name, task };
      const settled = new AbortController();
      const waiting: Waiting = {
        order,
        options,
        resolve: (result) => {
          settled.abort();
          resolve(result as Awaited<ReturnType<Tasks[N]>>);
        },
        reject: (error) => {
          settled.abort();
          reject(error);
        },
      };
      signal?.addEventListener('abort', () => this.give(waiting, asError(signal.reason)), { once: true, signal: settled.signal });
      const first = options.isUrgent ? this.queue.findIndex((other) => !other.options.isUrgent) : -1;
      this.queue.splice(first < 0 ? this.queue.length : first, 0, waiting);
      this.next();
    });
  }

  /** Ends all processes; what they were doing is rejected. */
  async close(): Promise<void> {
    this.closed = true;
    for (const { reject } of this.queue.splice(0)) reject(new TaskEnded('stopped'));
    await Promise.all([...this.processes].map((process) => process.end(new TaskEnded('stopped'))));
  }

  /** Gives a task up, wherever it is. */
  private give(waiting: Waiting, error: Error): void {
    const at = this.queue.indexOf(waiting);
    if (at >= 0) {
      this.queue.splice(at, 1);
      return waiting.reject(error);
    }
    for (const process of this.processes) if (process.works(waiting)) void process.end(error);
  }

  private next(): void {
    while (this.queue.length > 0 && !this.closed) {
      const worker = [...this.processes].find((candidate) => candidate.isFree) ?? this.another();
      if (!worker) return;
      worker.begin(this.queue.shift()!);
    }
  }

  private another(): PoolProcess | undefined {
    if (this.processes.size >= this.bounds.most) return undefined;
    const worker = new PoolProcess(
      this.bounds,
      () => this.next(),
      () => {
        this.processes.delete(worker);
        this.next();
      },
    );
    this.processes.add(worker);
    return worker;
  }
}

function asError(reason: unknown): Error {
  return reason instanceof Error ? reason : new TaskEnded('stopped');
}
