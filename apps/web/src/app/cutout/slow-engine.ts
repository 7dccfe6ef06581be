import type { Pixels, Plane } from '@kadrosyn/core';
import { RestartingWorker } from '../photos/restarting-worker';
import type { SlowCutter } from './opencv.worker';

/** The worker for tracing and for persons. It is started, and its 11 MB are fetched, when it is first needed. */
export class SlowEngine {
  private readonly worker = new RestartingWorker<SlowCutter>(
    () => new Worker(new URL('./opencv.worker', import.meta.url), { type: 'module' }),
  );
  private model: Promise<Uint8Array> | null = null;
  private looked: Promise<void> | null = null;

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
