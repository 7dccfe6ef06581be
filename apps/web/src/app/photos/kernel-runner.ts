import { BudgetCache, runKernel, type KernelJob, type Kernels } from '@kadrosyn/render';
import type { Pixels, Plane } from '@kadrosyn/core';
import { wrap } from 'comlink';
import type { KernelWorker } from './kernel.worker';

/** Bytes of results that are kept. */
const BUDGET = 128 * 2 ** 20;

/** The worker as it is called, and how it is ended. */
export interface RunningWorker {
  readonly run: (job: KernelJob) => Promise<Pixels | Plane>;
  readonly end: () => void;
}

interface Wish {
  readonly stamp: readonly unknown[];
  readonly job: KernelJob;
}

/** Runs kernels in a worker, one after the other; what was overtaken by a newer wish is not begun. */
export class KernelRunner implements Kernels {
  missed = 0;
  private readonly results = new BudgetCache<string, { readonly stamp: readonly unknown[]; readonly result: Pixels | Plane }>(
    BUDGET,
  );
  private readonly waiting = new Map<string, Wish>();
  private readonly running = new Map<string, Wish>();
  private worker: RunningWorker | null = null;

  /** @param whenDone - called when all that was asked for is there. */
  constructor(
    private readonly whenDone: () => void,
    private readonly start: () => RunningWorker = startWorker,
  ) {}

  get pending(): number {
    return this.waiting.size + this.running.size;
  }

  take(name: string, stamp: readonly unknown[], job: (() => KernelJob) | null): Pixels | Plane | null {
    const known = this.results.get(name);
    if (known && isSame(known.stamp, stamp)) return known.result;
    this.missed++;
    if (!job) return null;
    const wished = this.waiting.get(name) ?? this.running.get(name);
    if (!wished || !isSame(wished.stamp, stamp)) {
      this.waiting.set(name, { stamp, job: job() });
      void this.next();
    }
    return null;
  }

  /** Ends its worker; a later wish starts another. */
  stop(): void {
    this.waiting.clear();
    this.worker?.end();
    this.worker = null;
  }

  private async next(): Promise<void> {
    if (this.running.size > 0) return;
    const [entry] = this.waiting;
    if (!entry) {
      this.whenDone();
      return;
    }
    const [name, wish] = entry;
    this.waiting.delete(name);
    this.running.set(name, wish);
    const result = await this.done(wish.job);
    this.results.set(name, { stamp: wish.stamp, result }, result.data.byteLength);
    this.running.delete(name);
    void this.next();
  }

  private async done(job: KernelJob): Promise<Pixels | Plane> {
    try {
      this.worker ??= this.start();
      return await this.worker.run(job);
    } catch (error) {
      // A worker that fails (for want of memory) must not leave the sheet coarse for good.
      console.error(error);
      return runKernel(job);
    }
  }
}

function isSame(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((value, i) => value === b[i]);
}

function startWorker(): RunningWorker {
  const worker = new Worker(new URL('./kernel.worker', import.meta.url), { type: 'module' });
  const { run } = wrap<KernelWorker>(worker);
  return { run: (job) => run(job), end: () => worker.terminate() };
}
