import { runKernel, type KernelJob } from '@kadrosyn/render';
import { expose, transfer } from 'comlink';

/** Does heavy work over pixels away from the main thread. */
const worker = {
  run(job: KernelJob) {
    const result = runKernel(job);
    return transfer(result, [result.data.buffer]);
  },
};

export type KernelWorker = typeof worker;

expose(worker);
