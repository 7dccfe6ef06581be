import type { WorkingCopy } from './working-copy.js';

/** Small even pieces that a picture falls into: what is decided later is decided for whole pieces. */
export interface Superpixels {
  readonly width: number;
  readonly height: number;
  /** The piece of each px, from 0 to count - 1, in rows from the top. */
  readonly labels: Int32Array;
  readonly count: number;
  /** L, a and b of each piece: count * 3. */
  readonly lab: Float32Array;
  /** How many px each piece has. */
  readonly sizes: Int32Array;
}

export interface SuperpixelOptions {
  /** Distance of the first middles, px. @default 6 */
  readonly step?: number;
  /** How much nearness counts against likeness: high gives squares, low gives ragged pieces. @default 9 */
  readonly compactness?: number;
  /** Rounds of moving the middles. @default 4 */
  readonly rounds?: number;
}

/**
 * Cuts a picture into pieces of one colour each: simple linear iterative clustering (R. Achanta and others, "SLIC superpixels", 2012).
 * Every piece is connected; what falls off goes to a neighbour.
 */
export function superpixels({ width, height, lab }: WorkingCopy, options: SuperpixelOptions = {}): Superpixels {
  const { step = 6, compactness = 9, rounds = 4 } = options;
  const columns = Math.max(1, Math.round(width / step));
  const rows = Math.max(1, Math.round(height / step));
  const count = columns * rows;
  const centres = new Float32Array(count * 5);
  for (let k = 0; k < count; k++) {
    const x = Math.min(width - 1, Math.floor((((k % columns) + 0.5) * width) / columns));
    const y = Math.min(height - 1, Math.floor(((Math.floor(k / columns) + 0.5) * height) / rows));
    centres.set([...lab.subarray(3 * (y * width + x), 3 * (y * width + x) + 3), x, y], 5 * k);
  }
  const labels = new Int32Array(width * height).fill(-1);
  const nearest = new Float32Array(width * height);
  const nearness = (compactness / step) ** 2;
  const reach = Math.ceil(1.5 * Math.max(width / columns, height / rows));
  for (let round = 0; round < rounds; round++) {
    nearest.fill(Infinity);
    for (let k = 0; k < count; k++) assign(k, centres, lab, width, height, reach, nearness, labels, nearest);
    moveCentres(centres, count, lab, labels, width);
  }
  return measured(connected(labels, width, height, Math.max(1, Math.floor((step * step) / 4))), lab, width, height);
}

/** Gives the px around a middle to it, where no other is nearer. */
// eslint-disable-next-line max-params -- once for each superpixel and round: an object would be made for each
function assign(
  k: number,
  centres: Float32Array,
  lab: Float32Array,
  width: number,
  height: number,
  reach: number,
  nearness: number,
  labels: Int32Array,
  nearest: Float32Array,
): void {
  const l = centres[5 * k]!;
  const a = centres[5 * k + 1]!;
  const b = centres[5 * k + 2]!;
  const cx = centres[5 * k + 3]!;
  const cy = centres[5 * k + 4]!;
  const [left, right] = [Math.max(0, Math.floor(cx - reach)), Math.min(width - 1, Math.ceil(cx + reach))];
  const [top, bottom] = [Math.max(0, Math.floor(cy - reach)), Math.min(height - 1, Math.ceil(cy + reach))];
  for (let y = top; y <= bottom; y++) {
    const dy = (y - cy) * (y - cy);
    for (let x = left, i = y * width + left; x <= right; x++, i++) {
      const dl = lab[3 * i]! - l;
      const da = lab[3 * i + 1]! - a;
      const db = lab[3 * i + 2]! - b;
      const distance = dl * dl + da * da + db * db + nearness * ((x - cx) * (x - cx) + dy);
      if (distance >= nearest[i]!) continue;
      nearest[i] = distance;
      labels[i] = k;
    }
  }
}

function moveCentres(centres: Float32Array, count: number, lab: Float32Array, labels: Int32Array, width: number): void {
  const sums = new Float64Array(count * 6);
  for (let i = 0; i < labels.length; i++) {
    const at = 6 * labels[i]!;
    if (at < 0) continue;
    sums[at] = sums[at]! + lab[3 * i]!;
    sums[at + 1] = sums[at + 1]! + lab[3 * i + 1]!;
    sums[at + 2] = sums[at + 2]! + lab[3 * i + 2]!;
    sums[at + 3] = sums[at + 3]! + (i % width);
    sums[at + 4] = sums[at + 4]! + Math.floor(i / width);
    sums[at + 5] = sums[at + 5]! + 1;
  }
  for (let k = 0; k < count; k++) {
    const size = sums[6 * k + 5]!;
    if (size > 0) for (let c = 0; c < 5; c++) centres[5 * k + c] = sums[6 * k + c]! / size;
  }
}

/** Connected pieces, numbered anew; those of fewer than `least` px join the piece before them. */
function connected(labels: Int32Array, width: number, height: number, least: number): Int32Array {
  const out = new Int32Array(labels.length).fill(-1);
  const queue = new Int32Array(labels.length);
  let next = 0;
  for (let start = 0; start < labels.length; start++) {
    if (out[start] !== -1) continue;
    let [head, tail] = [0, 0];
    queue[tail++] = start;
    out[start] = next;
    // The piece to the left or above has its number already.
    const beside = start % width > 0 ? out[start - 1]! : start >= width ? out[start - width]! : -1;
    while (head < tail) {
      const i = queue[head++]!;
      const x = i % width;
      for (const j of [x > 0 ? i - 1 : -1, x < width - 1 ? i + 1 : -1, i - width, i + width < labels.length ? i + width : -1]) {
        if (j < 0 || out[j] !== -1 || labels[j] !== labels[start]) continue;
        out[j] = next;
        queue[tail++] = j;
      }
    }
    if (tail < least && beside >= 0) for (let q = 0; q < tail; q++) out[queue[q]!] = beside;
    else next++;
  }
  return out;
}

function measured(labels: Int32Array, lab: Float32Array, width: number, height: number): Superpixels {
  const count = labels.reduce((most, label) => Math.max(most, label), -1) + 1;
  const sums = new Float64Array(count * 3);
  const sizes = new Int32Array(count);
  for (let i = 0; i < labels.length; i++) {
    const k = labels[i]!;
    sizes[k] = sizes[k]! + 1;
    for (let c = 0; c < 3; c++) sums[3 * k + c] = sums[3 * k + c]! + lab[3 * i + c]!;
  }
  const means = Float32Array.from(sums, (sum, i) => sum / sizes[Math.floor(i / 3)]!);
  return { width, height, labels, count, lab: means, sizes };
}
