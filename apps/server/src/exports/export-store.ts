import { newId, type Project } from '@kadrosyn/core';
import type { ExportRequest, ExportStatus } from '@kadrosyn/contract';
import { and, desc, eq, inArray, lt, not, or, sql } from 'drizzle-orm';
import type { Database } from '../database/connect.js';
import { exports } from '../database/schema.js';

/** What is to be exported. */
export interface ExportToDraw {
  readonly projectId: string;
  readonly request: ExportRequest;
  /** Of the file, with its extension. */
  readonly name: string;
  readonly document: Project;
}

/** Names an export from outside its workspace. */
export interface ExportName {
  readonly workspaceId: string;
  readonly exportId: string;
}

/** Seconds without a word after which whoever draws an export counts as gone. */
const SILENCE = 20;
/** How often an export is begun before it is given up. */
const MOST_ATTEMPTS = 3;
const GIVEN_UP =
  'The picture could not be drawn: the server ended while it was at it, more than once. The project is kept as it is; try a smaller size.';

const STATUS = {
  id: exports.id,
  state: exports.state,
  progress: exports.progress,
  message: exports.message,
  name: exports.name,
  request: exports.request,
  bytes: sql<number | null>`octet_length(${exports.bytes})`,
  createdAt: exports.createdAt,
};
/** Exports are kept for so long. */
const DAY_AGO = sql`now() - interval '1 day'`;
/** So many of a project are listed. */
const MOST_LISTED = 50;
const isSilent = sql`${exports.heardAt} < now() - make_interval(secs => ${SILENCE})`;
/** The queue may have lost it with the server that noted it. Named to it twice, it is drawn once all the same. */
const isForgotten = sql`coalesce(${exports.heardAt}, ${exports.createdAt}) < now() - make_interval(secs => ${SILENCE})`;

/** The exports of one workspace. */
export class ExportStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
  ) {}

  /** Notes the request; exports of more than a day ago are forgotten. */
  async add(request: ExportToDraw): Promise<string> {
    await this.db.delete(exports).where(and(eq(exports.workspaceId, this.workspaceId), lt(exports.createdAt, DAY_AGO)));
    const id = newId('export');
    await this.db.insert(exports).values({ ...request, workspaceId: this.workspaceId, id, state: 'waiting', progress: 0 });
    return id;
  }

  async status(id: string): Promise<ExportStatus | undefined> {
    const [row] = await this.db.select(STATUS).from(exports).where(this.is(id));
    return row && statusOf(row);
  }

  /** Those of a project within a day, newest first. */
  async list(projectId: string): Promise<ExportStatus[]> {
    const rows = await this.db
      .select(STATUS)
      .from(exports)
      .where(
        and(eq(exports.workspaceId, this.workspaceId), eq(exports.projectId, projectId), not(lt(exports.createdAt, DAY_AGO))),
      )
      .orderBy(desc(exports.createdAt))
      .limit(MOST_LISTED);
    return rows.map(statusOf);
  }

  async bytes(id: string): Promise<Buffer | undefined> {
    const [row] = await this.db
      .select({ bytes: exports.bytes })
      .from(exports)
      .where(and(this.is(id), eq(exports.state, 'done')));
    return row?.bytes ?? undefined;
  }

  /** Takes an export up, unless somebody who can still be heard of is at it. Gives what is to be drawn, and the attempt to report with. */
  async begin(id: string): Promise<{ readonly request: ExportToDraw; readonly attempt: ExportAttempt } | undefined> {
    const attempt = newId('attempt');
    const [request] = await this.db
      .update(exports)
      .set({ state: 'running', progress: 0, attempt, attempts: sql`${exports.attempts} + 1`, heardAt: sql`now()` })
      .where(and(this.is(id), or(eq(exports.state, 'waiting'), and(eq(exports.state, 'running'), isSilent))))
      .returning();
    return request && { request, attempt: new ExportAttempt(this.db, and(this.is(id), eq(exports.attempt, attempt))) };
  }

  /** Ends an export that has not ended yet. */
  async cancel(id: string): Promise<void> {
    await this.db
      .update(exports)
      .set({ state: 'cancelled' })
      .where(and(this.is(id), inArray(exports.state, ['waiting', 'running'])));
  }

  private is(id: string) {
    return and(eq(exports.workspaceId, this.workspaceId), eq(exports.id, id));
  }
}

function statusOf({ createdAt, ...row }: Omit<ExportStatus, 'askedAt'> & { readonly createdAt: Date }): ExportStatus {
  return { ...row, askedAt: createdAt.toISOString() };
}

/** One go at drawing an export. What it reports counts only as long as the export has not been cancelled or taken up by another. */
export class ExportAttempt {
  constructor(
    private readonly db: Database,
    private readonly is: ReturnType<typeof and>,
  ) {}

  /** Says how far it is, 0 to 1, or with nothing only that it goes on. False when it is to stop. */
  report(progress?: number): Promise<boolean> {
    return this.set({ heardAt: sql`now()`, ...(progress === undefined ? {} : { progress }) });
  }

  finish(bytes: Buffer): Promise<boolean> {
    return this.set({ state: 'done', progress: 1, bytes });
  }

  /** Lets another attempt be made. False when that was the last one. */
  async giveBack(): Promise<boolean> {
    return this.set({ state: 'waiting', progress: 0 }, lt(exports.attempts, MOST_ATTEMPTS));
  }

  fail(message: string): Promise<boolean> {
    return this.set({ state: 'failed', message });
  }

  private async set(
    change: Parameters<ReturnType<Database['update']>['set']>[0],
    also?: ReturnType<typeof lt>,
  ): Promise<boolean> {
    const rows = await this.db
      .update(exports)
      .set(change)
      .where(and(this.is, eq(exports.state, 'running'), also))
      .returning({ id: exports.id });
    return rows.length > 0;
  }
}

/**
 * Exports of all workspaces that nobody is at any more, or that have waited so long that nobody may know of them: those to be taken up again. Those that
 * were begun too often are given up, and say so.
 */
export async function silentExports(db: Database): Promise<ExportName[]> {
  const silent = and(eq(exports.state, 'running'), isSilent);
  const forgotten = and(eq(exports.state, 'waiting'), isForgotten);
  await db
    .update(exports)
    .set({ state: 'failed', message: GIVEN_UP })
    .where(and(silent, sql`${exports.attempts} >= ${MOST_ATTEMPTS}`));
  const name = { workspaceId: exports.workspaceId, exportId: exports.id };
  const waiting = await db
    .update(exports)
    .set({ heardAt: sql`now()` })
    .where(forgotten)
    .returning(name);
  return [...waiting, ...(await db.select(name).from(exports).where(silent))];
}
