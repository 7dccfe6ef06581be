// The lines that benchmarks print, and what several runs of them come to. See bench/figure.ts.

/** @typedef {{ name: string, value: number, unit: string, bar: string | null, values: number[] }} Figure */

const LINE = /^(\S+) (-?[\d.]+(?:e[+-]?\d+)?) (\S+)(?: ((?:>=)?[\d.]+) (?:met|MISSED))?$/;

/** What one run of a benchmark printed. @returns its figures, what it says about them, further lines, and whether one run is enough. */
export function readRun(output) {
  const run = { figures: [], about: [], details: [], once: false };
  for (const line of output.split('\n')) {
    const found = LINE.exec(line);
    if (found) run.figures.push({ name: found[1], value: Number(found[2]), unit: found[3], bar: found[4] ?? null });
    else if (line === '#! once') run.once = true;
    else if (line.startsWith('#: ')) run.details.push(line);
    else if (line.startsWith('# ')) run.about.push(line.slice(2));
  }
  return run;
}

/**
 * The median of each figure over several runs.
 * @param {ReturnType<typeof readRun>[]} runs
 * @returns {Figure[]} in the order of the first run
 */
export function mediansOf(runs) {
  return runs[0].figures.map(({ name, unit, bar }) => {
    const values = runs.flatMap(({ figures }) => figures.filter((figure) => figure.name === name).map(({ value }) => value));
    return { name, unit, bar, values, value: median(values) };
  });
}

/** The middle value, or the mean of the two in the middle. */
function median(values) {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
}

/** Whether a figure reaches its bar; null where it has none. */
export function isMet({ value, bar }) {
  if (bar === null) return null;
  return bar.startsWith('>=') ? value >= Number(bar.slice(2)) : value <= Number(bar);
}

/** `name value unit`, with ` bar met|MISSED` where there is a bar. */
export function lineOf(figure) {
  const { name, value, unit, bar } = figure;
  return `${name} ${short(value)} ${unit}${bar === null ? '' : ` ${bar} ${isMet(figure) ? 'met' : 'MISSED'}`}`;
}

/** Three digits. */
export function short(value) {
  return String(Number(value.toPrecision(3)));
}
