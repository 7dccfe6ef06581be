// docs/performance.md, made of what the benchmarks print.
import { isMet, short } from './figures.mjs';

const HEAD = `# Figures

Made by \`npm run bench -- --write\`; do not edit. Each figure is the median of its runs (in brackets the least and the largest), on two noisy
cores. Where a unit names a reference (\`bare-drawImage\`, \`sharp-encode\`, \`plain-composite\`), the value is a multiple of what that took in the
same run: these ratios are to be trusted, times depend on the machine and its load. The bar is the most that a figure may be, or the least where
it begins with ≥.

`;

/**
 * The page with new sections in place of those of the same benchmarks.
 * @param before - the page as it is; sections of benchmarks that were not run stay.
 * @param {Map<string, { about: string[], figures: import('./figures.mjs').Figure[] }>} measured - by the name of the benchmark
 * @param {string[]} names - of all benchmarks that there are
 */
export function pageOf(before, measured, names) {
  const kept = new Map(
    before
      .split(/^## /m)
      .slice(1)
      .map((text) => [text.slice(0, text.indexOf('\n')), text.slice(text.indexOf('\n') + 1).trim()]),
  );
  const sections = names.flatMap((name) => {
    const found = measured.get(name);
    const text = found ? sectionOf(found) : kept.get(name);
    return text ? [`## ${name}\n\n${text}\n`] : [];
  });
  return HEAD + sections.join('\n');
}

function sectionOf({ about, figures }) {
  const rows = figures.map((figure) => {
    const { name, value, unit, bar, values } = figure;
    const range = values.length > 1 ? ` (${short(Math.min(...values))} to ${short(Math.max(...values))})` : '';
    const state = { true: 'met', false: '**MISSED**', null: '' }[isMet(figure)];
    return [`\`${name}\``, `${short(value)}${range}`, unit, bar?.replace('>=', '≥ ') ?? '', state];
  });
  return [...(about.length > 0 ? [about.join('\n'), ''] : []), ...table(['figure', 'measured', 'unit', 'bar', ''], rows)].join(
    '\n',
  );
}

/** A table as the formatter writes it: columns of one width. */
function table(head, rows) {
  const widths = head.map((_, i) => Math.max(3, ...[head, ...rows].map((row) => row[i].length)));
  const line = (cells) => `| ${cells.map((cell, i) => cell.padEnd(widths[i])).join(' | ')} |`;
  return [line(head), line(widths.map((width) => '-'.repeat(width))), ...rows.map(line)];
}
