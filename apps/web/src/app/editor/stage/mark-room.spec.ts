import { describe, expect, it } from 'vitest';
import { markRoom } from './mark-room';

describe('room for marks', () => {
  it('lets marks stand on the edges of a large item, and off those of a small one', () => {
    expect(markRoom(300, 200)).toMatchObject({ tabs: 0, hasTabs: true, hasBars: true });
    const caption = markRoom(200, 18);
    // A tab is taken hold of from 9 px around it, a peg too: none reaches into the item.
    expect(caption.tabs).toBeGreaterThan(9);
    expect(caption.pegs).toBeGreaterThan(9);
    expect(caption).toMatchObject({ hasTabs: true, hasBars: false });
    expect(markRoom(20, 20).hasTabs).toBe(false);
  });
});
