import { newPlane, type Plane } from '../finish/plane.js';

/** The strip along the edge of a subject in which its matte has to be worked out; all else is subject or ground for sure. */
export interface EdgeBand {
  /** 255 for sure subject, 0 for sure ground, `IN_BAND` in the band. Of the photo's size. */
  readonly zone: Plane;
  /** The px of the band in rows from the top: indices into `zone`. */
  readonly indices: Int32Array;
  /** How far each lies inside the edge (outside below 0), px of the photo. */
  readonly depth: Float32Array;
  /** Half the width of the band at each, px of the photo. */
  readonly reach: Float32Array;
}

const IN_BAND = 128;
/** Where a soft edge was brushed the band is so many times wider. */
const SOFT_TIMES = 5;

export interface BandOptions {
  /** Half the width of the band: so many px for 1600 px of the photo's longer side. */
  readonly reach: number;
  /** Where the band has to be wide (255), as along fur. Of any size of the same form. */
  readonly soft?: Plane;
}

/**
 * The band along the edge of a mask.
 * @param mask - of the photo's size or smaller; 128 and above is subject.
 */
export function edgeBand(mask: Plane, width: number, height: number, { reach: wanted, soft }: BandOptions): EdgeBand {
  const depths = signedDepth(mask);
  const [across, down] = [mask.width / width, mask.height / height];
  const half = Math.max(1.5, (wanted * Math.max(width, height)) / 1600);
  const zone = newPlane(width, height);
  const indices: number[] = [];
  const depth: number[] = [];
  const reach: number[] = [];
  const columns = Int32Array.from({ length: width }, (_, x) => Math.max(0, Math.floor((x + 0.5) * across - 0.5)));
  const shares = Float32Array.from(columns, (left, x) => Math.min(1, Math.max(0, (x + 0.5) * across - 0.5 - left)));
  for (let y = 0, i = 0; y < height; y++) {
    const v = Math.max(0, (y + 0.5) * down - 0.5);
    const top = Math.min(mask.height - 1, Math.floor(v)) * mask.width;
    const bottom = Math.min(mask.height - 1, Math.floor(v) + 1) * mask.width;
    const fy = v - Math.floor(v);
    for (let x = 0; x < width; x++, i++) {
      const left = columns[x]!;
      const right = Math.min(mask.width - 1, left + 1);
      const fx = shares[x]!;
      const upper = depths[top + left]! * (1 - fx) + depths[top + right]! * fx;
      const lower = depths[bottom + left]! * (1 - fx) + depths[bottom + right]! * fx;
      const here = (upper * (1 - fy) + lower * fy) / across;
      const wide = soft ? half * (1 + ((SOFT_TIMES - 1) * softness(soft, (x + 0.5) / width, (y + 0.5) / height)) / 255) : half;
      if (here >= wide) zone.data[i] = 255;
      else if (here > -wide) {
        zone.data[i] = IN_BAND;
        indices.push(i);
        depth.push(here);
        reach.push(wide);
      }
    }
  }
  return { zone, indices: Int32Array.from(indices), depth: Float32Array.from(depth), reach: Float32Array.from(reach) };
}

/** How far each px lies inside the edge of a mask, its own px; outside below 0. */
function signedDepth(mask: Plane): Float32Array {
  const { width, height, data } = mask;
  // Far away where there is no edge at all.
  const depth = new Float32Array(width * height).fill(width + height);
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const own = data[i]! >= 128;
      if (x + 1 < width && data[i + 1]! >= 128 !== own) depth[i] = depth[i + 1] = 0.5;
      if (y + 1 < height && data[i + width]! >= 128 !== own) depth[i] = depth[i + width] = 0.5;
    }
  }
  spread(depth, width, height);
  for (let i = 0; i < depth.length; i++) if (data[i]! < 128) depth[i] = -depth[i]!;
  return depth;
}

/** Distances carried on in two sweeps, straight and across corners: a few percent off, and ten times as quick as the exact transform. */
function spread(depth: Float32Array, width: number, height: number): void {
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      let best = depth[i]!;
      if (x > 0) best = Math.min(best, depth[i - 1]! + 1);
      if (y > 0) {
        best = Math.min(best, depth[i - width]! + 1);
        if (x > 0) best = Math.min(best, depth[i - width - 1]! + Math.SQRT2);
        if (x + 1 < width) best = Math.min(best, depth[i - width + 1]! + Math.SQRT2);
      }
      depth[i] = best;
    }
  }
  for (let y = height - 1, i = depth.length - 1; y >= 0; y--) {
    for (let x = width - 1; x >= 0; x--, i--) {
      let best = depth[i]!;
      if (x + 1 < width) best = Math.min(best, depth[i + 1]! + 1);
      if (y + 1 < height) {
        best = Math.min(best, depth[i + width]! + 1);
        if (x + 1 < width) best = Math.min(best, depth[i + width + 1]! + Math.SQRT2);
        if (x > 0) best = Math.min(best, depth[i + width - 1]! + Math.SQRT2);
      }
      depth[i] = best;
    }
  }
}

function softness({ width, height, data }: Plane, u: number, v: number): number {
  return data[Math.min(height - 1, Math.floor(v * height)) * width + Math.min(width - 1, Math.floor(u * width))]!;
}
