import type { ProjectSummary } from '@kadrosyn/contract';
import { sql } from 'drizzle-orm';
import { projects } from '../database/schema.js';
import { summaryOf } from './summary-columns.js';

/** A row of what lists say of projects. */
export type ProjectSummaryRow = Omit<ProjectSummary, 'updatedAt'> & {
  readonly updatedAt: Date;
  /** When it was put into the bin; null where it was not. */
  readonly removedAt: Date | null;
};

/** The columns of such a row. */
export const PROJECT_SUMMARY = {
  id: projects.id,
  name: sql<string>`${projects.name}`,
  revision: projects.revision,
  updatedAt: projects.updatedAt,
  ...summaryOf(projects),
  removedAt: projects.removedAt,
};
