import type { Item } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { shaped, word } from '../../../testing/opened-editor';
import { outlineWord, tabsFor } from './panel-tabs';

const group: Item = { type: 'group', id: 'both', name: 'Both', items: [shaped('a'), shaped('b')] };
const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
const behind = shaped('behind', { role: 'background', fill: { type: 'photo', photoId: 'kiln', placement } });
const names = (item: Item | null): string[] => tabsFor(item).map(({ name }) => name);

describe('tabs of the panel', () => {
  it('are those that do something to what is selected', () => {
    expect(names(shaped('arch'))).toEqual(['Fit', 'Break out', 'Finish', 'Size']);
    expect(names(word('KILN'))).toEqual(['Letters', 'Fit', 'Break out', 'Finish', 'Size']);
    expect(names(group)).toEqual(['Arrange', 'Break out', 'Finish']);
    expect(names(null)).toEqual(['Arrange', 'Finish']);
    expect(names(behind)).toEqual(['Fit', 'Finish']);
    expect(tabsFor(shaped('imprint'), true).map(({ name }) => name)).toEqual(['Product', 'Finish']);
  });

  it('call an item by what it is to its user, not by its outline alone', () => {
    expect(outlineWord(group)).toBe('Group');
    expect(outlineWord(behind)).toBe('Photo behind the sheet');
    expect(outlineWord(shaped('photo', { kind: 'loose' }))).toBe('Loose photo');
    expect(outlineWord(shaped('leaf', { kind: 'artwork' }))).toBe('Artwork');
    const arch = outlineWord(shaped('arch', { outline: { type: 'ellipse' } }));
    expect(arch).not.toBe(outlineWord(shaped('box')));
    expect(arch).not.toBe('');
  });
});
