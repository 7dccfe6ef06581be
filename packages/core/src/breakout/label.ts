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
 * Numbers the connected parts of a mask (any value but 0 counts), neighbours across corners included. Two passes with
 * union-find (A. Rosenfeld and J. Pfaltz, 1966).
 */
export function labelParts(mask: Uint8Array, width: number, height: number): Labels {
  const at = new Int32Array(width * height);
  const parents = [0];
  const root = (label: number): number => {
    let r = label;
    while (parents[r] !== r) r = parents[r]!;
    for (let l = label; parents[l] !== r;) [l, parents[l]] = [parents[l]!, r];
    return r;
  };
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      if (mask[i] === 0) continue;
      let label = 0;
      const join = (other: number): void => {
        if (other === 0) return;
        if (label === 0) label = root(other);
        else {
          const [a, b] = [root(other), root(label)];
          parents[Math.max(a, b)] = Math.min(a, b);
          label = Math.min(a, b);
        }
      };
      if (x > 0) join(at[i - 1]!);
      if (y > 0) {
        join(at[i - width]!);
        if (x > 0) join(at[i - width - 1]!);
        if (x < width - 1) join(at[i - width + 1]!);
      }
      if (label === 0) {
        label = parents.length;
        parents.push(label);
      }
      at[i] = label;
    }
  }
  const numbers = new Int32Array(parents.length);
  const areas = [0];
  for (let i = 0; i < at.length; i++) {
    if (at[i] === 0) continue;
    const r = root(at[i]!);
    if (numbers[r] === 0) {
      numbers[r] = areas.length;
      areas.push(0);
    }
    at[i] = numbers[r]!;
    areas[numbers[r]!]!++;
  }
  return { width, height, at, areas };
}
