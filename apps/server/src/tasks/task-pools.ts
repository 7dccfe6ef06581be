import { TaskEnded, type TaskEnd, type TaskOptions } from './pool-process.js';
import { ProcessPool } from './process-pool.js';
import type { DocumentTask, FaceTask, IntakeTask, MatteTask, UnpackTask } from './tasks.js';
import type { Sizes } from '@kadrosyn/contract';
import type { WriteTask, WrittenFile } from '@kadrosyn/export';
import type { FaceIntake } from '../faces/take-face.js';
import type { UnpackedKadro } from '../kadro/unpack-kadro.js';
import type { NewOutline } from '../outlines/outline-store.js';
import type { Intake } from '../photos/intake.js';
import { isSvg } from '@kadrosyn/formats';
import type { MatteIntake } from '../photos/matte-intake.js';
import type { ChangedDocument } from '../projects/documents.js';

const MB = 2 ** 20;
/** Above its rest, for one file: a photo of 108 million px needs 660 MB. */
const MOST_MEMORY = 750 * MB;

/** Why a file is not taken that was given up. */
const HEAVY: Readonly<Record<Exclude<TaskEnd, 'stopped'>, string>> = {
  late: 'The picture takes too long to be read. Save a simpler or smaller copy and add that.',
  memory: 'The picture takes more memory than there is for one. Save a smaller copy and add that.',
  crashed: 'The picture can not be read. Save it anew, or as a PNG or JPEG, and add that.',
};

/**
 * Work that takes long, away from the thread that answers. What is added, what is looked at and what is exported have processes of their own, so
 * that a file that brings one down, or a long row before one, holds up nothing else.
 */
export class TaskPools {
  private readonly added: ProcessPool;
  /** Drawings can be written so that they are never done; photos do not wait behind them. */
  private readonly drawings: ProcessPool;
  private readonly documents = new ProcessPool({ most: 1, deadline: 20_000, memory: 500 * MB, niceness: 0 });
  private readonly thumbnails = new ProcessPool({ most: 2, deadline: 60_000, memory: 1500 * MB, niceness: 5 });
  /** A large picture and a small one. */
  private readonly exports = new ProcessPool({ most: 2, deadline: 10 * 60_000, memory: 6000 * MB, niceness: 0 });

  /** @param deadline - how long one file that is added may be worked at, ms. */
  constructor(deadline: number) {
    this.added = new ProcessPool({ most: 2, deadline, memory: MOST_MEMORY, niceness: 0 });
    this.drawings = new ProcessPool({ most: 1, deadline: deadline / 3, memory: MOST_MEMORY, niceness: 0 });
  }

  /** A file that takes too long or too much is refused like any other that can not be used. */
  async intake(task: IntakeTask): Promise<Intake> {
    const pool = isSvg(task.bytes) ? this.drawings : this.added;
    try {
      // A process that ended by itself or was ended by somebody need not have ended for the file.
      return await pool.run('intake', task).catch((error: unknown) => {
        if (error instanceof TaskEnded && error.why === 'crashed') return pool.run('intake', task);
        throw error;
      });
    } catch (error) {
      if (!(error instanceof TaskEnded) || error.why === 'stopped') throw error;
      return { ok: false, refusal: { code: 'too-heavy', message: HEAVY[error.why] } };
    }
  }

  matte(task: MatteTask): Promise<MatteIntake> {
    return this.added.run('matte', task);
  }

  takeFace(task: FaceTask): Promise<FaceIntake> {
    return this.added.run('face', task);
  }

  document(task: DocumentTask): Promise<ChangedDocument> {
    return this.documents.run('document', task);
  }

  outline(outline: NewOutline): Promise<boolean> {
    return this.documents.run('outline', outline);
  }

  thumbnail(task: WriteTask, options: TaskOptions): Promise<WrittenFile> {
    return this.thumbnails.run('write', task, options);
  }

  export(task: WriteTask, options: TaskOptions): Promise<WrittenFile> {
    return this.exports.run('write', task, options);
  }

  unpack(task: UnpackTask): Promise<UnpackedKadro> {
    return this.exports.run('unpack', task);
  }

  sizes(task: WriteTask, options: TaskOptions): Promise<Sizes> {
    return this.exports.run('sizes', task, options);
  }

  async close(): Promise<void> {
    await Promise.all([this.added, this.drawings, this.documents, this.thumbnails, this.exports].map((pool) => pool.close()));
  }
}
