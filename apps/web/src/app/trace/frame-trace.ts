import { InjectionToken, signal } from '@angular/core';
import type { CacheName, Miss, Trace } from '@kadrosyn/render';

/** What one frame cost. */
export interface FrameCost {
  /** What was painted: nothing, a part, the whole sheet. */
  readonly how: string;
  /** A quick frame of something that moves. */
  readonly draft: boolean;
  /** Time of the frame, and of it the time that making an exact picture took, ms. */
  readonly ms: number;
  readonly settling: number;
}

/** A frame that took longer than one of the screen, and what was made in it, the longest first. */
export interface SlowFrame extends FrameCost {
  readonly number: number;
  readonly made: readonly Miss[];
}

/** What is known of one cache. */
export interface CacheUse {
  readonly cache: CacheName;
  readonly hits: number;
  readonly misses: number;
  /** What it holds now, bytes; null for a cache without a budget. */
  readonly held: number | null;
}

/** A frame of a screen with 60 of them a second, ms. */
const SCREEN_FRAME = 1000 / 60;
/** How many misses and slow frames are remembered. */
const REMEMBERED = 60;
/** The panel that shows all this is not brought up to date more often, ms: else it would slow down what it measures. */
const PAUSE = 500;

/** Collects what caches found and made, and which frames were slow; see docs/contributing.md. */
export class FrameTrace implements Trace {
  /** Raised a while after something was collected. */
  readonly version = signal(0);
  private readonly uses = new Map<CacheName, { hits: number; misses: number; held: number | null }>();
  private recent: Miss[] = [];
  private slow: SlowFrame[] = [];
  private inThisFrame: Miss[] = [];
  private frames = 0;
  private due: ReturnType<typeof setTimeout> | undefined;

  hit(cache: CacheName): void {
    this.use(cache).hits++;
  }

  miss(miss: Miss): void {
    this.use(miss.cache).misses++;
    this.inThisFrame.push(miss);
    this.recent = [...this.recent, miss].slice(-REMEMBERED);
    this.tell();
  }

  held(cache: CacheName, bytes: number): void {
    this.use(cache).held = bytes;
  }

  /** Ends a frame: what was made since the last one belongs to it. */
  frame(cost: FrameCost): void {
    this.frames++;
    // Workers make theirs beside the frames.
    const made = this.inThisFrame.filter(({ cache }) => cache !== 'kernels' && cache !== 'photo levels');
    this.inThisFrame = [];
    if (cost.ms > SCREEN_FRAME) {
      const longestFirst = made.toSorted((a, b) => b.ms - a.ms);
      this.slow = [...this.slow, { ...cost, number: this.frames, made: longestFirst }].slice(-REMEMBERED);
    }
    this.tell();
  }

  clear(): void {
    this.uses.clear();
    [this.recent, this.slow, this.frames] = [[], [], 0];
    this.version.update((version) => version + 1);
  }

  get frameCount(): number {
    return this.frames;
  }

  caches(): readonly CacheUse[] {
    return [...this.uses].map(([cache, use]) => ({ cache, ...use }));
  }

  /** The newest first. */
  misses(): readonly Miss[] {
    return this.recent.toReversed();
  }

  /** The newest first. */
  slowFrames(): readonly SlowFrame[] {
    return this.slow.toReversed();
  }

  private use(cache: CacheName): { hits: number; misses: number; held: number | null } {
    const known = this.uses.get(cache);
    if (known) return known;
    const use = { hits: 0, misses: 0, held: null };
    this.uses.set(cache, use);
    return use;
  }

  private tell(): void {
    this.due ??= setTimeout(() => {
      this.due = undefined;
      this.version.update((version) => version + 1);
    }, PAUSE);
  }
}

/** The trace of this window where its address ends with `?trace`; else null, and nothing is measured. */
export const FRAME_TRACE = new InjectionToken<FrameTrace | null>('frame trace', {
  providedIn: 'root',
  factory: () => (new URLSearchParams(location.search).has('trace') ? new FrameTrace() : null),
});
