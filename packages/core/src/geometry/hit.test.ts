import { describe, expect, it } from 'vitest';
import { newLettering } from '../document/new-opening.js';
import { openingsAt } from './hit.js';
import { lookedAt, testGroup, testOpening } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';

const shaper = await testShaper();
const box = { x: 0, y: 0, width: 100, height: 100, turn: 0 };

describe('what lies under the pointer', () => {
  it('is found from front to back, by the true outline', () => {
    const items = [testOpening('back', { box }), testOpening('front', { box, outline: { type: 'ellipse' } })];
    const ids = (x: number, y: number) => openingsAt(lookedAt(items), { x, y }, shaper, { reach: 0 }).map(({ id }) => id);
    expect(ids(50, 50)).toEqual(['front', 'back']);
    expect(ids(4, 4)).toEqual(['back']);
    expect(ids(140, 50)).toEqual([]);
  });

  it('reaches a little beyond the outline where asked', () => {
    const items = [testOpening('circle', { box, outline: { type: 'ellipse' } })];
    expect(openingsAt(lookedAt(items), { x: 102, y: 50 }, shaper, { reach: 3 })).toHaveLength(1);
    expect(openingsAt(lookedAt(items), { x: 102, y: 50 }, shaper, { reach: 1 })).toHaveLength(0);
  });

  it('leaves out what is hidden or locked, and looks into groups', () => {
    const items = [
      testOpening('locked', { box, locked: true }),
      testOpening('hidden', { box, hidden: true }),
      testGroup('group', [testOpening('inner', { box })]),
    ];
    expect(openingsAt(lookedAt(items), { x: 50, y: 50 }, shaper, { reach: 0 }).map(({ id }) => id)).toEqual(['inner']);
    expect(openingsAt(lookedAt(items), { x: 50, y: 50 }, shaper, { reach: 0, locked: true })).toHaveLength(2);
  });

  it('is the word on its letters, and what else is there above and below them', () => {
    const word = newLettering({ text: 'KILN', face: 'archivo', axes: {}, size: 100 }, { x: 50, y: 50 }, { type: 'none' }, shaper);
    const items = [
      testOpening('ground', { box: { x: -200, y: -200, width: 500, height: 500, turn: 0 } }),
      { ...word, id: 'word' },
    ];
    const ids = (y: number) => openingsAt(lookedAt(items), { x: 50, y }, shaper, { reach: 0 }).map(({ id }) => id);
    expect(ids(50)).toEqual(['word', 'ground']);
    expect(ids(word.box.y + word.box.height - 4)).toEqual(['ground', 'word']);
  });

  it('follows a turn', () => {
    const items = [testOpening('bar', { box: { x: 0, y: 40, width: 100, height: 20, turn: 90 } })];
    expect(openingsAt(lookedAt(items), { x: 50, y: 5 }, shaper, { reach: 0 })).toHaveLength(1);
    expect(openingsAt(lookedAt(items), { x: 5, y: 50 }, shaper, { reach: 0 })).toHaveLength(0);
  });
});
