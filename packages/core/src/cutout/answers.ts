import type { CutoutMark, PieceSettings } from '../document/project.js';
import type { Plane } from '../finish/plane.js';
import { AnswerSteps, NOTHING_MARKED, type AnswerStep } from './answer-step.js';
import type { ChangedPlace } from './changed-places.js';
import { markHints, type MarkHints } from './mark-hints.js';
import { fillTraces } from './painted-marks.js';
import type { PreparedPhoto } from './prepared-photo.js';
import { MUST_BE_GROUND, MUST_BE_SUBJECT } from './segment.js';
import { tidyMask, type PieceCounts } from './specks-and-holes.js';

/** What marks come to. */
export interface CutoutAnswer extends PieceCounts {
  /** 0 or 255 for each px of the working copy. */
  readonly mask: Plane;
  /** Whether *suggest* was asked and found nothing that it is sure of. */
  readonly isUnsure: boolean;
  /** Places away from the last stroke that would have changed with it, the largest first. They are as they were. */
  readonly heldBack: readonly ChangedPlace[];
}

export interface AnswerOptions {
  readonly pieces?: PieceSettings;
  /** Called between steps; may throw to give up. */
  readonly pause?: () => Promise<void>;
}

interface KnownStep extends AnswerStep {
  readonly key: string;
}

/** Where nothing can come between. */
function atOnce(): Promise<void> {
  return Promise.resolve();
}

/** Places held back that are smaller than this share of the picture are not worth a question. */
const WORTH_ASKING = 0.0002;
export const AS_FOUND: PieceSettings = { specks: 'kept', holes: 'open' };

/**
 * Answers to marks, one after the other: each begins with the answer before it (a warm start), so that a stroke changes what it is about and
 * is quick. Answers are remembered by the marks that led to them, for undo. Every stroke is obeyed, to the px.
 */
export class CutoutAnswers {
  private steps: KnownStep[] = [];
  private readonly making: AnswerSteps;

  constructor(readonly photo: PreparedPhoto) {
    this.making = new AnswerSteps(photo);
  }

  /** @param marks - all marks, in their order. */
  async answer(marks: readonly CutoutMark[], { pieces = AS_FOUND, pause = atOnce }: AnswerOptions = {}): Promise<CutoutAnswer> {
    const { width, height, scale } = this.photo.copy;
    const step = await this.stepFor(marks, pause);
    const hints = markHints(marks, width, height, scale);
    const mask = this.maskOf(step, marks, hints);
    const keep = hints.strokes.map((stroke, i) => (stroke === 1 && hints.hints[i] === MUST_BE_SUBJECT ? 1 : 0));
    const leaveOut = hints.strokes.map((stroke, i) => (stroke === 1 && hints.hints[i] === MUST_BE_GROUND ? 1 : 0));
    const heldBack = step.heldBack
      .filter(({ px }) => px.length >= WORTH_ASKING * width * height)
      .toSorted((a, b) => b.px.length - a.px.length);
    return { mask, ...tidyMask(mask, keep, leaveOut, pieces), isUnsure: step.isUnsure, heldBack };
  }

  /** Puts another answer in place of that for some marks: one found in another way, or the one that was kept. @param mask - of any size. */
  take(marks: readonly CutoutMark[], mask: Plane): void {
    const key = keyOf(marks.filter(isTelling));
    const step: KnownStep = { ...NOTHING_MARKED, key, mask: this.making.resized(mask) };
    this.steps = [...this.steps.filter((other) => other.key !== key), step];
  }

  private async stepFor(marks: readonly CutoutMark[], pause: () => Promise<void>): Promise<AnswerStep> {
    const telling = marks.filter(isTelling);
    let from = telling.length;
    let step: AnswerStep | undefined;
    for (; from > 0 && !step; from--) step = this.steps.find(({ key }) => key === keyOf(telling.slice(0, from)));
    if (step) from++;
    step ??= NOTHING_MARKED;
    for (let n = from; n < telling.length; n++) {
      const marked = telling.slice(0, n + 1);
      step = await this.making.next(step, marked, pause);
      this.steps.push({ ...step, key: keyOf(marked) });
      await pause();
    }
    return step;
  }

  private maskOf({ mask: found }: AnswerStep, marks: readonly CutoutMark[], { hints, strokes, hasBox }: MarkHints): Plane {
    const { width, height, scale } = this.photo.copy;
    const data = found ? Uint8Array.from(found.data) : new Uint8Array(width * height);
    const mask: Plane = { width, height, data };
    if (hasBox) for (let i = 0; i < data.length; i++) if (hints[i] === MUST_BE_GROUND) data[i] = 0;
    fillTraces(mask, marks, scale);
    for (let i = 0; i < data.length; i++) if (strokes[i] === 1) data[i] = hints[i] === MUST_BE_SUBJECT ? 255 : 0;
    return mask;
  }
}

/** Whether a mark changes what is subject and what ground; others are laid on afterwards. */
function isTelling({ kind }: CutoutMark): boolean {
  return kind === 'suggest' || kind === 'box' || kind === 'keep' || kind === 'leave-out';
}

function keyOf(marks: readonly CutoutMark[]): string {
  return JSON.stringify(marks);
}
