import { subjectPixels, type Pixels, type Plane } from '@kadrosyn/core';

/** The truth in the size of a mask: 255 where most of a px is subject. */
export function smallTruth(alpha: Plane, width: number, height: number): Plane {
  const sums = new Float64Array(width * height);
  const counts = new Float64Array(width * height);
  for (let y = 0, i = 0; y < alpha.height; y++) {
    const row = Math.min(height - 1, Math.floor((y * height) / alpha.height)) * width;
    for (let x = 0; x < alpha.width; x++, i++) {
      const at = row + Math.min(width - 1, Math.floor((x * width) / alpha.width));
      sums[at] = sums[at]! + alpha.data[i]!;
      counts[at] = counts[at]! + 1;
    }
  }
  return { width, height, data: Uint8Array.from(sums, (sum, i) => (sum >= 127.5 * counts[i]! ? 255 : 0)) };
}

/** What of a matte is wrong. */
export interface MatteErrors {
  /** Mean difference of alpha over all px, thousandths. */
  readonly whole: number;
  /** The same in a band of 20 px (at 1600 px of the longer side) along the true edge. */
  readonly band: number;
  /** Mean difference of a channel of the edge's own colours, weighed by alpha, levels of 255. */
  readonly colour: number;
}

/** @param made - the subject as it was made. */
export function matteErrors(photo: Pixels, truth: Plane, made: Pixels): MatteErrors {
  const { width, height } = truth;
  const right = subjectPixels(photo, truth);
  const near = nearEdge(truth, Math.round((10 * Math.max(width, height)) / 1600));
  let [whole, band, count, colour, weight] = [0, 0, 0, 0, 0];
  for (let i = 0, o = 0; i < truth.data.length; i++, o += 4) {
    const off = Math.abs(made.data[o + 3]! - truth.data[i]!);
    whole += off;
    if (near[i] !== 1) continue;
    band += off;
    count++;
    // Where both show something of the edge.
    const share = Math.min(made.data[o + 3]!, truth.data[i]!) / 255;
    if (truth.data[i] === 255 || share === 0) continue;
    for (let c = 0; c < 3; c++) colour += (share * Math.abs(made.data[o + c]! - right.data[o + c]!)) / 3;
    weight += share;
  }
  const thousandths = 1000 / 255;
  return {
    whole: (thousandths * whole) / truth.data.length,
    band: (thousandths * band) / Math.max(1, count),
    colour: colour / Math.max(1e-9, weight),
  };
}

/** 1 within `reach` px of where alpha passes a half. */
function nearEdge({ width, height, data }: Plane, reach: number): Uint8Array {
  const out = new Uint8Array(data.length);
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const own = data[i]! >= 128;
      const passes = (x + 1 < width && data[i + 1]! >= 128 !== own) || (y + 1 < height && data[i + width]! >= 128 !== own);
      if (!passes) continue;
      for (let v = Math.max(0, y - reach); v <= Math.min(height - 1, y + reach); v++)
        out.fill(1, v * width + Math.max(0, x - reach), v * width + Math.min(width, x + reach + 1));
    }
  }
  return out;
}
