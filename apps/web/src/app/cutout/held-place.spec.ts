import { describe, expect, it } from 'vitest';
import { heldPlace } from './held-place';

describe('a place that is held back', () => {
  it('is shown by its rows, in px of the photo', () => {
    // Two px in the first row, three in the second, of a copy 5 px wide at half the size.
    const place = heldPlace({ px: [7, 1, 2, 6, 8], isSubject: true }, { width: 5, scale: 0.5 });
    expect(place.shape).toBe('M2 0h4v2h-4zM2 2h6v2h-6z');
    expect(place.bounds).toEqual({ x: 2, y: 0, width: 6, height: 4 });
    expect(place.isSubject).toBe(true);
  });

  it('does not join the end of a row with the beginning of the next', () => {
    expect(heldPlace({ px: [4, 5], isSubject: false }, { width: 5, scale: 1 }).shape).toBe('M4 0h1v1h-1zM0 1h1v1h-1z');
  });
});
