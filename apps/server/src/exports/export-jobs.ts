import { findSheet } from '@kadrosyn/core';
import type { FastifyBaseLogger } from 'fastify';
import PgBoss from 'pg-boss';
import type { Database } from '../database/connect.js';
import { FaceStore } from '../faces/face-store.js';
import { filesToDraw, type DrawingFiles } from '../photos/files-to-draw.js';
import type { TaskPool } from '../tasks/task-pool.js';
import { ExportStore, type ExportRequest } from './export-store.js';

const QUEUE = 'export';

interface ExportJob {
  readonly workspaceId: string;
  readonly exportId: string;
}

/** Draws exports as jobs, so that further processes on the same database can share the work. */
export class ExportJobs {
  private readonly boss: PgBoss;
  private readonly running = new Map<string, AbortController>();

  constructor(
    databaseUrl: string,
    private readonly db: Database,
    private readonly tasks: TaskPool,
    private readonly facesFolder: string,
    private readonly log: FastifyBaseLogger,
  ) {
    this.boss = new PgBoss({ connectionString: databaseUrl, max: 4 });
    this.boss.on('error', (error) => log.error(error, 'job queue'));
  }

  async start(): Promise<void> {
    await this.boss.start();
    await this.boss.createQueue(QUEUE);
    await this.boss.work<ExportJob>(QUEUE, { pollingIntervalSeconds: 0.5, includeMetadata: true }, async ([job]) => {
      if (job) await this.run(job.data, job.startedOn.getTime() - job.createdOn.getTime());
    });
  }

  async stop(): Promise<void> {
    for (const controller of this.running.values()) controller.abort();
    await this.boss.stop({ graceful: false, wait: true });
  }

  async enqueue(job: ExportJob): Promise<void> {
    await this.boss.send(QUEUE, job, { retryLimit: 2, expireInMinutes: 30 });
  }

  /** Ends an export, wherever it runs: here at once, elsewhere at its next report. */
  async cancel(job: ExportJob): Promise<void> {
    await new ExportStore(this.db, job.workspaceId).advance(job.exportId, { state: 'cancelled' });
    this.running.get(job.exportId)?.abort();
  }

  /** @param queue - how long the job waited to be begun, ms. */
  private async run({ workspaceId, exportId }: ExportJob, queue: number): Promise<void> {
    const store = new ExportStore(this.db, workspaceId);
    const request = await store.request(exportId);
    if (!request || !(await store.advance(exportId, { state: 'running', progress: 0 }))) return;
    const controller = new AbortController();
    this.running.set(exportId, controller);
    const report = (progress: number): void => {
      store.advance(exportId, { state: 'running', progress }).then(
        (going) => going || controller.abort(),
        (error: unknown) => this.log.warn(error, 'progress of an export was lost'),
      );
    };
    try {
      const from = performance.now();
      const task = {
        project: request.document,
        sheetId: request.sheetId,
        scale: request.scale,
        type: request.type,
        quality: request.quality,
        ...(await this.files(workspaceId, request)),
        facesFolder: this.facesFolder,
        faceFiles: await new FaceStore(this.db, workspaceId).filesFor(request.document),
      };
      const read = performance.now();
      const { file, times } = await this.tasks.render(task, report, controller.signal);
      const drawn = performance.now();
      await store.advance(exportId, { state: 'done', progress: 1, bytes: Buffer.from(file) });
      // What is over of the time in the pool, it waited for a thread.
      const thread = drawn - read - times.decode - times.render - times.encode;
      const kept = performance.now() - drawn;
      const all = { queue, read: read - from, thread, ...times, keep: kept };
      this.log.info({ exportId, bytes: file.byteLength, ms: roundedTimes(all) }, 'export drawn');
    } catch (error) {
      if (controller.signal.aborted) return;
      this.log.error(error, 'an export failed');
      const message = 'The picture could not be drawn. The project is kept as it is; try again, or try a smaller size.';
      await store.advance(exportId, { state: 'failed', message });
    } finally {
      this.running.delete(exportId);
    }
  }

  private async files(workspaceId: string, { document, sheetId }: ExportRequest): Promise<DrawingFiles> {
    const sheet = findSheet(document, sheetId);
    if (!sheet) return { photoFiles: {}, matteFiles: {} };
    return filesToDraw(this.db, workspaceId, { ...document, sheets: [sheet] }, 'master');
  }
}

function roundedTimes(times: Readonly<Record<string, number>>): Record<string, number> {
  return Object.fromEntries(Object.entries(times).map(([part, ms]) => [part, Math.round(ms)]));
}
