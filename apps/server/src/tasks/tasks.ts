import type { Bounds } from '@kadrosyn/core';
import type { Sizes } from '@kadrosyn/contract';
import type { WriteTask, WrittenFile } from '@kadrosyn/export';
import type { UploadLimits } from '../config.js';
import type { FaceIntake } from '../faces/take-face.js';
import type { UnpackedKadro } from '../kadro/unpack-kadro.js';
import type { NewOutline } from '../outlines/outline-store.js';
import type { Intake } from '../photos/intake.js';
import type { MatteIntake } from '../photos/matte-intake.js';
import type { ChangedDocument, Edits } from '../projects/documents.js';

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

/** A project file to be unpacked. */
export interface UnpackTask {
  readonly bytes: Uint8Array;
}

/** A document and what is to be done with it; see projects/documents. */
export interface DocumentTask {
  readonly document: string;
  readonly edits?: Edits | string;
  readonly since?: Edits | string;
}

/** All that a process can be asked to do. What a task needs is loaded with the first of its kind. */
export const TASKS = {
  /** Takes a file in; see photos/intake. */
  async intake({ bytes, limits, focus }: IntakeTask): Promise<Intake> {
    const { takeIn } = await import('../photos/intake.js');
    return takeIn(asBuffer(bytes), limits, focus);
  },
  /** Takes the picture of a cutout in; see photos/matte-intake. */
  async matte({ bytes, photo, screenLevel }: MatteTask): Promise<MatteIntake> {
    const { takeMatte } = await import('../photos/matte-intake.js');
    return takeMatte(asBuffer(bytes), asBuffer(photo), screenLevel);
  },
  /** Tries a font; see faces/take-face. What goes wrong inside HarfBuzz ends the process, and with it whatever it left behind. */
  async face({ bytes, facesFolder }: FaceTask): Promise<FaceIntake> {
    const [{ takeFace }, { loadedShaper }] = await Promise.all([import('../faces/take-face.js'), import('@kadrosyn/export')]);
    return takeFace(asBuffer(bytes), await loadedShaper(facesFolder));
  },
  /** Draws sheets and gives the file; see `writeSheets`. */
  async write(task: WriteTask, onProgress?: (share: number) => void): Promise<WrittenFile> {
    const { writeSheets } = await import('@kadrosyn/export');
    return writeSheets(task, onProgress);
  },
  /** Unpacks a project file; see kadro/unpack-kadro. */
  async unpack({ bytes }: UnpackTask): Promise<UnpackedKadro> {
    const { unpackKadro } = await import('../kadro/unpack-kadro.js');
    return unpackKadro(bytes);
  },
  /** How large the file of a sheet is at several qualities; see `fileSizes`. */
  async sizes(task: WriteTask): Promise<Sizes> {
    const { fileSizes } = await import('@kadrosyn/export');
    return fileSizes(task);
  },
  /** Reads a document, with edits applied where there are some. */
  async document({ document, edits, since }: DocumentTask): Promise<ChangedDocument> {
    const { changeDocument } = await import('../projects/documents.js');
    return changeDocument(document, edits, since);
  },
  /** Whether path data is an outline that can be kept; see outlines/fits-its-box. */
  async outline(outline: NewOutline): Promise<boolean> {
    const { fitsItsBox } = await import('../outlines/fits-its-box.js');
    return fitsItsBox(outline);
  },
};

export type Tasks = typeof TASKS;
export type TaskName = keyof Tasks;

function asBuffer(bytes: Uint8Array): Buffer {
  return Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength);
}
