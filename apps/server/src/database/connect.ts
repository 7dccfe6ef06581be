import { fileURLToPath } from 'node:url';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import * as schema from './schema.js';

export type Database = NodePgDatabase<typeof schema>;

/** An open database and how to close it. */
export interface Connection {
  readonly db: Database;
  close(): Promise<void>;
}

const MIGRATIONS_FOLDER = fileURLToPath(new URL('../../migrations', import.meta.url));

/** Connects and brings the tables up to date. @throws Error when the database can not be reached. */
export async function connect(databaseUrl: string, onError: (error: Error) => void): Promise<Connection> {
  const pool = new pg.Pool({ connectionString: databaseUrl, max: 10 });
  // A database that is restarted drops idle connections; the pool makes new ones.
  pool.on('error', onError);
  const db = drizzle(pool, { schema });
  await migrate(db, { migrationsFolder: MIGRATIONS_FOLDER });
  return { db, close: () => pool.end() };
}
