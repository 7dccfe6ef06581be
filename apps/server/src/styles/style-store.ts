import { and, asc, eq, sql } from 'drizzle-orm';
import { isPart, newId, type Style, type WholeFinish } from '@kadrosyn/core';
import { CodedError, notFound } from '../coded-error.js';
import type { Database } from '../database/connect.js';
import { styles } from '../database/schema.js';

/** What a style is made of; its lengths belong to a sheet whose shorter side is `side` px. */
export type NewStyle = Pick<Style, 'name' | 'side'> & WholeFinish;

/** What of a style can be changed. */
export type StyleChange = Partial<NewStyle>;

const COLUMNS = {
  id: styles.id,
  name: styles.name,
  revision: styles.revision,
  side: styles.side,
  finish: styles.finish,
  developing: styles.developing,
};

/** The finishes that a workspace keeps under a name. */
export class StyleStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
  ) {}

  /** By name. */
  async list(): Promise<Style[]> {
    const rows = await this.db
      .select(COLUMNS)
      .from(styles)
      .where(eq(styles.workspaceId, this.workspaceId))
      .orderBy(asc(styles.name), asc(styles.id));
    return rows.map(styleOf);
  }

  /** @throws CodedError when it is no finish that an opening can have. */
  async add(style: NewStyle): Promise<Style> {
    check(style);
    const values = { ...style, id: newId('style'), workspaceId: this.workspaceId, revision: 1 };
    const [row] = await this.db.insert(styles).values(values).returning(COLUMNS);
    return styleOf(row!);
  }

  /** Renames a style, or gives it another finish under a new revision. @throws CodedError as `add`, and when it is gone. */
  async change(id: string, change: StyleChange): Promise<Style> {
    if (change.finish) check({ finish: change.finish, ...(change.developing ? { developing: change.developing } : {}) });
    const finish = change.finish && {
      finish: change.finish,
      developing: change.developing ?? null,
      revision: sql`${styles.revision} + 1`,
      ...(change.side === undefined ? {} : { side: change.side }),
    };
    const [row] = await this.db
      .update(styles)
      .set({ ...(change.name === undefined ? {} : { name: change.name }), ...finish })
      .where(this.is(id))
      .returning(COLUMNS);
    if (!row) throw notFound('The style');
    return styleOf(row);
  }

  /** @throws CodedError when there is no such style. */
  async remove(id: string): Promise<void> {
    const gone = await this.db.delete(styles).where(this.is(id)).returning({ id: styles.id });
    if (gone.length === 0) throw notFound('The style');
  }

  private is(id: string) {
    return and(eq(styles.workspaceId, this.workspaceId), eq(styles.id, id));
  }
}

function styleOf({ developing, ...rest }: Omit<Style, 'developing'> & { developing: Style['developing'] | null }): Style {
  return developing ? { ...rest, developing } : rest;
}

/** A finish can be kept when it could stand in a project. */
function check({ finish, developing }: WholeFinish): void {
  if (isPart('finish', finish) && (developing === undefined || isPart('developing', developing))) return;
  throw new CodedError(422, 'no-finish', 'This is no finish that can be kept. Nothing was changed.');
}
