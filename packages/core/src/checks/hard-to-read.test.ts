import { describe, expect, it } from 'vitest';
import type { EdgeSample } from '../readable/edge-contrast.js';
import { hardToRead, readingVerdict, readingWords } from './hard-to-read.js';

const sample = (x: number, isSeen: boolean): EdgeSample => ({
  ...{ at: { x, y: 0 }, length: 1, difference: isSeen ? 60 : 2, ratio: isSeen ? 8 : 1.1 },
  ...{ inside: [0, 0, 0], outside: [0, 0, 0] },
});
const onSheet = ({ x, y }: { x: number; y: number }) => ({ x: x * 10 + 3, y: y + 4 });
const measured = (seen: number, samples: readonly EdgeSample[] = []) => ({ seen, ratio: 2.34, difference: 17.6, samples });

describe('whether a word is hard to read', () => {
  it('is told by the share of its edge that is seen', () => {
    expect([1, 0.9, 0.89, 0.65, 0.64, 0].map(readingVerdict)).toEqual(['easy', 'easy', 'weak', 'weak', 'hard', 'hard']);
  });

  it('is no finding where it is easy', () => {
    expect(hardToRead.find({ measured: measured(0.95), onSheet })).toEqual([]);
  });

  it('is found at the middle of the longest place that is not seen, in words with figures', () => {
    const weak = new Set([2, 3, 4, 10, 11, 12, 13, 14]);
    const samples = Array.from({ length: 20 }, (_, x) => sample(x, !weak.has(x)));
    const [finding] = hardToRead.find({ measured: measured(0.6, samples), onSheet });
    expect(finding).toEqual({
      at: { x: 123, y: 4 },
      words: 'Hard to read: contrast 2.3 to 1 across the edge, colours 18 apart.',
      remedies: [],
    });
    expect(hardToRead.find({ measured: measured(0.7), onSheet })[0]).toMatchObject({ at: null });
    expect(readingWords(measured(1))).toMatch(/^Easy to read/);
  });
});
