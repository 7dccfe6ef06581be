/** Connected parts of a mask. */
export interface Labels {
  readonly width: number;
  readonly height: number;
  /** 0 outside, 1 and up for the parts. */
  readonly at: Int32Array;
  /** Pixels of each part; index 0 is not used. */
  readonly areas: readonly number[];
}

/**
 * Numbers the connected parts of a mask (any value but 0 counts), neighbours across corners included. Runs of each row are joined with
 * those of the row above by union-find (A. Rosenfeld and J. Pfaltz, 1966), so that long runs cost no more than short ones.
 */
export function labelParts(mask: Uint8Array, width: number, height: number): Labels {
  const [starts, ends, parents]: [number[], number[], number[]] = [[], [], []];
  const root = (run: number): number => {
    let r = run;
    while (parents[r] !== r) r = parents[r]!;
    for (let l = run; parents[l] !== r;) [l, parents[l]] = [parents[l]!, r];
    return r;
  };
  // Runs of the row above begin at `above`.
  let above = 0;
  for (let y = 0; y < height; y++) {
    const [first, last] = [starts.length, (y + 1) * width];
    let over = above;
    for (let i = y * width; i < last; i++) {
      if (mask[i] === 0) continue;
      const start = i;
      while (i < last && mask[i] !== 0) i++;
      const run = starts.length;
      starts.push(start);
      ends.push(i);
      parents.push(run);
      while (over < first && ends[over]! + width < start) over++;
      for (let n = over; n < first && starts[n]! + width <= i; n++) {
        const [a, b] = [root(n), root(run)];
        parents[Math.max(a, b)] = Math.min(a, b);
      }
    }
    above = first;
  }
  const at = new Int32Array(width * height);
  const numbers = new Int32Array(parents.length);
  const areas = [0];
  for (let run = 0; run < starts.length; run++) {
    const r = root(run);
    if (numbers[r] === 0) {
      numbers[r] = areas.length;
      areas.push(0);
    }
    at.fill(numbers[r]!, starts[run], ends[run]);
    areas[numbers[r]!]! += ends[run]! - starts[run]!;
  }
  return { width, height, at, areas };
}
