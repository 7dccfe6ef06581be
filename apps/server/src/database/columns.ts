import { sql } from 'drizzle-orm';
import { customType, doublePrecision, integer, text, timestamp } from 'drizzle-orm/pg-core';

export const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

/** A time that is now where nothing is said. */
export const now = (name: string) => timestamp(name, { withTimezone: true }).notNull().defaultNow();

/** What lists say of a document, kept beside it so that they need not read it: how many sheets, its unit, and px and dpi of the first. */
export const summaryColumns = () => ({
  sheets: integer('sheets').generatedAlwaysAs(sql`jsonb_array_length(document->'sheets')`),
  unit: text('unit').generatedAlwaysAs(sql`document->>'unit'`),
  width: doublePrecision('width').generatedAlwaysAs(sql`(document#>>'{sheets,0,width}')::float8`),
  height: doublePrecision('height').generatedAlwaysAs(sql`(document#>>'{sheets,0,height}')::float8`),
  dpi: doublePrecision('dpi').generatedAlwaysAs(sql`(document#>>'{sheets,0,dpi}')::float8`),
});
