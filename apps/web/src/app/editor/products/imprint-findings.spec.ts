import { imprintSheet, toPx, type ImprintView, type Item, type Opening, type Photo } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { shaped } from '../../../testing/opened-editor';
import { imprintFindings } from './imprint-findings';

const empty = imprintSheet({ name: 'Side', form: { type: 'traced', d: 'M0 0H9V9Z' }, size: { width: 100, height: 60 } }, 1);
const mm = (length: number): number => toPx(length, 'mm', empty.dpi);
const viewOf = (...items: Item[]): ImprintView => ({
  sheet: { ...empty, items },
  opening: shaped('shown') as ImprintView['opening'],
});
const box = (x: number, y: number, width: number, height: number) => ({
  x: mm(x),
  y: mm(y),
  width: mm(width),
  height: mm(height),
  turn: 0,
});
const photo: Photo = { id: 'hare', sha256: '', name: 'hare', width: 400, height: 300 };
const shows = (scale: number): Partial<Opening> => ({
  fill: { type: 'photo', photoId: 'hare', placement: { x: 0, y: 0, scale, turn: 0, flipX: false, flipY: false } },
});

describe('what would look wrong in print', () => {
  it('is nothing where all lies inside, and is as fine as it is printed', () => {
    expect(imprintFindings(viewOf(), {})).toEqual([]);
    const inside = shaped('mark', { box: box(20, 10, 40, 40), ...shows(1) });
    expect(imprintFindings(viewOf(inside), { hare: photo })).toEqual([]);
  });

  it('is what reaches beyond the area, with how far', () => {
    const over = shaped('mark', { name: 'Mark', box: box(70, 10, 40, 40) });
    expect(imprintFindings(viewOf(over), {})).toEqual(['Mark reaches 10 mm beyond what can be printed, 100 × 60 mm.']);
  });

  it('is a photo that is too coarse, with how many px it has to an inch', () => {
    const soft = shaped('mark', { name: 'Mark', box: box(20, 10, 40, 40), ...shows(3) });
    expect(imprintFindings(viewOf(soft), { hare: photo })).toEqual([
      'The photo in Mark has 100 px to an inch there: it will print soft.',
    ]);
  });

  it('is a line that is too thin, and letters that are too small', () => {
    const thin = shaped('mark', {
      name: 'Mark',
      box: box(20, 10, 40, 40),
      finish: { outline: { align: 'inside', width: mm(0.1), paint: '#000000' } },
    });
    expect(imprintFindings(viewOf(thin), {})).toEqual(['The outline of Mark is 0.10 mm: too fine to print.']);
    const run = { text: 'Fine', face: 'archivo', axes: {}, size: mm(1.2) };
    const word: Opening = {
      ...shaped('word', { name: 'Word', box: box(20, 10, 10, 2) }),
      outline: { type: 'lettering', runs: [run], align: 'left', leading: 1 } as unknown as Opening['outline'],
    };
    expect(imprintFindings(viewOf(word), {})).toEqual(['Word is 1.2 mm high: too fine to print.']);
  });
});
