import {
  AS_FOUND,
  CutoutAnswers,
  cutoutLevel,
  cutoutPicture,
  filledBounds,
  finishedMatte,
  flatGround,
  halve,
  smallPixels,
  WORKING_SIDE,
  type CutoutMark,
  isOpaque,
  preparePhoto,
  subjectOf,
  type Bounds,
  type CutoutLevel,
  type Pixels,
  type Plane,
} from '@kadrosyn/core';
import { expose, transfer } from 'comlink';
import { decode as decodePng, encode as encodePng } from 'fast-png';
import { pixelsOf } from '../photos/pixels-of-file';
import { heldPlace } from './held-place';
import type { BegunCutout, CutoutBeginning, CutoutRequest, FinishedCutout, QuickAnswer, SubjectPreview } from './cutout-messages';

/** The subject beside the photo is shown from at most so many px of the longer side. */
const SHOWN_SIDE = 900;
/** Edges are traced in at most so many px of the longer side. */
const TRACED_SIDE = 1000;

/** Thrown to give up what a newer request has overtaken. */
class Overtaken extends Error {}

interface Work {
  readonly photo: Pixels;
  readonly level: CutoutLevel;
  readonly answers: CutoutAnswers;
}

let work: Work | null = null;
/** The newest request of each kind; older ones give up at their next pause. */
const newest = { answer: 0, preview: 0, finish: 0 };
const channel = new MessageChannel();
const waiting: (() => void)[] = [];
channel.port1.onmessage = () => waiting.shift()?.();

/** Lets messages in, and gives up when one of them has overtaken this. */
async function pauseFor(kind: keyof typeof newest, turn: number): Promise<void> {
  await new Promise<void>((resolve) => {
    waiting.push(resolve);
    channel.port2.postMessage(null);
  });
  if (newest[kind] !== turn) throw new Overtaken();
}

/** The value, or null when it was overtaken. */
async function unlessOvertaken<T>(run: () => Promise<T>): Promise<T | null> {
  try {
    return await run();
  } catch (error) {
    if (error instanceof Overtaken) return null;
    throw error;
  }
}

function required(): Work {
  if (!work) throw new Error('No photo is being cut out');
  return work;
}

const cutter = {
  /** Reads a photo and prepares it. */
  async begin({ source, kept }: CutoutBeginning): Promise<BegunCutout> {
    const photo = await pixelsOf(await fetchBlob(source));
    const opaque = isOpaque(photo);
    const level = cutoutLevel(photo);
    work = { photo, level, answers: new CutoutAnswers(preparePhoto(level)) };
    const { answers } = work;
    if (kept) answers.take(kept.marks, alphaOfFile(decodePng(await (await fetchBlob(kept.matte)).arrayBuffer())));
    // What *suggest* comes to is remembered; working it out also makes the first answer to a mark a quick one.
    setTimeout(() => void answers.answer([{ kind: 'suggest', points: [] }]), 0);
    const [copy, traced] = [smallPixels(level.pixels, WORKING_SIDE), smallPixels(level.pixels, TRACED_SIDE)];
    return { isClear: !opaque, isFlat: opaque && flatGround(level.pixels) !== null, copy, traced };
  },

  /** The mask for marks, quickly. */
  answer(turn: number, { marks, pieces = AS_FOUND }: CutoutRequest): Promise<QuickAnswer | null> {
    newest.answer = turn;
    return unlessOvertaken(async () => {
      const pause = (): Promise<void> => pauseFor('answer', turn);
      await pause();
      const answer = await required().answers.answer(marks, { pieces, pause });
      const { copy } = required().answers.photo;
      const heldBack = answer.heldBack.map((place) => heldPlace(place, copy));
      return { ...answer, heldBack, kept: pictureOf(answer.mask), isEmpty: !answer.mask.data.some((value) => value > 0) };
    });
  },

  /** Takes a mask from elsewhere as the answer to marks. */
  take(marks: readonly CutoutMark[], mask: Plane): void {
    required().answers.take(marks, mask);
  },

  /** The subject as it will be, from fewer px. */
  preview(turn: number, { marks, pieces = AS_FOUND, edge }: CutoutRequest): Promise<SubjectPreview | null> {
    newest.preview = turn;
    return unlessOvertaken(async () => {
      const { level, answers } = required();
      const { pixels, index } = level;
      const pause = (): Promise<void> => pauseFor('preview', turn);
      await pause();
      const { mask } = await answers.answer(marks, { pieces, pause });
      const matte = await finishedMatte(pixels, mask, { marks, edge, coarse: 2 ** index, pause });
      let [subject, at] = [subjectOf(pixels, cutoutPicture(pixels, matte, edge.colourOut)), index];
      const kept = pictureOf(matte);
      while (Math.max(subject.width, subject.height) > SHOWN_SIDE) [subject, at] = [halve(subject, false), at + 1];
      return transfer({ kept, subject, index: at }, [kept, subject.data.buffer]);
    });
  },

  /** The cutout at full size, as a PNG to be kept, or the subject alone to be used elsewhere. @param report - gets the share done, 0 to 1. */
  finish(
    turn: number,
    as: 'kept' | 'subject',
    { marks, pieces = AS_FOUND, edge }: CutoutRequest,
    report: (share: number) => void,
  ): Promise<FinishedCutout | null> {
    newest.finish = turn;
    return unlessOvertaken(async () => {
      const { photo, answers } = required();
      const pause = async (done = 0): Promise<void> => {
        report(0.8 * done);
        await pauseFor('finish', turn);
      };
      const { mask } = await answers.answer(marks, { pieces, pause });
      const matte = await finishedMatte(photo, mask, { marks, edge, pause });
      const focus = focusOf(matte);
      const kept = cutoutPicture(photo, matte, edge.colourOut);
      const { width, height, data } = as === 'kept' ? kept : subjectOf(photo, kept);
      await pause(1);
      const png = encodePng({ width, height, data: new Uint8Array(data.buffer), channels: 4, depth: 8 });
      report(1);
      return transfer({ png, ...(focus && { focus }) }, [png.buffer]);
    });
  },

  /** Gives up whatever is being finished. */
  cancel(): void {
    newest.finish++;
  },
};

export type Cutter = typeof cutter;

async function fetchBlob(url: string): Promise<Blob> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`${url} answered ${response.status}`);
  return response.blob();
}

/** A picture whose alpha is the plane. */
function pictureOf({ width, height, data }: Plane): ImageBitmap {
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d')!;
  const image = context.createImageData(width, height);
  for (let i = 0; i < data.length; i++) image.data[4 * i + 3] = data[i]!;
  context.putImageData(image, 0, 0);
  return canvas.transferToImageBitmap();
}

function alphaOfFile({ width, height, data, channels }: ReturnType<typeof decodePng>): Plane {
  const alpha = new Uint8Array(width * height);
  for (let i = 0; i < alpha.length; i++) alpha[i] = data[i * channels + channels - 1]!;
  return { width, height, data: alpha };
}

/** The upright rectangle that the subject fills. */
function focusOf(matte: Plane): Bounds | undefined {
  const solid = { ...matte, data: matte.data.map((value) => (value >= 128 ? 255 : 0)) };
  const { x, y, width, height } = filledBounds(solid);
  if (width === 0) return undefined;
  // Without the px of room that it has around.
  return { x: x + 1, y: y + 1, width: width - 2, height: height - 2 };
}

expose(cutter);
