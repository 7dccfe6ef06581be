import { changedInput, type Inputs } from './inputs.js';

/** Something that was made because it was not there, or no longer fitted. */
export interface Miss {
  /** Which of the caches it is kept in. */
  readonly cache: CacheName;
  /** Its name in that cache. */
  readonly name: string;
  /** The input that had changed, or why nothing was there. */
  readonly reason: string;
  /** Time that making it took; with whatever else had to be made for it. Of jobs of a worker: from asking to having. */
  readonly ms: number;
  /** Memory that it takes; 0 where that is not counted. */
  readonly bytes: number;
}

/** The caches that are traced. */
export type CacheName = 'layers' | 'kernels' | 'subject plans' | 'crossing plans' | 'covers' | 'photo levels';

/** Is told what was found and what had to be made. Nothing is measured where there is none. */
export interface Trace {
  hit(cache: CacheName): void;
  miss(miss: Miss): void;
  /** What a cache with a budget holds now, bytes. */
  held(cache: CacheName, bytes: number): void;
}

/** Why something that is asked for is not the one that is kept. @param kept - what that was made from, if there is any. */
export function reasonOf(kept: Inputs | undefined, now: Inputs, wasLetGo = false): string | null {
  if (!kept) return wasLetGo ? 'let go for want of room' : 'new';
  return changedInput(kept, now);
}

/** Makes something that was not there, and tells a trace. @param bytes - of what was made. */
export function made<T>(
  trace: Trace | undefined,
  { cache, name, reason }: Pick<Miss, 'cache' | 'name' | 'reason'>,
  make: () => T,
  bytes: (value: T) => number = () => 0,
): T {
  if (!trace) return make();
  const from = performance.now();
  const value = make();
  trace.miss({ cache, name, reason, ms: performance.now() - from, bytes: bytes(value) });
  return value;
}
