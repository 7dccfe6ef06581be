import { newProject, newShapedOpening, type Opening } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { removalWords } from './removal-words';

const shape = (id: string, change: Partial<Opening> = {}): Opening => ({
  ...newShapedOpening(id, { type: 'ellipse' }, { x: 50, y: 50 }, 60, 60),
  id,
  ...change,
});
const slot = shape('Face', { slot: { hint: 'Somebody of the team', sample: true } });
const ring = shape('Ring', { kind: 'artwork' });
const [sheet] = newProject('x', { width: 100, height: 100, unit: 'px' }).sheets;

describe('what is said of a removal', () => {
  const words = (item: Opening, ...items: Opening[]): string => removalWords({ ...sheet!, items }, item);

  it('names a place to fill, and artwork that lay over one', () => {
    expect(words(slot, slot)).toBe('Face was a place to fill (“Somebody of the team”). It was removed.');
    expect(words(ring, slot, ring)).toBe('Ring lay over the place for “Somebody of the team”. It was removed.');
  });

  it('is short for anything else', () => {
    expect(words(ring, ring, slot)).toBe('Ring was removed.');
    expect(words(shape('Disc'), slot, shape('Disc'))).toBe('Disc was removed.');
  });
});
