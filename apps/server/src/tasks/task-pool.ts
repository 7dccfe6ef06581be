import { MessageChannel } from 'node:worker_threads';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import type { Intake } from '../photos/intake.js';
import type { MatteIntake } from '../photos/matte-intake.js';
import type { FaceIntake } from '../faces/take-face.js';
import type { FaceTask, IntakeTask, MatteTask, RenderedFile, RenderTask } from './task-worker.js';

/** Runs decoding and drawing on threads of their own, so that answers never wait for them. */
export class TaskPool {
  private readonly pool = new Piscina({
    filename: fileURLToPath(new URL('./task-worker.js', import.meta.url)),
    minThreads: 1,
    maxThreads: 2,
    idleTimeout: 30_000,
  });

  intake(task: IntakeTask): Promise<Intake> {
    return this.pool.run(task, { name: 'intake' }) as Promise<Intake>;
  }

  matte(task: MatteTask): Promise<MatteIntake> {
    return this.pool.run(task, { name: 'matte' }) as Promise<MatteIntake>;
  }

  /** @param signal - ends the thread at once when aborted. */
  takeFace(task: FaceTask, signal: AbortSignal): Promise<FaceIntake> {
    return this.pool.run(task, { name: 'face', signal }) as Promise<FaceIntake>;
  }

  /**
   * @param onProgress - gets the share that is done, 0 to 1.
   * @param signal - ends the thread at once when aborted; the promise is then rejected.
   */
  async render(task: RenderTask, onProgress?: (share: number) => void, signal?: AbortSignal): Promise<RenderedFile> {
    const channel = new MessageChannel();
    channel.port1.on('message', (share: number) => onProgress?.(share));
    try {
      return (await this.pool.run(
        { ...task, progress: channel.port2 },
        { name: 'render', transferList: [channel.port2], ...(signal ? { signal } : {}) },
      )) as RenderedFile;
    } finally {
      channel.port1.close();
    }
  }

  close(): Promise<void> {
    return this.pool.destroy();
  }
}
