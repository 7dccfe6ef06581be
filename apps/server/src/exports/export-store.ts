import { newId, type Project } from '@kadrosyn/core';
import { and, eq, inArray, lt, sql } from 'drizzle-orm';
import type { Database } from '../database/connect.js';
import { exports, type ExportState } from '../database/schema.js';

/** What is to be exported. */
export interface ExportRequest {
  readonly projectId: string;
  readonly sheetId: string;
  /** px of the picture per px of the sheet. */
  readonly scale: number;
  readonly type: 'png' | 'jpeg';
  readonly quality: number;
  readonly document: Project;
}

const STATUS = {
  id: exports.id,
  state: exports.state,
  progress: exports.progress,
  message: exports.message,
  type: exports.type,
  name: sql<string>`${exports.document}->>'name'`,
};

/** The exports of one workspace. */
export class ExportStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
  ) {}

  /** Notes the request; exports of more than a day ago are forgotten. */
  async add(request: ExportRequest): Promise<string> {
    const dayAgo = sql`now() - interval '1 day'`;
    await this.db.delete(exports).where(and(eq(exports.workspaceId, this.workspaceId), lt(exports.createdAt, dayAgo)));
    const id = newId('export');
    await this.db.insert(exports).values({ ...request, workspaceId: this.workspaceId, id, state: 'waiting', progress: 0 });
    return id;
  }

  async status(id: string) {
    const [row] = await this.db.select(STATUS).from(exports).where(this.is(id));
    return row;
  }

  async request(id: string): Promise<ExportRequest | undefined> {
    const [row] = await this.db.select().from(exports).where(this.is(id));
    return row;
  }

  async bytes(id: string): Promise<Buffer | undefined> {
    const [row] = await this.db
      .select({ bytes: exports.bytes })
      .from(exports)
      .where(and(this.is(id), eq(exports.state, 'done')));
    return row?.bytes ?? undefined;
  }

  /** Moves on from a state that is not final. False when the export was cancelled meanwhile. */
  async advance(
    id: string,
    change: { state: ExportState; progress?: number; message?: string; bytes?: Buffer },
  ): Promise<boolean> {
    const rows = await this.db
      .update(exports)
      .set(change)
      .where(and(this.is(id), inArray(exports.state, ['waiting', 'running'])))
      .returning({ id: exports.id });
    return rows.length > 0;
  }

  private is(id: string) {
    return and(eq(exports.workspaceId, this.workspaceId), eq(exports.id, id));
  }
}
