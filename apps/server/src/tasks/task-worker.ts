import type { MessagePort } from 'node:worker_threads';
import { mattesUsed, type Bounds, type Project, type Shaper } from '@kadrosyn/core';
import { DecodedPhotoSource } from '@kadrosyn/render';
import { decodePhoto, encodePicture, loadShaperFrom, NODE_ENVIRONMENT, renderSheet } from '@kadrosyn/render/node';
import type { UploadLimits } from '../config.js';
import { takeFace, type FaceIntake } from '../faces/take-face.js';
import { takeIn, type Intake } from '../photos/intake.js';
import { takeMatte, type MatteIntake } from '../photos/matte-intake.js';

/** A picture file of a photo and the level of the photo that it holds. */
export interface PhotoBytes {
  readonly bytes: Uint8Array;
  readonly level: number;
}

/** A sheet to be drawn and written as a file. */
export interface RenderTask {
  readonly project: Project;
  readonly sheetId: string;
  /** px of the picture per px of the sheet. */
  readonly scale: number;
  readonly type: 'png' | 'jpeg';
  readonly quality: number;
  /** Files of the photos by id. */
  readonly photoFiles: Readonly<Record<string, PhotoBytes>>;
  /** Kept pictures of cutouts by `photoId/matteSha256`. */
  readonly matteFiles: Readonly<Record<string, PhotoBytes>>;
  readonly facesFolder: string;
  /** Fonts of the workspace's own by the id of their face. */
  readonly faceFiles: Readonly<Record<string, Uint8Array>>;
  /** Gets the share that is done, 0 to 1. */
  readonly progress?: MessagePort;
}

/** A picture file, and what making it took in the thread, ms. */
export interface RenderedFile {
  readonly file: Uint8Array;
  readonly times: { readonly decode: number; readonly render: number; readonly encode: number };
}

/** A font file to be tried. */
export interface FaceTask {
  readonly bytes: Uint8Array;
  readonly facesFolder: string;
}

export interface IntakeTask {
  readonly bytes: Uint8Array;
  readonly limits: UploadLimits;
  /** What the photo is about, where that is known: null for nothing. It is looked for when absent. */
  readonly focus?: Bounds | null;
}

/** The picture of a cutout to be taken in. */
export interface MatteTask {
  readonly bytes: Uint8Array;
  /** The master of its photo. */
  readonly photo: Uint8Array;
  readonly screenLevel: number;
}

let shaper: Promise<Shaper> | undefined;

function asBuffer(bytes: Uint8Array): Buffer {
  return Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength);
}

/** Takes the picture of a cutout in; see photos/matte-intake. */
export function matte({ bytes, photo, screenLevel }: MatteTask): Promise<MatteIntake> {
  return takeMatte(asBuffer(bytes), asBuffer(photo), screenLevel);
}

/** Takes a file in; see photos/intake. */
export function intake({ bytes, limits, focus }: IntakeTask): Promise<Intake> {
  return takeIn(asBuffer(bytes), limits, focus);
}

/** Tries a font; see faces/take-face. What goes wrong inside HarfBuzz ends the thread, and with it whatever it left behind. */
export async function face({ bytes, facesFolder }: FaceTask): Promise<FaceIntake> {
  shaper ??= loadShaperFrom(facesFolder);
  return takeFace(asBuffer(bytes), await shaper);
}

/**
 * Draws one sheet and gives the picture file.
 * @throws Error when the sheet is not in the project.
 */
export async function render(task: RenderTask): Promise<RenderedFile> {
  const from = performance.now();
  const sheet = task.project.sheets.find((candidate) => candidate.id === task.sheetId);
  if (!sheet) throw new Error(`Sheet ${task.sheetId} is not in the project`);
  const report = (share: number): void => task.progress?.postMessage(share);
  shaper ??= loadShaperFrom(task.facesFolder);
  const own = Object.entries(task.faceFiles).map(([id, file]) => ({ id, files: [file] }));
  const setter = own.length > 0 ? (await shaper).with(own) : await shaper;
  const source = new DecodedPhotoSource(NODE_ENVIRONMENT);
  const files = Object.entries(task.photoFiles);
  for (const [index, [id, { bytes, level }]] of files.entries()) {
    const photo = task.project.photos[id];
    if (photo) source.add(id, await decodePhoto(bytes), level, photo);
    report((0.5 * (index + 1)) / files.length);
  }
  for (const { photoId, matteSha256 } of mattesUsed({ ...task.project, sheets: [sheet] })) {
    const [photo, file] = [task.project.photos[photoId], task.matteFiles[`${photoId}/${matteSha256}`]];
    if (photo && file && photoId in task.photoFiles) {
      source.addCutout(photoId, matteSha256, await decodePhoto(file.bytes), file.level, photo);
    }
  }
  report(0.6);
  const decoded = performance.now();
  const pixels = renderSheet(sheet, task.scale, { photos: task.project.photos, source, shaper: setter });
  report(0.8);
  const drawn = performance.now();
  const file = await encodePicture(pixels, { type: task.type, quality: task.quality, dpi: Math.round(sheet.dpi * task.scale) });
  report(1);
  const times = { decode: decoded - from, render: drawn - decoded, encode: performance.now() - drawn };
  return { file, times };
}
