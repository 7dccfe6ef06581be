import { sql } from 'drizzle-orm';
import type { projects, templates } from '../database/schema.js';

/** What lists say of a document: how many sheets it has, its unit, and px and dpi of the first one. Read in the database, which need not send it. */
export function sheetColumns(document: typeof projects.document | typeof templates.document) {
  return {
    sheets: sql<number>`jsonb_array_length(${document}->'sheets')`,
    unit: sql<string>`${document}->>'unit'`,
    width: sql<number>`(${document}#>>'{sheets,0,width}')::float8`,
    height: sql<number>`(${document}#>>'{sheets,0,height}')::float8`,
    dpi: sql<number>`(${document}#>>'{sheets,0,dpi}')::float8`,
  };
}
