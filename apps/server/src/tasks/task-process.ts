import type { Order, Report } from './pool-process.js';
import { TASKS, type TaskName } from './tasks.js';

/** One process of a pool: does one task after the other as it is told. */
const report = (message: Report): void => void process.send?.(message);

const works = TASKS as unknown as Record<TaskName, (task: unknown, onProgress: (share: number) => void) => unknown>;

process.on('message', ({ id, name, task }: Order) => {
  Promise.resolve()
    .then(() => works[name](task, (progress) => report({ id, progress })))
    .then(
      (result) => report({ id, result }),
      (error: unknown) => report({ id, fault: error instanceof Error ? (error.stack ?? error.message) : String(error) }),
    );
});
// Whoever started it is gone.
process.on('disconnect', () => process.exit(0));
report({ ready: true });
