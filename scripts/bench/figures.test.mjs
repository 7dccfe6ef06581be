import { describe, expect, it } from 'vitest';
import { isMet, lineOf, mediansOf, readRun } from './figures.mjs';
import { pageOf } from './page.mjs';

const RUN = `# What it is about,
# in two lines.
drag.half.ratio 0.72 bare-drawImage 1 met
drag.bare 3.1 ms
cutout.median 0.95 IoU >=0.965 MISSED
#: a detail
something else that was printed
`;

describe('figures', () => {
  it('are read from what a benchmark prints', () => {
    const run = readRun(RUN);
    expect(run.about).toEqual(['What it is about,', 'in two lines.']);
    expect(run.details).toEqual(['#: a detail']);
    expect(run.once).toBe(false);
    expect(run.figures).toEqual([
      { name: 'drag.half.ratio', value: 0.72, unit: 'bare-drawImage', bar: '1' },
      { name: 'drag.bare', value: 3.1, unit: 'ms', bar: null },
      { name: 'cutout.median', value: 0.95, unit: 'IoU', bar: '>=0.965' },
    ]);
    expect(readRun('#! once\na 1 ms\n').once).toBe(true);
  });

  it('are judged by the median of several runs, not by any one of them', () => {
    const runs = [0.8, 1.4, 0.9].map((value) => readRun(`a ${value} x 1 ${value <= 1 ? 'met' : 'MISSED'}\n`));
    const [figure] = mediansOf(runs);
    expect(figure).toMatchObject({ value: 0.9, values: [0.8, 1.4, 0.9] });
    expect(lineOf(figure)).toBe('a 0.9 x 1 met');
    const [slow] = mediansOf(['2', '0.5', '1.01'].map((value) => readRun(`a ${value} x 1 met\n`)));
    expect(lineOf(slow)).toBe('a 1.01 x 1 MISSED');
  });

  it('have bars that are the most, the least, or none', () => {
    expect(isMet({ value: 1, bar: '1' })).toBe(true);
    expect(isMet({ value: 0.96, bar: '>=0.965' })).toBe(false);
    expect(isMet({ value: 0.97, bar: '>=0.965' })).toBe(true);
    expect(isMet({ value: 5, bar: null })).toBeNull();
    expect(lineOf({ name: 'a', value: 12_345, unit: 'ms', bar: null, values: [] })).toBe('a 12300 ms');
  });
});

describe('the page of figures', () => {
  const measured = (...runs) => {
    const read = runs.map(readRun);
    return { about: read[0].about, figures: mediansOf(read) };
  };

  it('has a table for each benchmark, with what was missed set off', () => {
    const page = pageOf('', new Map([['drag', measured(RUN, RUN.replace('0.72', '0.5'))]]), ['cutout', 'drag']);
    expect(page).toContain('## drag\n\nWhat it is about,\nin two lines.\n\n| figure');
    expect(page).toMatch(/\| `drag\.half\.ratio` \| 0\.61 \(0\.5 to 0\.72\) +\| bare-drawImage \| 1 +\| met +\|/);
    expect(page).toMatch(/\| `cutout\.median` +\| 0\.95 \(0\.95 to 0\.95\) \| IoU +\| ≥ 0\.965 \| \*\*MISSED\*\* \|/);
    expect(page).not.toContain('## cutout');
  });

  it('keeps what was not measured again, and drops benchmarks that are gone', () => {
    const first = pageOf(
      '',
      new Map([
        ['a', measured('x 1 ms\n')],
        ['gone', measured('z 1 ms\n')],
        ['b', measured('y 1 ms\n')],
      ]),
      ['a', 'b', 'gone'],
    );
    const second = pageOf(first, new Map([['b', measured('y 2 ms\n')]]), ['a', 'b']);
    expect(second).toContain('| `x`');
    expect(second).toMatch(/\| `y` +\| 2 +\|/);
    expect(second).not.toContain('`z`');
  });
});
