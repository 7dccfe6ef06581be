/**
 * The parts of a small convolutional network, on planes of floats. A plane of features is [y][x][channel], flat.
 */
export interface Features {
  readonly data: Float32Array;
  readonly width: number;
  readonly height: number;
  readonly channels: number;
}

/** A full 3 x 3 convolution without a border: the result is 2 px narrower and lower. `filters` are [y][x][in][out], flat. */
export function convolve(input: Features, filters: Float32Array, bias: Float32Array): Features {
  const { data, width, channels } = input;
  const out = bias.length;
  const [w, h] = [width - 2, input.height - 2];
  const result = new Float32Array(w * h * out);
  const byOutput = transposed(filters, out);
  const patch = new Float32Array(9 * channels);
  for (let y = 0, at = 0; y < h; y++) {
    for (let x = 0; x < w; x++, at += out) {
      for (let dy = 0, n = 0; dy < 3; dy++) {
        let from = ((y + dy) * width + x) * channels;
        for (let i = 0; i < 3 * channels; i++) patch[n++] = data[from++]!;
      }
      weigh(patch, 0, patch.length, byOutput, bias, result, at, true);
    }
  }
  return { data: result, width: w, height: h, channels: out };
}

/** Filters from [in][out] to [out][in], with outputs that weigh nothing up to a multiple of four. */
function transposed(filters: Float32Array, out: number): Float32Array {
  const count = filters.length / out;
  const turned = new Float32Array(count * Math.ceil(out / 4) * 4);
  for (let i = 0; i < count; i++) for (let o = 0; o < out; o++) turned[o * count + i] = filters[i * out + o]!;
  return turned;
}

/**
 * All weighted sums of `count` values from `from` on, into `result` from `at` on: four at a time, since most of the time goes into reading.
 * @param bends - sums below zero count a tenth.
 */
// eslint-disable-next-line max-params -- the inner loop of the net: an object would be made for each value
function weigh(
  values: Float32Array,
  from: number,
  count: number,
  weights: Float32Array,
  bias: Float32Array,
  result: Float32Array,
  at: number,
  bends: boolean,
): void {
  const out = bias.length;
  for (let o = 0; o < out; o += 4) {
    const [first, second, third, fourth] = [o * count, (o + 1) * count, (o + 2) * count, (o + 3) * count];
    let [a, b, c, d] = [0, 0, 0, 0];
    for (let i = 0; i < count; i++) {
      const value = values[from + i]!;
      a += value * weights[first + i]!;
      b += value * weights[second + i]!;
      c += value * weights[third + i]!;
      d += value * weights[fourth + i]!;
    }
    result[at + o] = ends(a + bias[o]!, bends);
    if (o + 1 < out) result[at + o + 1] = ends(b + bias[o + 1]!, bends);
    if (o + 2 < out) result[at + o + 2] = ends(c + bias[o + 2]!, bends);
    if (o + 3 < out) result[at + o + 3] = ends(d + bias[o + 3]!, bends);
  }
}

/** What is below zero counts a tenth, where the layer bends. */
function ends(sum: number, bends: boolean): number {
  return sum > 0 || !bends ? sum : 0.1 * sum;
}

/** A 3 x 3 convolution of each channel for itself, with a border of zeros. `filters` are [y][x][channel], flat. */
export function convolveEach(input: Features, filters: Float32Array): Features {
  const { data, width, height, channels } = input;
  const result = new Float32Array(data.length);
  for (let y = 0; y < height; y++) {
    for (let dy = -1; dy <= 1; dy++) {
      if (y + dy < 0 || y + dy >= height) continue;
      for (let dx = -1; dx <= 1; dx++) {
        const f = ((dy + 1) * 3 + dx + 1) * channels;
        const [first, last] = [Math.max(0, -dx), Math.min(width, width - dx)];
        for (let x = first; x < last; x++) {
          const [to, from] = [(y * width + x) * channels, ((y + dy) * width + x + dx) * channels];
          for (let c = 0; c < channels; c++) result[to + c]! += data[from + c]! * filters[f + c]!;
        }
      }
    }
  }
  return { data: result, width, height, channels };
}

/** Mixes the channels of each px anew. `filters` are [in][out], flat. @param bends - values below zero count a tenth. */
export function mix(input: Features, filters: Float32Array, bias: Float32Array, bends: boolean): Features {
  const { data, width, height, channels } = input;
  const out = bias.length;
  const result = new Float32Array(width * height * out);
  const byOutput = transposed(filters, out);
  for (let i = 0; i < width * height; i++) weigh(data, i * channels, channels, byOutput, bias, result, i * out, bends);
  return { data: result, width, height, channels: out };
}

/** The largest of each 2 x 2 px. @param step - 2 halves the plane, 1 keeps its size. */
export function largest(input: Features, step: 1 | 2): Features {
  const { data, width, height, channels } = input;
  const [w, h] = [Math.ceil(width / step), Math.ceil(height / step)];
  const result = new Float32Array(w * h * channels).fill(-Infinity);
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      const to = (y * w + x) * channels;
      for (let row = y * step; row < Math.min(height, y * step + 2); row++) {
        for (let column = x * step; column < Math.min(width, x * step + 2); column++) {
          const from = (row * width + column) * channels;
          for (let c = 0; c < channels; c++) if (data[from + c]! > result[to + c]!) result[to + c] = data[from + c]!;
        }
      }
    }
  }
  return { data: result, width: w, height: h, channels };
}
