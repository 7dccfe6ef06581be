import { describe, expect, it } from 'vitest';
import { FrameTrace } from './frame-trace';

const miss = (name: string, ms: number) => ({ cache: 'layers', name, reason: 'box', ms, bytes: 400 }) as const;
const quick = { how: 'part', draft: true, settling: 0 };

describe('a trace of frames', () => {
  it('counts what was found and made, cache by cache', () => {
    const trace = new FrameTrace();
    trace.hit('layers');
    trace.hit('layers');
    trace.miss(miss('a', 2));
    trace.held('layers', 4000);
    trace.hit('covers');
    expect(trace.caches()).toEqual([
      { cache: 'layers', hits: 2, misses: 1, held: 4000 },
      { cache: 'covers', hits: 1, misses: 0, held: null },
    ]);
    trace.clear();
    expect(trace.caches()).toEqual([]);
  });

  it('remembers slow frames only, each with what was made in it', () => {
    const trace = new FrameTrace();
    trace.miss(miss('a', 2));
    trace.frame({ ...quick, ms: 4 });
    trace.miss(miss('b', 3));
    trace.miss(miss('c', 30));
    // A worker's work is no part of the frame.
    trace.miss({ ...miss('d', 80), cache: 'kernels' });
    trace.frame({ ...quick, ms: 35 });
    trace.frame({ ...quick, ms: 20 });
    const [last, slow] = trace.slowFrames();
    expect(slow).toMatchObject({ number: 2, ms: 35 });
    expect(slow!.made.map(({ name }) => name)).toEqual(['c', 'b']);
    expect(last).toMatchObject({ number: 3, made: [] });
    expect(trace.misses().map(({ name }) => name)).toEqual(['d', 'c', 'b', 'a']);
    expect(trace.frameCount).toBe(3);
  });
});
