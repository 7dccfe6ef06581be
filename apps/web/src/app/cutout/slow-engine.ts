import type { Pixels, Plane } from '@kadrosyn/core';
import { RestartingWorker } from '../photos/restarting-worker';
import type { SlowRequest } from './cutout-messages';
import type { SlowCutter } from './opencv.worker';

/**
 * The worker for slower, better answers, for tracing and for persons. It is started, and its 11 MB are fetched, when it is first needed; what it has
 * begun can not be stopped, so of what waits only the newest is done.
 */
export class SlowEngine {
  private readonly worker = new RestartingWorker<SlowCutter>(
    () => new Worker(new URL('./opencv.worker', import.meta.url), { type: 'module' }),
  );
  private model: Promise<Uint8Array> | null = null;
  private running: Promise<unknown> = Promise.resolve();
  private turn = 0;
  private looked: Promise<void> | null = null;

  /** Null when a newer request came before it was begun. */
  async better(request: SlowRequest): Promise<Plane | null> {
    const turn = ++this.turn;
    await this.running.catch(() => undefined);
    if (turn !== this.turn) return null;
    const answer = this.worker.call((cutter) => cutter.better(request));
    this.running = answer;
    return answer;
  }

  /** A newer mark makes what waits needless. */
  overtake(): void {
    this.turn++;
  }

  /** Where persons are; null where the model is not sure of any. */
  async person(pixels: Pixels): Promise<Plane | null> {
    this.model ??= personModel().catch((error: unknown) => {
      this.model = null;
      throw error;
    });
    const model = await this.model;
    return this.worker.call((cutter) => cutter.person(pixels, model));
  }

  /** Prepares a picture for tracing; once is enough. */
  look(pixels: Pixels): Promise<void> {
    // A worker that ended has forgotten the picture.
    this.looked ??= this.worker
      .call((cutter) => cutter.look(pixels))
      .catch((error: unknown) => {
        this.looked = null;
        throw error;
      });
    return this.looked;
  }

  path(from: readonly [number, number], to: readonly [number, number]): Promise<number[]> {
    return this.worker.call((cutter) => cutter.path(from, to));
  }

  end(): void {
    this.worker.end();
  }
}

async function personModel(): Promise<Uint8Array> {
  const { default: address } = await import('@mediapipe/selfie_segmentation/selfie_segmentation.tflite');
  const response = await fetch(address);
  if (!response.ok) throw new Error(`${address} answered ${response.status}`);
  return new Uint8Array(await response.arrayBuffer());
}
