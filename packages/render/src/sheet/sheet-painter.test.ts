import { describe, expect, it } from 'vitest';
import type { Crossing, Opening, Sheet } from '@kadrosyn/core';
import { largestDifference, mapPixels, Scene } from '../../testing/node-scene.js';
import type { Context2D } from '../canvas/environment.js';
import { NODE_ENVIRONMENT } from '../node/node-environment.js';
import { SheetPainter } from './sheet-painter.js';
import type { SheetView } from './draw-sheet.js';
import { resolved } from '../../testing/resolved.js';

const VIEW: SheetView = { scale: 0.8, left: 13, top: 7 };
const RECTANGLE = { type: 'rectangle', radii: [0, 0, 0, 0] } as const;

function scene() {
  const made = new Scene(300, 240);
  const photo = made.photo('map', mapPixels(500, 400));
  const below = made.opening('below', { type: 'ellipse' }, 20, 20, 120, 120, { type: 'colour', colour: '#1d5a4c' });
  const moved = made.filled(made.opening('moved', { type: 'ellipse' }, 60, 40, 140, 140, { type: 'none' }), photo);
  const above = made.opening('above', RECTANGLE, 150, 60, 80, 140, { type: 'colour', colour: '#cf4a2280' });
  return { made, below, moved, above };
}

function painted(run: (painter: SheetPainter, context: Context2D) => void) {
  const surface = NODE_ENVIRONMENT.createSurface(300, 240);
  run(new SheetPainter(surface.context), surface.context);
  const { data } = surface.context.getImageData(0, 0, 300, 240);
  return { width: 300, height: 240, data: data as Uint8ClampedArray };
}

function shifted(opening: Opening, by: number): Opening {
  return { ...opening, box: { ...opening.box, x: opening.box.x + by, y: opening.box.y + by / 2 } };
}

describe('painting a canvas', () => {
  it('while one item moves paints only a part, and in the end the very same picture as from scratch', () => {
    const { made, below, moved, above } = scene();
    const { resources } = made;
    const sheet = (item: Opening, change: Partial<Sheet> = {}) => made.sheet([below, item, above], change);
    const kept: string[] = [];
    const stepped = painted((painter) => {
      kept.push(painter.paint(resolved(sheet(moved)), VIEW, 0, resources));
      for (const by of [3, 9, 21]) kept.push(painter.paint(resolved(sheet(shifted(moved, by))), VIEW, 0, resources));
      painter.settle(resources);
    });
    expect(kept).toEqual(['whole', 'part', 'part', 'part']);
    const scratch = painted((painter) => painter.paint(resolved(sheet(shifted(moved, 21))), VIEW, 0, resources));
    expect(largestDifference(stepped, scratch)).toBe(0);
  });

  it('does the same where crossings reach across what is moved', () => {
    const { made, below, moved, above } = scene();
    const pair = (lower: string, upper: string): Crossing => ({
      lower: { itemId: lower, part: 'whole' },
      upper: { itemId: upper, part: 'whole' },
      over: true,
      regions: [],
      cuts: [],
    });
    const [one, two, three] = [below, moved, { ...above, fill: { type: 'colour', colour: '#cf4a22' } as const }].map(
      (item, i) => ({ ...item, id: ['one', 'two', 'three'][i]! }),
    );
    const crossings = [pair('one', 'two'), pair('two', 'three')];
    const sheet = (item: Opening) => made.sheet([one!, item, three!], { crossings });
    const kept: string[] = [];
    const frames: Uint8ClampedArray[] = [];
    const stepped = painted((painter, context) => {
      kept.push(painter.paint(resolved(sheet(two!)), VIEW, 0, made.resources));
      for (const by of [4, 12]) kept.push(painter.paint(resolved(sheet(shifted(two!, by))), VIEW, 0, made.resources));
      frames.push(context.getImageData(0, 0, 300, 240).data);
      painter.settle(made.resources);
    });
    expect(kept).toEqual(['whole', 'part', 'part']);
    const scratch = painted((painter) => painter.paint(resolved(sheet(shifted(two!, 12))), VIEW, 0, made.resources));
    expect(largestDifference(stepped, scratch)).toBe(0);
    // The quick frame before it shows nearly that already.
    let sum = 0;
    for (let i = 0; i < scratch.data.length; i++) sum += Math.abs(frames[0]![i]! - scratch.data[i]!);
    expect(sum / scratch.data.length).toBeLessThan(1.5);
  });

  it('leaves nothing behind of where the item was, even before it settles', () => {
    const { made, below, moved, above } = scene();
    const sheet = (item: Opening) => made.sheet([below, item, above]);
    const moving = painted((painter) => {
      painter.paint(resolved(sheet(moved)), VIEW, 0, made.resources);
      painter.paint(resolved(sheet(shifted(moved, 60))), VIEW, 0, made.resources);
    });
    const scratch = painted((painter) => painter.paint(resolved(sheet(shifted(moved, 60))), VIEW, 0, made.resources));
    // Quick frames may be a little off along edges; where the item has been, nothing may remain.
    const left = (x: number, y: number) => x < 80 && y > 20 && y < 160;
    expect(largestDifference(moving, scratch, left)).toBeLessThanOrEqual(2);
  });

  it('does nothing for a sheet that is the same, and everything for another view or new levels', () => {
    const { made, below, moved, above } = scene();
    const sheet = made.sheet([below, moved, above]);
    painted((painter) => {
      expect(painter.paint(resolved(sheet), VIEW, 0, made.resources)).toBe('whole');
      expect(painter.paint(resolved(sheet), VIEW, 0, made.resources)).toBe('nothing');
      expect(painter.paint(resolved(sheet), { ...VIEW, left: 14 }, 0, made.resources)).toBe('whole');
      expect(painter.paint(resolved(sheet), { ...VIEW, left: 14 }, 1, made.resources)).toBe('whole');
      const two = made.sheet([shifted(below, 2), shifted(moved, 2), above]);
      expect(painter.paint(resolved(two), { ...VIEW, left: 14 }, 1, made.resources)).toBe('whole');
      painter.reset();
      expect(painter.paint(resolved(two), { ...VIEW, left: 14 }, 1, made.resources)).toBe('whole');
    });
  });

  it('draws the rectangle anew with everything in it where an item above mixes with what it lies on', () => {
    const { made, below, moved, above } = scene();
    const multiplied: Opening = { ...above, finish: { blend: 'multiply' } };
    const sheet = (item: Opening) => made.sheet([below, item, multiplied]);
    const stepped = painted((painter) => {
      painter.paint(resolved(sheet(moved)), VIEW, 0, made.resources);
      expect(painter.paint(resolved(sheet(shifted(moved, 5))), VIEW, 0, made.resources)).toBe('part');
      painter.settle(made.resources);
    });
    const scratch = painted((painter) => painter.paint(resolved(sheet(shifted(moved, 5))), VIEW, 0, made.resources));
    expect(largestDifference(stepped, scratch)).toBe(0);
  });
});
