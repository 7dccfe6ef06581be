import type { CutoutMark } from '../document/project.js';
import type { Plane } from '../finish/plane.js';
import { boxAnswer } from './box-answer.js';
import { changedPlaces, pxAt, type ChangedPlace } from './changed-places.js';
import { colourGrid, type ColourGrid } from './colour-grid.js';
import { freeCut } from './free-cut.js';
import { markHints, type MarkHints } from './mark-hints.js';
import { pieceHints } from './piece-hints.js';
import type { PreparedPhoto } from './prepared-photo.js';
import { segmentPieces, UNKNOWN } from './segment.js';
import { strokeLeaning } from './stroke-reach.js';
import { suggestSubject } from './suggest.js';

/** What the marks up to one of them come to. */
export interface AnswerStep {
  /** 0 or 255 for each px of the working copy; null while no mark has said anything of the subject. */
  readonly mask: Plane | null;
  /** Whether *suggest* was asked and found nothing that it is sure of. */
  readonly isUnsure: boolean;
  /** What the last mark would have changed elsewhere: it was left as it was. */
  readonly heldBack: readonly ChangedPlace[];
}

export const NOTHING_MARKED: AnswerStep = { mask: null, isUnsure: false, heldBack: [] };

const SMOOTHNESS = 40;
/** A stroke changes the answer for pieces within so many rounds, and that px by px in one. */
const ROUNDS = 2;
const FREE_ROUNDS = 1;

/** Works out what one more mark makes of an answer. */
export class AnswerSteps {
  private madeGrid: ColourGrid | null = null;

  constructor(private readonly photo: PreparedPhoto) {}

  /**
   * The answer to one more mark. What a stroke changes must touch it; other changes are held back, except where the mark itself takes them (`also`).
   * @param before - the answer to the marks before.
   * @param marks - all marks that tell of the subject, the new one last.
   */
  async next(before: AnswerStep, marks: readonly CutoutMark[], pause: () => Promise<void>): Promise<AnswerStep> {
    const { copy, pieces } = this.photo;
    const mark = marks.at(-1)!;
    if (mark.kind === 'suggest') {
      const { sides, isSure } = suggestSubject(this.photo);
      return { mask: isSure ? this.maskOf((i) => sides[pieces.labels[i]!]!) : before.mask, isUnsure: !isSure, heldBack: [] };
    }
    const drawn = markHints(marks, copy.width, copy.height, copy.scale);
    const hints = pieceHints(pieces, drawn);
    if (mark.kind === 'box') {
      const votes = await boxAnswer(this.photo, hints, pause);
      return { mask: await this.decided(drawn, votes, { pause }), isUnsure: false, heldBack: [] };
    }
    const leaning = strokeLeaning(this.photo, this.underStrokes(hints, drawn));
    const start = before.mask ? this.sidesOf(before.mask) : Uint8Array.from(leaning, (value) => (value < 0 ? 1 : 0));
    await pause();
    const rounds = before.mask ? ROUNDS : 2 * ROUNDS;
    const sides = segmentPieces(this.photo, hints, start, { smoothness: SMOOTHNESS, rounds, leaning });
    await pause();
    const mask = await this.decided(drawn, sides, { pause, rounds: FREE_ROUNDS });
    const isUnsure = before.isUnsure && mark.kind !== 'keep';
    return { isUnsure, ...(before.mask ? this.heldBack(before.mask, mask, mark) : { mask, heldBack: [] }) };
  }

  /** A mask of the working copy's size made of one of any size. */
  resized({ width, height, data }: Plane): Plane {
    const { copy } = this.photo;
    return this.maskOf((i) => {
      const x = Math.min(width - 1, Math.floor((((i % copy.width) + 0.5) * width) / copy.width));
      const y = Math.min(height - 1, Math.floor(((Math.floor(i / copy.width) + 0.5) * height) / copy.height));
      return data[y * width + x]! >= 128 ? 1 : 0;
    });
  }

  private maskOf(side: (i: number) => number): Plane {
    const { width, height } = this.photo.copy;
    const data = new Uint8Array(width * height);
    for (let i = 0; i < data.length; i++) data[i] = side(i) === 1 ? 255 : 0;
    return { width, height, data };
  }

  /** Decides px by px what was found for pieces. @param likely - for each piece, 0 to 1. */
  private async decided(
    { hints }: MarkHints,
    likely: ArrayLike<number>,
    options: { readonly rounds?: number; readonly pause: () => Promise<void> },
  ): Promise<Plane> {
    this.madeGrid ??= colourGrid(this.photo);
    const { labels } = this.photo.pieces;
    const share = new Float32Array(labels.length);
    for (let i = 0; i < share.length; i++) share[i] = likely[labels[i]!]!;
    const data = await freeCut(this.madeGrid, hints, share, options);
    for (let i = 0; i < data.length; i++) data[i] = 255 * data[i]!;
    return { width: this.photo.copy.width, height: this.photo.copy.height, data };
  }

  private heldBack(before: Plane, after: Plane, mark: CutoutMark): Pick<AnswerStep, 'mask' | 'heldBack'> {
    const { copy } = this.photo;
    const { width, height } = copy;
    const { strokes } = markHints([mark], width, height, copy.scale);
    const taken = new Set<number>();
    const also = mark.also ?? [];
    for (let p = 0; p + 1 < also.length; p += 2) taken.add(pxAt(also[p]!, also[p + 1]!, copy));
    const held = changedPlaces(before, after, strokes).far.filter(({ px }) => !px.some((i) => taken.has(i)));
    const data = after.data.slice();
    for (const { px, isSubject } of held) for (const i of px) data[i] = isSubject ? 0 : 255;
    return { mask: { width, height, data }, heldBack: held };
  }

  /** Hints of pieces that a stroke touches. */
  private underStrokes(hints: Int8Array, { strokes }: MarkHints): Int8Array {
    const out = new Int8Array(hints.length).fill(UNKNOWN);
    const { labels } = this.photo.pieces;
    for (let i = 0; i < labels.length; i++) if (strokes[i] === 1) out[labels[i]!] = hints[labels[i]!]!;
    return out;
  }

  /** For each piece whether most of it is subject. */
  private sidesOf({ data }: Plane): Uint8Array {
    const { labels, sizes, count } = this.photo.pieces;
    const sums = new Int32Array(count);
    for (let i = 0; i < labels.length; i++) if (data[i]! >= 128) sums[labels[i]!] = sums[labels[i]!]! + 1;
    return Uint8Array.from(sums, (sum, k) => (2 * sum > sizes[k]! ? 1 : 0));
  }
}
