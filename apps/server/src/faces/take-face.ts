import { createHash } from 'node:crypto';
import {
  flatten,
  layOut,
  layoutPath,
  newLetterIds,
  polygonBounds,
  similarFace,
  type FaceAxes,
  type Shaper,
} from '@kadrosyn/core';
import { FACE_LIMITS, faceTypeOf, unpackFont, type FaceType } from '@kadrosyn/formats';
import { readSent, UnreadableFile } from '../unreadable-file.js';

/** The types of Node leave it out. */
declare const WebAssembly: { readonly RuntimeError: ErrorConstructor };

/** A face that was taken in, ready to be stored. */
export interface TakenFace {
  readonly id: string;
  readonly name: string;
  readonly axes: FaceAxes;
  /** Id of the shipped face that looks most like it. */
  readonly similar: string;
  readonly original: { readonly bytes: Buffer; readonly type: FaceType };
  /** As HarfBuzz reads it. */
  readonly font: Buffer;
}

export type FaceIntake =
  | { readonly ok: true; readonly face: TakenFace }
  | {
      readonly ok: false;
      readonly refusal: { readonly code: 'not-a-font' | 'too-many-bytes' | 'damaged' | 'no-outlines'; readonly message: string };
    };

/**
 * Checks a font file by its content and limits, and unpacks it. The letters of a font are tried before it is kept.
 * @param shaper - sets the letters that are tried.
 */
export async function takeFace(bytes: Buffer, shaper: Shaper): Promise<FaceIntake> {
  const type = faceTypeOf(bytes);
  if (!type) return refuse('not-a-font', 'This is not a TTF, OTF, WOFF or WOFF2 font. Nothing was added.');
  if (bytes.length > FACE_LIMITS.bytes) return refuse('too-many-bytes', 'The font is larger than 10 MB. Nothing was added.');
  try {
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const id = `face_${sha256.slice(0, 24)}`;
    const { font, trial, name, axes, hasLetters } = await readSent(async () => {
      const font = await unpackFont(bytes);
      const trial = shaper.with([{ id, files: [font] }]);
      const { name, axes, letters } = shaper.inspect(font);
      return { font, trial, name, axes, hasLetters: hasOutlines(id, letters, trial) };
    });
    if (!hasLetters) {
      return refuse('no-outlines', 'The font has no letters with an outline that can be filled. Nothing was added.');
    }
    return { ok: true, face: { id, name, axes, similar: similarFace(id, trial), original: { bytes, type }, font } };
  } catch (error) {
    if (!(error instanceof UnreadableFile)) throw error;
    // After a trap nothing that HarfBuzz holds can be relied on: the process is given up.
    if (error.cause instanceof WebAssembly.RuntimeError) process.exit(1);
    return refuse('damaged', 'The font is damaged or cut off, so it can not be read. Nothing was added.');
  }
}

function refuse(code: 'not-a-font' | 'too-many-bytes' | 'damaged' | 'no-outlines', message: string): FaceIntake {
  return { ok: false, refusal: { code, message } };
}

/** Letters that are tried, as many as tell whether any has an outline. */
const TRIED = 60;

function hasOutlines(id: string, letters: readonly number[], shaper: Shaper): boolean {
  const some = letters
    .filter((code) => code > 0x20 && code < 0x10ffff)
    .slice(0, TRIED)
    .map((code) => String.fromCodePoint(code));
  const run = { text: some.join(''), face: id, axes: {}, size: 100, tracking: 0, letterIds: newLetterIds(some.join('')) };
  const layout = layOut({ type: 'lettering', runs: [run], align: 'left', leading: 1 }, shaper);
  const { width, height } = polygonBounds(flatten(layoutPath(layout)));
  return (
    Number.isFinite(width + height) &&
    width > 1 &&
    height > 1 &&
    Number.isFinite(layout.width + layout.height) &&
    layout.height > 0
  );
}
