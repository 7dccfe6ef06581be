import type { ItemSurvey, MeasuredWord } from '@kadrosyn/render';
import type { DecodedLevel } from '../../photos/photo-decoder';
import type { LackingLevel } from './sent-levels';
import type { SentSheet } from './sent-sheet';

/** What all requests bring along. */
interface Request {
  readonly sheet: SentSheet;
  /** Ids of the faces that text is set in: exactly those, so that missing ones are missing on both sides. */
  readonly faces: readonly string[];
}

export interface SurveyRequest extends Request {
  readonly itemId: string;
}

export interface MeasureRequest extends Request {
  readonly wordId: string;
  /** Px as it is looked at to one px of the sheet. */
  readonly seen: number;
}

export interface PictureRequest extends Request {
  /** The finest level that is wanted; 0 is the sheet at its own px. */
  readonly wanted: number;
}

/** An answer, and the levels that it had to do without. */
export interface Answer<T> {
  readonly value: T;
  readonly lacking: readonly LackingLevel[];
}

/** For each pair what was found, in their order: the pairs themselves stay where they are. */
export type SurveyAnswer = Answer<ItemSurvey>;
export type PictureAnswer = Answer<readonly DecodedLevel[]>;
export type MeasureAnswer = Answer<MeasuredWord | null>;
