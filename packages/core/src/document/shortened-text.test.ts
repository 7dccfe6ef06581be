import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shortenedText } from './shortened-text.js';

describe('shortenedText', () => {
  it.each([
    ['Mug', 10, 'Mug'],
    ['Teacup', 3, 'Tea'],
    ['ab🏺', 3, 'ab'],
    ['ab🏺', 4, 'ab🏺'],
    ['👩‍🎨 at work', 4, ''],
    ['e\u0301e\u0301', 3, 'e\u0301'],
  ])('cuts %j to %i', (text, most, cut) => {
    expect(shortenedText(text, most)).toBe(cut);
  });

  it('gives a beginning of the text that fits and is well formed', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.nat(12), (text, most) => {
        const cut = shortenedText(text, most);
        expect(text.startsWith(cut)).toBe(true);
        expect(cut.length).toBeLessThanOrEqual(most);
        expect(cut).not.toMatch(/\p{Cs}/u);
      }),
    );
  });
});
