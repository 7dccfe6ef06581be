import type { Order, Report } from './process-pool.js';
import { TASKS } from './tasks.js';

/** One process of a pool: does one task after the other as it is told. */
const report = (message: Report): void => void process.send?.(message);

process.on('message', ({ id, name, task }: Order) => {
  const work = TASKS[name] as (task: unknown, onProgress: (share: number) => void) => unknown;
  Promise.resolve()
    .then(() => work(task, (progress) => report({ id, progress })))
    .then(
      (result) => report({ id, result }),
      (error: unknown) => report({ id, fault: error instanceof Error ? (error.stack ?? error.message) : String(error) }),
    );
});
// Whoever started it is gone.
process.on('disconnect', () => process.exit(0));
report({ ready: true });
