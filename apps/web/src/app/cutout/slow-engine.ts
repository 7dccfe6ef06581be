import type { Pixels, Plane } from '@kadrosyn/core';
import personModel from '@mediapipe/selfie_segmentation/selfie_segmentation.tflite';
import { wrap, type Remote } from 'comlink';
import type { SlowRequest } from './cutout-messages';
import type { SlowCutter } from './opencv.worker';

/**
 * The worker for slower, better answers, for tracing and for persons. It is started, and its 11 MB are fetched, when it is first needed; what it has
 * begun can not be stopped, so of what waits only the newest is done.
 */
export class SlowEngine {
  private worker: Worker | null = null;
  private cutter: Remote<SlowCutter> | null = null;
  private model: Promise<Uint8Array> | null = null;
  private running: Promise<unknown> = Promise.resolve();
  private turn = 0;
  private looked: Promise<void> | null = null;

  /** Null when a newer request came before it was begun. */
  async better(request: SlowRequest): Promise<Plane | null> {
    const turn = ++this.turn;
    await this.running.catch(() => undefined);
    if (turn !== this.turn) return null;
    const answer = this.started().better(request);
    this.running = answer;
    return answer;
  }

  /** A newer mark makes what waits needless. */
  overtake(): void {
    this.turn++;
  }

  /** Where persons are; null where the model is not sure of any. */
  async person(pixels: Pixels): Promise<Plane | null> {
    this.model ??= fetchBytes(personModel);
    return this.started().person(pixels, await this.model);
  }

  /** Prepares a picture for tracing; once is enough. */
  look(pixels: Pixels): Promise<void> {
    this.looked ??= this.started().look(pixels);
    return this.looked;
  }

  path(from: readonly [number, number], to: readonly [number, number]): Promise<number[]> {
    return this.started().path(from, to);
  }

  end(): void {
    this.worker?.terminate();
    this.worker = null;
    this.cutter = null;
  }

  private started(): Remote<SlowCutter> {
    if (this.cutter) return this.cutter;
    this.worker = new Worker(new URL('./opencv.worker', import.meta.url), { type: 'module' });
    this.cutter = wrap<SlowCutter>(this.worker);
    return this.cutter;
  }
}

async function fetchBytes(address: string): Promise<Uint8Array> {
  const response = await fetch(address);
  if (!response.ok) throw new Error(`${address} answered ${response.status}`);
  return new Uint8Array(await response.arrayBuffer());
}
