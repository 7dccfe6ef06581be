import { describe, expect, it } from 'vitest';
import { mapPixels } from '../../testing/node-scene.js';
import { LevelChain } from './level-chain.js';

describe('the levels of a photo', () => {
  it('are made by halving, from the one at hand', () => {
    const chain = new LevelChain(mapPixels(100, 60), 0, { width: 100, height: 60 });
    expect([1, 2, 3].map((index) => chain.at(index).width)).toEqual([50, 25, 13]);
    expect(chain.coarsest).toBe(7);
    expect(chain.opaque).toBe(true);
    expect(chain.indexFor(0.3)).toBe(1);
  });

  it('are never finer than the one at hand', () => {
    const chain = new LevelChain(mapPixels(25, 15), 2, { width: 100, height: 60 });
    expect(chain.indexFor(1)).toBe(2);
    expect(() => chain.at(1)).toThrow(RangeError);
    expect(chain.at(3).width).toBe(13);
  });

  it('know a clear photo', () => {
    expect(new LevelChain(mapPixels(4, 4, 254), 0, { width: 4, height: 4 }).opaque).toBe(false);
  });
});
