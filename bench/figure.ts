/** What a figure must reach. */
export type Bar = { readonly most: number } | { readonly least: number };

/**
 * Prints one figure of this run as `name value unit`, and where it has a bar as `name value unit bar met|MISSED`; a bar that is the least
 * begins with `>=`. `npm run bench` takes the medians of several runs and judges these.
 * @param unit - one word: what the value counts, or the reference of the same run that it is a multiple of.
 * @throws RangeError for a value that is no number: a figure that was not measured must not look like one.
 */
export function figure(name: string, value: number, unit: string, bar?: Bar): void {
  if (!Number.isFinite(value)) throw new RangeError(`${name} was not measured: ${value}`);
  const printed = `${name} ${Number(value.toPrecision(3))} ${unit}`;
  console.log(bar ? `${printed} ${judged(value, bar)}` : printed);
}

function judged(value: number, bar: Bar): string {
  const isMet = 'most' in bar ? value <= bar.most : value >= bar.least;
  return `${'most' in bar ? bar.most : `>=${bar.least}`} ${isMet ? 'met' : 'MISSED'}`;
}

/** Says, for docs/performance.md, what the figures of a benchmark mean. */
export function about(words: string): void {
  for (const line of words.trim().split('\n')) console.log(`# ${line.trim()}`);
}

/** Prints something to read beside the figures. */
export function detail(words: string): void {
  console.log(`#: ${words}`);
}

/** Says that a benchmark takes its medians itself, or that its figures do not vary: it is run once. */
export function once(): void {
  console.log('#! once');
}
