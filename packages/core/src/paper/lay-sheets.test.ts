import { describe, expect, it } from 'vitest';
import { layPapers } from './lay-papers.js';
import { laySheets } from './lay-sheets.js';

describe('sheets on paper', () => {
  const card = { width: 1240, height: 1748, dpi: 300, folds: [{ axis: 'vertical', at: 620 }] } as const;

  it('are as large as their px at their dpi say, and folded where they say', () => {
    const mm = (px: number): number => (px / 300) * 25.4;
    const sheet = { width: mm(1240), height: mm(1748), folds: [{ axis: 'vertical' as const, at: mm(620) }] };
    expect(laySheets([card], { bleed: 3, marks: true })).toEqual(
      layPapers([sheet], { kind: 'pages' }, { bleed: 3, marks: true }),
    );
    expect(laySheets([card], {})[0]).toMatchObject({ width: mm(1240), height: mm(1748), lines: [] });
  });

  it('come many on A4 where no other paper is said', () => {
    const [paper] = laySheets([card], { arrange: 'many' });
    expect([paper!.width, paper!.height].toSorted((a, b) => a - b)).toEqual([210, 297]);
    expect(paper!.places.length).toBe(2);
    expect(laySheets([card], { arrange: 'many', paper: 'a3', gap: 2 })[0]!.places.length).toBeGreaterThan(2);
  });
});
