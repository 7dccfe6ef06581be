import type { Bounds } from '../geometry/bounds.js';
import type { Plane } from '../finish/plane.js';
import type { Pixels } from '../photo/pixels.js';

/** From this alpha on a pixel is all subject; up to the other it is all background. */
const [SURE, NONE] = [250, 5];
/** A soft pixel's own colour is at most so far from that of the sure subject beside it: more is noise. */
const LEEWAY = 32;
/** Most steps in which colours are carried into the soft edge, px. */
const REACH = 24;
/** Side of a tile, and the room around it, px: one px more than colours are carried. */
const [TILE, ROOM] = [256, REACH + 2];

/**
 * The subject of a photo with its own colours: where the matte is soft, the pixel's colour is a mix of subject and background, and
 * the subject's part of it is worked out as F = (I - (1 - a) B) / a, fading to the colour carried in from the sure subject as
 * a goes to 0, so that no old background shines through. Alpha is the matte.
 */
export function subjectPixels(photo: Pixels, matte: Plane): Pixels {
  const { width, height, data } = photo;
  const out = new Uint8ClampedArray(data.length);
  // In tiles with room around them, since colours are carried no further than `REACH`: the whole would take six times the photo's memory.
  for (let top = 0; top < height; top += TILE) {
    for (let left = 0; left < width; left += TILE) {
      const inner = { x: left, y: top, width: Math.min(TILE, width - left), height: Math.min(TILE, height - top) };
      if (!hasSoft(matte, inner)) {
        copySure(photo, matte, inner, out);
        continue;
      }
      const x = Math.max(0, left - ROOM);
      const y = Math.max(0, top - ROOM);
      const outer = {
        x,
        y,
        width: Math.min(width, left + inner.width + ROOM) - x,
        height: Math.min(height, top + inner.height + ROOM) - y,
      };
      const tile = tilePixels(pixelsIn(photo, outer), planeIn(matte, outer));
      for (let v = 0; v < inner.height; v++) {
        const from = ((top - y + v) * outer.width + left - x) * 4;
        out.set(tile.data.subarray(from, from + inner.width * 4), ((top + v) * width + left) * 4);
      }
    }
  }
  return { width, height, data: out };
}

function hasSoft({ width, data }: Plane, at: Bounds): boolean {
  for (let y = at.y; y < at.y + at.height; y++)
    for (let i = y * width + at.x; i < y * width + at.x + at.width; i++) if (data[i]! > 0 && data[i]! < 255) return true;
  return false;
}

function copySure({ width, data }: Pixels, matte: Plane, at: Bounds, out: Uint8ClampedArray): void {
  for (let y = at.y; y < at.y + at.height; y++) {
    for (let i = y * width + at.x; i < y * width + at.x + at.width; i++) {
      if (matte.data[i] === 0) continue;
      out[4 * i] = data[4 * i]!;
      out[4 * i + 1] = data[4 * i + 1]!;
      out[4 * i + 2] = data[4 * i + 2]!;
      out[4 * i + 3] = 255;
    }
  }
}

function pixelsIn({ width, data }: Pixels, at: Bounds): Pixels {
  const out = new Uint8ClampedArray(at.width * at.height * 4);
  for (let y = 0; y < at.height; y++) {
    const from = ((at.y + y) * width + at.x) * 4;
    out.set(data.subarray(from, from + at.width * 4), y * at.width * 4);
  }
  return { width: at.width, height: at.height, data: out };
}

function planeIn({ width, data }: Plane, at: Bounds): Plane {
  const out = new Uint8Array(at.width * at.height);
  for (let y = 0; y < at.height; y++) {
    const from = (at.y + y) * width + at.x;
    out.set(data.subarray(from, from + at.width), y * at.width);
  }
  return { width: at.width, height: at.height, data: out };
}

function tilePixels(photo: Pixels, matte: Plane): Pixels {
  const { width, height, data } = photo;
  const front = carried(photo, matte, (alpha) => alpha >= SURE);
  const back = carried(photo, matte, (alpha) => alpha <= NONE);
  const out = new Uint8ClampedArray(data.length);
  for (let i = 0, o = 0; i < matte.data.length; i++, o += 4) {
    const alpha = matte.data[i]!;
    out[o + 3] = alpha;
    if (alpha === 0) continue;
    const share = alpha / 255;
    // Little of the subject is left in a thin pixel: its worked-out colour is mostly noise.
    const trust = alpha >= SURE ? 1 : Math.min(1, Math.max(0, (share - 0.15) / 0.6));
    for (let c = 0; c < 3; c++) {
      const near = front[3 * i + c]!;
      const mixed = alpha >= SURE ? data[o + c]! : (data[o + c]! - (1 - share) * back[3 * i + c]!) / share;
      const own = alpha >= SURE ? mixed : Math.min(near + LEEWAY, Math.max(near - LEEWAY, mixed));
      out[o + c] = Math.min(255, Math.max(0, own)) * trust + near * (1 - trust);
    }
  }
  return { width, height, data: out };
}

/** Colours of the sure pixels, carried outwards step by step as means of their neighbours. Three floats for each pixel. */
function carried(photo: Pixels, matte: Plane, isSure: (alpha: number) => boolean): Float32Array {
  const { width, height, data } = photo;
  const count = width * height;
  const colours = new Float32Array(count * 3);
  const known = new Uint8Array(count);
  for (let i = 0; i < count; i++) {
    colours[3 * i] = data[4 * i]!;
    colours[3 * i + 1] = data[4 * i + 1]!;
    colours[3 * i + 2] = data[4 * i + 2]!;
    if (isSure(matte.data[i]!)) known[i] = 1;
  }
  let front: number[] = [];
  const neighbours = (i: number, visit: (j: number) => void): void => {
    const x = i % width;
    for (let dy = -1; dy <= 1; dy++) {
      const y = Math.floor(i / width) + dy;
      if (y < 0 || y >= height) continue;
      for (let dx = -1; dx <= 1; dx++) if (x + dx >= 0 && x + dx < width && (dx !== 0 || dy !== 0)) visit(y * width + x + dx);
    }
  };
  const isSoft = (j: number): boolean => known[j] === 0 && matte.data[j]! > 0 && matte.data[j]! < 255;
  for (let i = 0; i < count; i++) {
    if (!isSoft(i)) continue;
    const sure: number[] = [];
    neighbours(i, (j) => {
      if (known[j] === 1) sure.push(j);
    });
    if (sure.length > 0) front.push(i);
  }
  for (let step = 0; step < REACH && front.length > 0; step++) {
    for (const i of front) {
      const sum = [0, 0, 0];
      let n = 0;
      neighbours(i, (j) => {
        if (known[j] !== 1) return;
        n++;
        for (let c = 0; c < 3; c++) sum[c]! += colours[3 * j + c]!;
      });
      for (let c = 0; c < 3; c++) colours[3 * i + c] = sum[c]! / n;
    }
    for (const i of front) known[i] = 1;
    const next = new Set<number>();
    for (const i of front) neighbours(i, (j) => isSoft(j) && next.add(j));
    front = [...next];
  }
  return colours;
}
