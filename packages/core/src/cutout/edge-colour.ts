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
  const [front, back] = [new Carried(photo, matte, SURE, 255), new Carried(photo, matte, 0, NONE)];
  for (let top = 0; top < height; top += TILE) {
    for (let left = 0; left < width; left += TILE) {
      const inner = { x: left, y: top, width: Math.min(TILE, width - left), height: Math.min(TILE, height - top) };
      if (!copySure(photo, matte, inner, out)) continue;
      front.carry(inner);
      back.carry(inner);
      mixSoft(photo, matte, inner, { front, back, out });
    }
  }
  return { width, height, data: out };
}

/** Copies what needs no working out. Says whether something is left that does. */
function copySure({ width, data }: Pixels, matte: Plane, at: Bounds, out: Uint8ClampedArray): boolean {
  let isLeft = false;
  for (let y = at.y; y < at.y + at.height; y++) {
    for (let i = y * width + at.x; i < y * width + at.x + at.width; i++) {
      const alpha = matte.data[i]!;
      if (alpha < SURE) {
        isLeft ||= alpha > 0;
        continue;
      }
      out[4 * i] = data[4 * i]!;
      out[4 * i + 1] = data[4 * i + 1]!;
      out[4 * i + 2] = data[4 * i + 2]!;
      out[4 * i + 3] = alpha;
    }
  }
  return isLeft;
}

function mixSoft(
  { width, data }: Pixels,
  matte: Plane,
  at: Bounds,
  { front, back, out }: { readonly front: Carried; readonly back: Carried; readonly out: Uint8ClampedArray },
): void {
  for (let y = at.y; y < at.y + at.height; y++) {
    for (let x = at.x; x < at.x + at.width; x++) {
      const i = y * width + x;
      const alpha = matte.data[i]!;
      if (alpha === 0 || alpha >= SURE) continue;
      const share = alpha / 255;
      // Little of the subject is left in a thin pixel: its worked-out colour is mostly noise.
      const trust = Math.min(1, Math.max(0, (share - 0.15) / 0.6));
      const o = 4 * i;
      for (let c = 0; c < 3; c++) {
        const near = front.colour(x, y, c);
        const mixed = (data[o + c]! - (1 - share) * back.colour(x, y, c)) / share;
        const own = Math.min(near + LEEWAY, Math.max(near - LEEWAY, mixed));
        out[o + c] = Math.min(255, Math.max(0, own)) * trust + near * (1 - trust);
      }
      out[o + 3] = alpha;
    }
  }
}

/** What is known of a pixel's colour: nothing, and nothing is asked; its own is sure; it is soft; it is soft and reached next; it was carried. */
const [NONE_ASKED, OWN, SOFT, NEXT, CARRIED] = [0, 1, 2, 3, 4];
/** Side of a tile with its room and a rim of 1 px, so that every pixel has eight neighbours. */
const SIDE = TILE + 2 * ROOM + 2;
const AROUND = [-SIDE - 1, -SIDE, -SIDE + 1, -1, 1, SIDE - 1, SIDE, SIDE + 1];

/** Colours of the sure pixels, those whose alpha is `from` to `to`, carried outwards through the soft edge step by step as means of their neighbours. */
class Carried {
  private readonly state = new Uint8Array(SIDE * SIDE);
  private readonly colours = new Float32Array(SIDE * SIDE * 3);
  /** Where AROUND leads in the photo. */
  private readonly around: readonly number[];
  /** Place in the photo of the first pixel of the tile with its rim. */
  private left = 0;
  private top = 0;

  constructor(
    private readonly photo: Pixels,
    private readonly matte: Plane,
    private readonly from: number,
    private readonly to: number,
  ) {
    const { width } = photo;
    this.around = [-width - 1, -width, -width + 1, -1, 1, width - 1, width, width + 1];
  }

  /** Carries colours within `tile` and the room around it, px of the photo. */
  carry(tile: Bounds): void {
    [this.left, this.top] = [tile.x - ROOM - 1, tile.y - ROOM - 1];
    let front = this.begin(tile);
    for (let step = 0; step < REACH && front.length > 0; step++) {
      for (const p of front) this.takeMean(p);
      for (const p of front) this.state[p] = CARRIED;
      const next: number[] = [];
      for (const p of front) this.reach(p, next);
      front = next;
    }
  }

  /** One channel of the colour at a place in the photo: its own where none was carried there. */
  colour(x: number, y: number, channel: number): number {
    const p = (y - this.top) * SIDE + x - this.left;
    return this.state[p] === CARRIED
      ? this.colours[3 * p + channel]!
      : this.photo.data[4 * (y * this.photo.width + x) + channel]!;
  }

  /** Notes what is sure and what is soft. Gives the soft pixels beside sure ones. */
  private begin(tile: Bounds): number[] {
    const { width, height } = this.photo;
    this.state.fill(NONE_ASKED);
    const soft: number[] = [];
    for (let y = Math.max(0, tile.y - ROOM); y < Math.min(height, tile.y + tile.height + ROOM); y++)
      this.beginRow(y, Math.max(0, tile.x - ROOM), Math.min(width, tile.x + tile.width + ROOM), soft);
    return soft.filter((p) => AROUND.some((by) => this.state[p + by] === OWN));
  }

  private beginRow(y: number, fromX: number, toX: number, soft: number[]): void {
    const { state, from, to } = this;
    const { data, width } = this.matte;
    for (let x = fromX, i = y * width + fromX, p = (y - this.top) * SIDE + fromX - this.left; x < toX; x++, i++, p++) {
      const alpha = data[i]!;
      if (alpha >= from && alpha <= to) state[p] = OWN;
      else if (alpha > 0 && alpha < 255) {
        state[p] = SOFT;
        soft.push(p);
      }
    }
  }

  private takeMean(p: number): void {
    const { state, colours, around } = this;
    const { data, width } = this.photo;
    const y = Math.floor(p / SIDE);
    const i = (y + this.top) * width + p - y * SIDE + this.left;
    let [red, green, blue, count] = [0, 0, 0, 0];
    for (let k = 0; k < 8; k++) {
      const known = state[p + AROUND[k]!];
      if (known === OWN) {
        const at = 4 * (i + around[k]!);
        red += data[at]!;
        green += data[at + 1]!;
        blue += data[at + 2]!;
        count++;
      } else if (known === CARRIED) {
        const at = 3 * (p + AROUND[k]!);
        red += colours[at]!;
        green += colours[at + 1]!;
        blue += colours[at + 2]!;
        count++;
      }
    }
    colours[3 * p] = red / count;
    colours[3 * p + 1] = green / count;
    colours[3 * p + 2] = blue / count;
  }

  private reach(p: number, next: number[]): void {
    const { state } = this;
    for (let k = 0; k < 8; k++) {
      const at = p + AROUND[k]!;
      if (state[at] !== SOFT) continue;
      state[at] = NEXT;
      next.push(at);
    }
  }
}
