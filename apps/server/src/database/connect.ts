import { fileURLToPath } from 'node:url';
import { drizzle, type NodePgDatabase, type NodePgQueryResultHKT } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import type { PgDatabase } from 'drizzle-orm/pg-core';
import pg from 'pg';
import * as schema from './schema.js';

export type Database = NodePgDatabase<typeof schema>;

/** What queries are asked of: the database, or a transaction. Whoever works within a transaction asks it alone: a second connection may never come. */
export type Queries = PgDatabase<NodePgQueryResultHKT, typeof schema>;

/** An open database and how to close it. */
export interface Connection {
  readonly db: Database;
  close(): Promise<void>;
}

const MIGRATIONS_FOLDER = fileURLToPath(new URL('../../migrations', import.meta.url));

/** Nobody waits longer, ms: for a connection; for the answer to a statement; for a row that another holds; between statements of a transaction. */
const PATIENCE = { connection: 5_000, statement: 20_000, lock: 8_000, idleInTransaction: 20_000 } as const;

/**
 * A pool of connections whose faults are reported instead of ending the process: a database that ends takes connections away, whether they are in
 * use or not.
 */
export function openPool(databaseUrl: string, most: number, onError: (error: Error) => void): pg.Pool {
  const pool = new pg.Pool({
    connectionString: databaseUrl,
    max: most,
    connectionTimeoutMillis: PATIENCE.connection,
    statement_timeout: PATIENCE.statement,
    // The server's own limit comes first; this one is for a server that says nothing any more.
    query_timeout: PATIENCE.statement + 5_000,
    lock_timeout: PATIENCE.lock,
    idle_in_transaction_session_timeout: PATIENCE.idleInTransaction,
  });
  pool.on('error', onError);
  pool.on('connect', (client) => client.on('error', onError));
  return pool;
}

/** Connects and brings the tables up to date. @throws Error when the database can not be reached. */
export async function connect(databaseUrl: string, onError: (error: Error) => void): Promise<Connection> {
  // A change of tables may take as long as it takes.
  const patient = new pg.Client({ connectionString: databaseUrl, connectionTimeoutMillis: PATIENCE.connection });
  patient.on('error', onError);
  await patient.connect();
  try {
    await migrate(drizzle(patient), { migrationsFolder: MIGRATIONS_FOLDER });
  } finally {
    await patient.end();
  }
  const pool = openPool(databaseUrl, 10, onError);
  return { db: drizzle(pool, { schema }), close: () => pool.end() };
}
