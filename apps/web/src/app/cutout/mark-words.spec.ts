import { describe, expect, it } from 'vitest';
import type { CutoutMark } from '@kadrosyn/core';
import { CutoutDrafts } from './cutout-drafts';
import { NOTHING_SAID } from './cutout-history';
import { markWords } from './mark-words';

const mark = (kind: CutoutMark['kind']): CutoutMark => ({ kind, points: [1, 1, 2, 2] });

describe('marks in words', () => {
  it('are counted by kind, and what there is only one of is named', () => {
    expect(markWords([])).toBe('');
    expect(markWords([mark('keep'), mark('box'), mark('keep'), mark('leave-out')])).toBe('box, 2 keep, 1 leave out');
    expect(markWords([mark('flat'), mark('erase')])).toBe('1 erased, flat background cleared');
  });
});

describe('drafts of cutouts', () => {
  it('are handed out once, for the photo and the cutout that they are of', () => {
    const drafts = new CutoutDrafts();
    const state = { ...NOTHING_SAID, marks: [mark('box')] };
    drafts.keep('hare', null, state);
    drafts.keep('hare', 'cut', { ...state, marks: [mark('keep')] });
    expect(drafts.take('heron', null)).toBeUndefined();
    expect(drafts.take('hare', null)).toEqual(state);
    expect(drafts.take('hare', null)).toBeUndefined();
    expect(drafts.take('hare', 'cut')?.marks).toEqual([mark('keep')]);
  });
});
