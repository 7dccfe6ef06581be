import { readFile } from 'node:fs/promises';
import {
  CutoutAnswers,
  cutoutLevel,
  cutoutPicture,
  finishedMatte,
  preparePhoto,
  STANDARD_EDGE,
  subjectOf,
  type Pixels,
} from '@kadrosyn/core';
import { decodePhoto } from '@kadrosyn/render/node';
import sharp from 'sharp';
import { readCutoutArguments } from './cutout-arguments.js';
import { EXIT, type ExitCode } from './exit-code.js';
import type { Says } from './says.js';

export const CUTOUT_USAGE = `kadrosyn cutout PHOTO -o MATTE.png [--subject SUBJECT.png]
    --box x,y,w,h             a box around the subject
    --keep "x,y x,y ..."      a stroke over the subject; may be given again
    --leave-out "x,y x,y ..." a stroke over what does not belong to it; may be given again
    --stroke-width px         of all strokes
    --auto                    with no hint at all
  Points are px of the photo. Ends with 3 when it is not sure of a subject; then nothing is written.`;

/** Cuts the subject out of a photo file. */
export async function cutout(args: readonly string[], says: Says): Promise<ExitCode> {
  const { photo: file, marks, matte: target, subject } = readCutoutArguments(args);
  const photo = await decodePhoto(await readFile(file));
  const answers = new CutoutAnswers(preparePhoto(cutoutLevel(photo)));
  const { mask, isUnsure } = await answers.answer(marks);
  if (isUnsure || !mask.data.some((value) => value > 0)) {
    says.error('No subject stands out clearly, so nothing was written. Give a --box, or strokes with --keep and --leave-out.');
    return EXIT.declined;
  }
  const matte = await finishedMatte(photo, mask, { marks, edge: STANDARD_EDGE });
  await sharp(matte.data, { raw: { width: matte.width, height: matte.height, channels: 1 } })
    .toColourspace('b-w')
    .png()
    .toFile(target);
  if (subject !== undefined) await writePixels(subjectOf(photo, cutoutPicture(photo, matte)), subject);
  return EXIT.done;
}

async function writePixels({ width, height, data }: Pixels, file: string): Promise<void> {
  await sharp(Buffer.from(data.buffer, data.byteOffset, data.byteLength), { raw: { width, height, channels: 4 } })
    .png()
    .toFile(file);
}
