import type { Unit } from '@kadrosyn/core';
import { sql } from 'drizzle-orm';
import type { projects, templates } from '../database/schema.js';

/** What lists say of a document: how many sheets it has, its unit, and px and dpi of the first one. The database keeps these beside the document. */
export function summaryOf({ sheets, unit, width, height, dpi }: typeof projects | typeof templates) {
  return {
    sheets: sql<number>`${sheets}`,
    unit: sql<Unit>`${unit}`,
    width: sql<number>`${width}`,
    height: sql<number>`${height}`,
    dpi: sql<number>`${dpi}`,
  };
}
