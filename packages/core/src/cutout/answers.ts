import type { CutoutMark, PieceSettings } from '../document/project.js';
import type { Plane } from '../finish/plane.js';
import { boxAnswer } from './box-answer.js';
import { markHints, type MarkHints } from './mark-hints.js';
import { fillTraces } from './painted-marks.js';
import { pieceHints } from './piece-hints.js';
import type { PreparedPhoto } from './prepared-photo.js';
import { MUST_BE_GROUND, MUST_BE_SUBJECT, segmentPieces, UNKNOWN } from './segment.js';
import { tidyMask, type PieceCounts } from './specks-and-holes.js';
import { strokeLeaning } from './stroke-reach.js';
import { suggestSubject } from './suggest.js';

/** What marks come to. */
export interface CutoutAnswer extends PieceCounts {
  /** 0 or 255 for each px of the working copy. */
  readonly mask: Plane;
  /** Whether *suggest* was asked and found nothing that it is sure of. */
  readonly isUnsure: boolean;
}

export interface AnswerOptions {
  readonly pieces?: PieceSettings;
  /** Called between steps; may throw to give up. */
  readonly pause?: () => Promise<void>;
}

interface Step {
  readonly key: string;
  /** For each piece 1 for subject. Null while no mark has said anything of the subject. */
  readonly sides: Uint8Array | null;
  /** The same px by px, where that is known. */
  readonly mask?: Plane;
  readonly isUnsure: boolean;
}

/** Where nothing can come between. */
function atOnce(): Promise<void> {
  return Promise.resolve();
}

const SMOOTHNESS = 40;
/** A mark changes an answer within so many rounds. */
const ROUNDS = 2;
export const AS_FOUND: PieceSettings = { specks: 'kept', holes: 'open' };

/**
 * Answers to marks, one after the other: each begins with the answer before it (a warm start), so that a stroke changes what it is about and
 * is quick. Answers are remembered by the marks that led to them, for undo. Every stroke is obeyed, to the px.
 */
export class CutoutAnswers {
  private steps: Step[] = [];

  constructor(readonly photo: PreparedPhoto) {}

  /** @param marks - all marks, in their order. */
  async answer(marks: readonly CutoutMark[], { pieces = AS_FOUND, pause = atOnce }: AnswerOptions = {}): Promise<CutoutAnswer> {
    const { width, height, scale } = this.photo.copy;
    const step = await this.stepFor(marks, pause);
    const hints = markHints(marks, width, height, scale);
    const mask = this.maskOf(step, marks, hints);
    const keep = hints.strokes.map((stroke, i) => (stroke === 1 && hints.hints[i] === MUST_BE_SUBJECT ? 1 : 0));
    const leaveOut = hints.strokes.map((stroke, i) => (stroke === 1 && hints.hints[i] === MUST_BE_GROUND ? 1 : 0));
    return { mask, ...tidyMask(mask, keep, leaveOut, pieces), isUnsure: step.isUnsure };
  }

  /** Puts another answer in place of that for some marks: a better one, or the one that was kept. @param mask - of any size. */
  improve(marks: readonly CutoutMark[], mask: Plane): void {
    const key = keyOf(marks.filter(isTelling));
    const sides = this.sidesOf(mask);
    const { width, height } = this.photo.copy;
    const isSame = mask.width === width && mask.height === height;
    const step: Step = { key, sides, ...(isSame ? { mask } : {}), isUnsure: false };
    this.steps = [...this.steps.filter((other) => other.key !== key), step];
  }

  private async stepFor(marks: readonly CutoutMark[], pause: () => Promise<void>): Promise<Step> {
    const telling = marks.filter(isTelling);
    let from = telling.length;
    let step: Step | undefined;
    for (; from > 0 && !step; from--) step = this.steps.find(({ key }) => key === keyOf(telling.slice(0, from)));
    if (step) from++;
    step ??= { key: '', sides: null, isUnsure: false };
    for (let n = from; n < telling.length; n++) {
      step = await this.next(step, telling.slice(0, n + 1), pause);
      this.steps.push(step);
      await pause();
    }
    return step;
  }

  private async next({ sides, isUnsure }: Step, marks: readonly CutoutMark[], pause: () => Promise<void>): Promise<Step> {
    const { copy, pieces } = this.photo;
    const mark = marks.at(-1)!;
    const key = keyOf(marks);
    if (mark.kind === 'suggest') {
      const suggestion = suggestSubject(this.photo);
      return { key, sides: suggestion.isSure ? suggestion.sides : sides, isUnsure: !suggestion.isSure };
    }
    const drawn = markHints(marks, copy.width, copy.height, copy.scale);
    const hints = pieceHints(pieces, drawn);
    if (mark.kind === 'box') {
      const votes = await boxAnswer(this.photo, hints, pause);
      const found = Uint8Array.from(votes, (vote) => (vote >= 0.5 ? 1 : 0));
      return { key, sides: found, isUnsure: false };
    }
    const spoken = this.underStrokes(hints, drawn);
    const leaning = strokeLeaning(this.photo, spoken);
    const start = sides ?? Uint8Array.from(leaning, (value) => (value < 0 ? 1 : 0));
    await pause();
    const answer = segmentPieces(this.photo, hints, start, {
      smoothness: SMOOTHNESS,
      rounds: sides ? ROUNDS : 2 * ROUNDS,
      leaning,
    });
    return { key, sides: answer, isUnsure: isUnsure && mark.kind !== 'keep' };
  }

  /** Hints of pieces that a stroke touches. */
  private underStrokes(hints: Int8Array, { strokes }: MarkHints): Int8Array {
    const out = new Int8Array(hints.length).fill(UNKNOWN);
    const { labels } = this.photo.pieces;
    for (let i = 0; i < labels.length; i++) if (strokes[i] === 1) out[labels[i]!] = hints[labels[i]!]!;
    return out;
  }

  private maskOf({ sides, mask: found }: Step, marks: readonly CutoutMark[], { hints, strokes, hasBox }: MarkHints): Plane {
    const { width, height, scale } = this.photo.copy;
    const { labels } = this.photo.pieces;
    const data = new Uint8Array(width * height);
    const mask: Plane = { width, height, data };
    if (found) data.set(found.data);
    else if (sides) for (let i = 0; i < data.length; i++) data[i] = sides[labels[i]!] === 1 ? 255 : 0;
    if (hasBox) for (let i = 0; i < data.length; i++) if (hints[i] === MUST_BE_GROUND) data[i] = 0;
    fillTraces(mask, marks, scale);
    for (let i = 0; i < data.length; i++) if (strokes[i] === 1) data[i] = hints[i] === MUST_BE_SUBJECT ? 255 : 0;
    return mask;
  }

  /** For each piece whether most of it is subject. */
  private sidesOf({ width, height, data }: Plane): Uint8Array {
    const { copy, pieces } = this.photo;
    const sums = new Int32Array(pieces.count);
    for (let i = 0; i < pieces.labels.length; i++) {
      const x = Math.min(width - 1, Math.floor((((i % copy.width) + 0.5) * width) / copy.width));
      const y = Math.min(height - 1, Math.floor(((Math.floor(i / copy.width) + 0.5) * height) / copy.height));
      if (data[y * width + x]! >= 128) sums[pieces.labels[i]!] = sums[pieces.labels[i]!]! + 1;
    }
    return Uint8Array.from(sums, (sum, k) => (2 * sum > pieces.sizes[k]! ? 1 : 0));
  }
}

/** Whether a mark changes what is subject and what ground; others are laid on afterwards. */
function isTelling({ kind }: CutoutMark): boolean {
  return kind === 'suggest' || kind === 'box' || kind === 'keep' || kind === 'leave-out';
}

function keyOf(marks: readonly CutoutMark[]): string {
  return JSON.stringify(marks);
}
