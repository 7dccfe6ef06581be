// Does what has to be done side by side, as far as it does not wait for something else and the machine has room.

/**
 * @typedef {object} Task
 * @property {string} name
 * @property {string[]} [after] - tasks that must have ended well before; those that are not wanted count for nothing
 * @property {number} cores - so many processors it keeps busy; 0 for what mostly waits
 * @property {() => Promise<unknown>} run
 */

/**
 * Runs tasks in their order as room is found: a task waits for those in `after`, and for its cores. One that needs more than there are has the
 * machine for itself.
 * @param {Task[]} tasks - those that others wait for should come first
 * @param {number} cores - of the machine
 * @returns {Promise<Map<string, { state: 'done', value: unknown } | { state: 'failed', error: Error } | { state: 'left', for: string }>>} what
 *   became of each; a task is left when one that it waits for has not ended well
 */
export function runTasks(tasks, cores) {
  const outcomes = new Map();
  const waiting = [...tasks];
  const names = new Set(tasks.map(({ name }) => name));
  let free = cores;
  let running = 0;
  return new Promise((resolve) => {
    const next = () => {
      for (let index = 0; index < waiting.length; index++) {
        const task = waiting[index];
        const before = (task.after ?? []).filter((name) => names.has(name));
        const missing = before.find((name) => outcomes.has(name) && outcomes.get(name).state !== 'done');
        if (missing) {
          waiting.splice(index, 1);
          outcomes.set(task.name, { state: 'left', for: missing });
          // Others may wait for this one.
          index = -1;
          continue;
        }
        const wanted = Math.min(task.cores, cores);
        if (!before.every((name) => outcomes.has(name))) continue;
        if (wanted > free) {
          // What needs the whole machine is not put off by small tasks for ever.
          if (task.cores >= cores) break;
          continue;
        }
        waiting.splice(index, 1);
        index = -1;
        begin(task, wanted);
      }
      if (running === 0 && waiting.length === 0) resolve(outcomes);
    };
    const begin = (task, taken) => {
      free -= taken;
      running++;
      const end = (outcome) => {
        outcomes.set(task.name, outcome);
        free += taken;
        running--;
        next();
      };
      Promise.resolve()
        .then(task.run)
        .then(
          (value) => end({ state: 'done', value }),
          (error) => end({ state: 'failed', error }),
        );
    };
    next();
  });
}
