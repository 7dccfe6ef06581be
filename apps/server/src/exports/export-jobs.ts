import { openProject, PROJECT_VERSION, type Project } from '@kadrosyn/core';
import type { FastifyBaseLogger } from 'fastify';
import type pg from 'pg';
import PgBoss from 'pg-boss';
import { openPool, type Database } from '../database/connect.js';
import { faultCode, loggableFault } from '../loggable-fault.js';
import { TaskEnded } from '../tasks/pool-process.js';
import type { TaskPools } from '../tasks/task-pools.js';
import { ExportStore, silentExports, type ExportAttempt, type ExportName } from './export-store.js';
import { taskFor } from './export-task.js';

/** A large picture takes long: small ones do not wait behind it, nor are several large ones drawn at once, which each take much memory. */
const QUEUES = { small: 'export', large: 'export-large' } as const;
/** More than these are large, px. */
const SMALL = 6e6;
/** How often whoever draws says that it is still at it, and looks for exports that nobody is at, ms. */
const HEARTBEAT = 5_000;

/** Draws exports as jobs, so that further processes on the same database can share the work. */
export class ExportJobs {
  private readonly pool: pg.Pool;
  private readonly boss: PgBoss;
  private readonly running = new Map<string, AbortController>();
  /** Who takes jobs from which queue. */
  private readonly takers = new Map<string, string>();
  private heartbeat: NodeJS.Timeout | undefined;

  constructor(
    databaseUrl: string,
    private readonly db: Database,
    private readonly tasks: TaskPools,
    private readonly facesFolder: string,
    private readonly log: FastifyBaseLogger,
  ) {
    const onError = (error: Error): void =>
      log.warn({ code: faultCode(error) }, 'the job queue lost a connection to the database');
    this.pool = openPool(databaseUrl, 4, onError);
    this.boss = new PgBoss({ db: { executeSql: (text, values) => this.pool.query(text, values) } });
    this.boss.on('error', onError);
  }

  async start(): Promise<void> {
    await this.boss.start();
    for (const queue of Object.values(QUEUES)) {
      await this.boss.createQueue(queue);
      const taker = await this.boss.work<ExportName>(
        queue,
        { pollingIntervalSeconds: 0.5, includeMetadata: true },
        async ([job]) => {
          if (job) await this.run(job.data, job.startedOn.getTime() - job.createdOn.getTime());
        },
      );
      this.takers.set(queue, taker);
    }
    this.heartbeat = setInterval(() => void this.takeUpSilent(), HEARTBEAT);
  }

  async stop(): Promise<void> {
    clearInterval(this.heartbeat);
    for (const controller of this.running.values()) controller.abort();
    await this.boss.stop({ graceful: false, wait: true });
    await this.pool.end();
  }

  /**
   * What went wrong on the way is not tried again by the queue: the heartbeat sees what nobody is at.
   * @param pixels - of the picture.
   */
  async enqueue(job: ExportName, pixels: number): Promise<void> {
    const queue = pixels > SMALL ? QUEUES.large : QUEUES.small;
    await this.boss.send(queue, job, { retryLimit: 0, expireInMinutes: 30 });
    // Here it need not wait until the queue is looked at again; another server may still be faster.
    const taker = this.takers.get(queue);
    if (taker) this.boss.notifyWorker(taker);
  }

  /** Ends an export, wherever it runs: here at once, elsewhere at its next report. */
  async cancel(job: ExportName): Promise<void> {
    await new ExportStore(this.db, job.workspaceId).cancel(job.exportId);
    this.running.get(job.exportId)?.abort();
  }

  private async takeUpSilent(): Promise<void> {
    try {
      // What brought a server down, or made others wait, was rather a large one.
      for (const job of await silentExports(this.db)) await this.enqueue(job, Infinity);
    } catch (error) {
      this.log.warn(loggableFault(error), 'exports that nobody is at were not looked for');
    }
  }

  /** @param queue - how long the job waited to be begun, ms. */
  private async run({ workspaceId, exportId }: ExportName, queue: number): Promise<void> {
    const begun = await new ExportStore(this.db, workspaceId).begin(exportId);
    if (!begun) return;
    const { request, attempt } = begun;
    const controller = new AbortController();
    this.running.set(exportId, controller);
    const report = (progress?: number): void => {
      attempt.report(progress).then(
        (goesOn) => goesOn || controller.abort(),
        (error: unknown) => this.log.warn(loggableFault(error), 'progress of an export was lost'),
      );
    };
    const heartbeat = setInterval(report, HEARTBEAT);
    try {
      const from = performance.now();
      const document = ofThisVersion(request.document);
      const task = {
        ...(await taskFor(this.db, workspaceId, document, request.request)),
        facesFolder: this.facesFolder,
      };
      const read = performance.now();
      const written = await this.tasks.export(task, { onProgress: report, signal: controller.signal });
      if ('tooManyBytes' in written) {
        await attempt.fail(tooManyBytes(written.tooManyBytes));
        return;
      }
      const { file, times } = written;
      const drawn = performance.now();
      await attempt.finish(Buffer.from(file));
      // What is over of the time in the pool, it waited for a process.
      const wait = drawn - read - times.decode - times.render - times.encode;
      const kept = performance.now() - drawn;
      const all = { queue, read: read - from, wait, ...times, keep: kept };
      this.log.info({ exportId, bytes: file.byteLength, ms: roundedTimes(all) }, 'export drawn');
    } catch (error) {
      if (!controller.signal.aborted) await this.fail(attempt, { workspaceId, exportId }, error);
    } finally {
      clearInterval(heartbeat);
      this.running.delete(exportId);
    }
  }

  /** Says what happened. Where not even that can be said, the export falls silent and is taken up again. */
  private async fail(attempt: ExportAttempt, job: ExportName, error: unknown): Promise<void> {
    const { exportId } = job;
    if (error instanceof TaskEnded && error.why === 'stopped') return;
    // Its process ended by itself or was ended by somebody: that need not be the picture's fault.
    if (error instanceof TaskEnded && error.why === 'crashed' && (await attempt.giveBack().catch(() => false))) {
      await this.enqueue(job, Infinity).catch(() => undefined);
      return;
    }
    const why = error instanceof TaskEnded ? error.why : undefined;
    this.log.error({ exportId, ...loggableFault(error), why }, 'an export failed');
    const reason = why ? ': it needs more than there is' : '';
    const message = `The picture could not be drawn${reason}. The project is kept as it is; try again, or try a smaller size.`;
    await attempt.fail(message).catch(() => undefined);
  }
}

function tooManyBytes(bytes: number): string {
  return `Even at the lowest quality the file has ${Math.ceil(bytes / 1000)} KB. Allow more, or choose fewer px.`;
}

/** What was asked for before the application was renewed is drawn as well. @throws Error when it does not open. */
function ofThisVersion(document: Project): Project {
  const version: number = document.version;
  if (version === PROJECT_VERSION) return document;
  const opened = openProject(document);
  if (!opened.ok) throw new Error(opened.reason);
  return opened.project;
}

function roundedTimes(times: Readonly<Record<string, number>>): Record<string, number> {
  return Object.fromEntries(Object.entries(times).map(([part, ms]) => [part, Math.round(ms)]));
}
