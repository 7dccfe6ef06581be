import { describe, expect, it } from 'vitest';
import type { TemplateSummary } from '@kadrosyn/contract';
import { findTemplates } from './find-templates';

const template = (name: string, words: string): TemplateSummary => ({
  id: name,
  name,
  words,
  shipped: true,
  sheets: 1,
  unit: 'px',
  width: 10,
  height: 10,
  dpi: 72,
});

describe('finding templates', () => {
  const all = [template('Oval card', 'thanks photo'), template('Price tags', 'shop card labels')];
  const names = (search: string): string[] => findTemplates(all, search).map(({ name }) => name);

  it('looks for every word in name and words', () => {
    expect(names('')).toEqual(['Oval card', 'Price tags']);
    expect(names('card')).toEqual(['Oval card', 'Price tags']);
    expect(names('Card SHOP')).toEqual(['Price tags']);
    expect(names('poster')).toEqual([]);
  });
});
