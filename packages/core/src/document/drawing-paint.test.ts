import { describe, expect, it } from 'vitest';
import { layerPaint, shaded } from './drawing-paint.js';
import type { DrawingFill } from './fill.js';

const fill: DrawingFill = { type: 'drawing', colours: ['#804020', '#ffffff'], layers: [] };

describe('the paint of a layer', () => {
  it('is its colour, solid unless it says otherwise', () => {
    expect(layerPaint(fill, { d: '', colour: 0 })).toEqual({ type: 'colour', colour: '#804020' });
    expect(layerPaint(fill, { d: '', colour: 1, strength: 0.5 })).toEqual({ type: 'colour', colour: '#ffffff80' });
  });

  it('that the drawing does not have is its last one', () => {
    expect(layerPaint(fill, { d: '', colour: 7 })).toMatchObject({ colour: '#ffffff' });
  });

  it('fades between strengths', () => {
    const fade = {
      kind: 'radial',
      stops: [
        { at: 0, strength: 1 },
        { at: 1, strength: 0 },
      ],
    } as const;
    expect(layerPaint(fill, { d: '', colour: 0, strength: 0.5, fade })).toEqual({
      type: 'gradient',
      kind: 'radial',
      stops: [
        { at: 0, colour: '#80402080' },
        { at: 1, colour: '#80402000' },
      ],
    });
  });

  it('is darkened and lightened by its shade', () => {
    expect(shaded('#804020', 0)).toBe('#804020');
    expect(shaded('#804020', -1)).toBe('#000000');
    expect(shaded('#804020', 1)).toBe('#ffffff');
    expect(shaded('#804020', 0.5)).toBe('#c0a090');
  });
});
