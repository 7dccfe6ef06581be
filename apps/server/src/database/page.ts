import { sql, type SQL } from 'drizzle-orm';
import type { PgColumn } from 'drizzle-orm/pg-core';
import { CodedError } from '../coded-error.js';

/** Which part of a list is asked for. */
export interface PageRequest {
  /** How many at most. */
  readonly limit: number;
  /** From where on: `next` of the page before; the first page when absent. */
  readonly after?: string;
}

/** A part of a list, and where the next one begins; null at its end. */
export interface Page<T> {
  readonly rows: T[];
  readonly next: string | null;
}

/** The place of a row in a list that is ordered by time and then by id, both from the last to the first. */
export function placeOf(time: PgColumn, id: PgColumn) {
  return sql<string>`${time}::text || '~' || ${id}`;
}

/** The condition for what comes after a place. @throws CodedError 400 when it is none. */
export function comesAfter(time: PgColumn, id: PgColumn, after: string | undefined): SQL | undefined {
  if (after === undefined) return undefined;
  const [, at, name] = /^([0-9 :.+-]{19,40})~([A-Za-z0-9_-]{1,64})$/.exec(after) ?? [];
  if (!at || !name || Number.isNaN(Date.parse(at)))
    throw new CodedError(400, 'invalid-request', 'This is no place in the list. Begin it anew.');
  return sql`(${time}, ${id}) < (${at}::timestamptz, ${name})`;
}

/** Makes a page of rows of which one more was asked for than fit. */
export function pageOf<T extends { readonly place: string }>(rows: T[], limit: number): Page<T> {
  return { rows: rows.slice(0, limit), next: rows.length > limit ? rows[limit - 1]!.place : null };
}
