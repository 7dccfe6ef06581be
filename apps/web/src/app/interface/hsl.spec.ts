import { describe, expect, it } from 'vitest';
import { hexOfHsl, hslOf } from './hsl';

describe('hue, saturation and lightness', () => {
  it('give back the colour they were made of', () => {
    for (let value = 0; value < 0xffffff; value += 40_503) {
      const hex = `#${value.toString(16).padStart(6, '0')}`;
      expect(hexOfHsl(hslOf(hex))).toBe(hex);
    }
  });

  it('are those of CSS', () => {
    expect(hexOfHsl({ hue: 120, saturation: 100, lightness: 25 })).toBe('#008000');
    expect(hslOf('#ff8000').hue).toBeCloseTo(30, 0);
    expect(hslOf('#808080')).toMatchObject({ hue: 0, saturation: 0 });
  });
});
