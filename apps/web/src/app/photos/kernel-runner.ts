import { BudgetCache, reasonOf, runKernel, type Inputs, type KernelJob, type Kernels, type Trace } from '@kadrosyn/render';
import type { Pixels, Plane } from '@kadrosyn/core';
import type { KernelWorker } from './kernel.worker';
import { RestartingWorker } from './restarting-worker';

/** Bytes of results that are kept. */
const BUDGET = 128 * 2 ** 20;

/** The worker as it is called, and how it is ended. */
export interface RunningWorker {
  readonly run: (job: KernelJob) => Promise<Pixels | Plane>;
  readonly end: () => void;
}

interface KernelRequest {
  readonly inputs: Inputs;
  readonly job: KernelJob;
  /** Why the result is not there, and when it was asked for; for a trace. */
  readonly reason: string;
  readonly askedAt: number;
}

/** Runs kernels in a worker, one after the other; what was overtaken by a newer request is not begun. */
export class KernelRunner implements Kernels {
  private readonly results = new BudgetCache<string, { readonly inputs: Inputs; readonly result: Pixels | Plane }>(BUDGET);
  private readonly waiting = new Map<string, KernelRequest>();
  private readonly running = new Map<string, KernelRequest>();
  private worker: RunningWorker | null = null;
  /** Raised when it is stopped: what was asked for before is not waited for. */
  private turn = 0;

  /** @param whenDone - called when all that was asked for is there. */
  constructor(
    private readonly whenDone: () => void,
    private readonly start: () => RunningWorker = startWorker,
    private readonly trace?: Trace,
  ) {}

  get pending(): number {
    return this.waiting.size + this.running.size;
  }

  take(name: string, inputs: Inputs, job: (() => KernelJob) | null): Pixels | Plane | null {
    const known = this.results.get(name);
    const reason = reasonOf(known?.inputs, inputs);
    if (known && reason === null) {
      this.trace?.hit('kernels');
      return known.result;
    }
    if (!job) return null;
    const asked = this.waiting.get(name) ?? this.running.get(name);
    if (reasonOf(asked?.inputs, inputs) !== null) {
      this.waiting.set(name, { inputs, job: job(), reason: reason!, askedAt: performance.now() });
      void this.next();
    }
    return null;
  }

  /** Ends its worker; a later request starts another. */
  stop(): void {
    this.turn++;
    this.waiting.clear();
    this.running.clear();
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
    const [name, request] = entry;
    this.waiting.delete(name);
    this.running.set(name, request);
    const { turn } = this;
    const result = await this.done(request.job);
    if (!result || turn !== this.turn) return;
    const bytes = result.data.byteLength;
    this.results.set(name, { inputs: request.inputs, result }, bytes);
    this.running.delete(name);
    this.trace?.miss({ cache: 'kernels', name, reason: request.reason, ms: performance.now() - request.askedAt, bytes });
    this.trace?.held('kernels', this.results.bytes);
    void this.next();
  }

  /** Null where it was stopped meanwhile. */
  private async done(job: KernelJob): Promise<Pixels | Plane | null> {
    const { turn } = this;
    try {
      this.worker ??= this.start();
      return await this.worker.run(job);
    } catch (error) {
      if (turn !== this.turn) return null;
      // A worker that fails (for want of memory) must not leave the sheet coarse for good.
      console.error(error);
      return runKernel(job);
    }
  }
}

function startWorker(): RunningWorker {
  const worker = new RestartingWorker<KernelWorker>(
    () => new Worker(new URL('./kernel.worker', import.meta.url), { type: 'module' }),
  );
  return { run: (job) => worker.call(({ run }) => run(job) as Promise<Pixels | Plane>), end: () => worker.end() };
}
