import { describe, expect, it } from 'vitest';
import { fuzz } from '../../testing/fuzz.js';

/** `npm run fuzz` tries a hundred thousand others. */
const RUNS = 1000;

describe('whatever is made of every kind of thing', () => {
  it('can be saved, opened, drawn, undone, done again and copied into another project, and is the same', async () => {
    expect(await fuzz(RUNS)).toBeGreaterThan(RUNS / 4);
  });
});
