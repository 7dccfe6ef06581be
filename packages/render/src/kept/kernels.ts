import {
  castShadow,
  developed,
  innerShadePlane,
  type Developing,
  type EffectFrame,
  type Pixels,
  type Plane,
  type ShadowCast,
} from '@kadrosyn/core';
import type { Inputs } from './inputs.js';

/** Work over every pixel that is heavy enough to be done away from the main thread. */
export type KernelJob = DevelopJob | ShadowJob | InnerShadeJob;

export interface DevelopJob {
  readonly kind: 'develop';
  readonly pixels: Pixels;
  readonly developing: Developing;
  readonly frame: EffectFrame;
}

export interface ShadowJob {
  readonly kind: 'shadow';
  readonly plane: Plane;
  readonly cast: ShadowCast;
}

export interface InnerShadeJob {
  readonly kind: 'inner-shade';
  readonly plane: Plane;
  readonly sigma: number;
}

type ResultOf<J extends KernelJob> = J extends DevelopJob ? Pixels : Plane;

/** Does a job at once. */
export function runKernel<J extends KernelJob>(job: J): ResultOf<J> {
  switch (job.kind) {
    case 'develop':
      return developed(job.pixels, job.developing, job.frame) as ResultOf<J>;
    case 'shadow':
      return castShadow(job.plane, job.cast) as ResultOf<J>;
    case 'inner-shade':
      return innerShadePlane(job.plane, job.sigma) as ResultOf<J>;
  }
}

/** Does jobs elsewhere, and keeps what came of them. */
export interface Kernels {
  /** So many results are being made. */
  readonly pending: number;
  /**
   * The result for a name and its inputs, or null while it is being made. Other inputs for the same name overtake what was asked for before.
   * @param job - makes the job; called only where it must be sent. Null only looks whether the result is there.
   */
  take(name: string, inputs: Inputs, job: (() => KernelJob) | null): Pixels | Plane | null;
}

/** Smaller jobs than this many px are done at once: sending them would take longer. */
const SMALL = 16_000;

/**
 * The result of a job: at once where nobody else does it, or where it is small.
 * @param size - px of the job.
 * @param of.mayAsk - false while what the job would work on is not exact itself.
 */
export function kernelResult<J extends KernelJob>(
  kernels: Kernels | undefined,
  { name, inputs, mayAsk = true }: { readonly name: string; readonly inputs: Inputs; readonly mayAsk?: boolean },
  size: number,
  job: () => J,
): ResultOf<J> | null {
  if (!kernels || size < SMALL) return runKernel(job());
  return kernels.take(name, inputs, mayAsk ? job : null) as ResultOf<J> | null;
}
