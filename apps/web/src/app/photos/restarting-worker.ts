import { wrap, type Remote } from 'comlink';

/** A worker that ended before it had answered: it failed as a whole, or was ended. */
export class WorkerEnded extends Error {
  override readonly name = 'WorkerEnded';
}

interface Running<T> {
  readonly worker: Worker;
  readonly remote: Remote<T>;
  /** Rejects when the worker ends; otherwise whoever waits for it would wait for good. */
  readonly ended: Promise<never>;
  readonly end: () => void;
}

/** A worker that is started when it is first called, and anew after it ended. */
export class RestartingWorker<T> {
  private running: Running<T> | null = null;

  constructor(private readonly start: () => Worker) {}

  /** @throws WorkerEnded when it ends before it answers, and whatever the worker throws. */
  call<R>(ask: (remote: Remote<T>) => Promise<R>): Promise<R> {
    const { remote, ended } = (this.running ??= this.begin());
    return Promise.race([ask(remote), ended]);
  }

  end(): void {
    this.running?.end();
  }

  private begin(): Running<T> {
    const worker = this.start();
    let reject: (reason: WorkerEnded) => void;
    const ended = new Promise<never>((_resolve, onEnd) => {
      reject = onEnd;
    });
    // Nobody may be waiting.
    ended.catch(() => undefined);
    const end = (): void => {
      if (this.running?.worker === worker) this.running = null;
      worker.terminate();
      reject(new WorkerEnded('The worker has ended'));
    };
    // Its script did not arrive, or it ran out of memory.
    for (const event of ['error', 'messageerror']) worker.addEventListener(event, end);
    return { worker, remote: wrap<T>(worker), ended, end };
  }
}
