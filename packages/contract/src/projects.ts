import type { Edit, Project } from '@kadrosyn/core';
import { Type, type Static } from 'typebox';
import { IdSchema, NextSchema, STRICT, UnitSchema } from './parts.js';

/** What lists say of a project. */
export const ProjectSummarySchema = Type.Object({
  id: IdSchema,
  name: Type.String(),
  revision: Type.Integer(),
  updatedAt: Type.String(),
  sheets: Type.Integer(),
  unit: UnitSchema,
  width: Type.Number(),
  height: Type.Number(),
  dpi: Type.Number(),
});
export type ProjectSummary = Static<typeof ProjectSummarySchema>;

export const ProjectPageSchema = Type.Object({ projects: Type.Array(ProjectSummarySchema), next: NextSchema });

export const StoredProjectSchema = Type.Object({
  id: IdSchema,
  revision: Type.Integer(),
  updatedAt: Type.String(),
  document: Type.Unsafe<Project>({}),
});
export type StoredProject = Static<typeof StoredProjectSchema>;

/** A new one of a size, or a copy of a document, which is checked against its own schema. */
export const NewProjectSchema = Type.Union([
  Type.Object(
    {
      name: Type.String({ minLength: 1, maxLength: 200 }),
      size: Type.Object(
        {
          width: Type.Number({ exclusiveMinimum: 0 }),
          height: Type.Number({ exclusiveMinimum: 0 }),
          unit: UnitSchema,
          dpi: Type.Optional(Type.Number({ minimum: 1, maximum: 2400 })),
        },
        STRICT,
      ),
    },
    STRICT,
  ),
  Type.Object({ document: Type.Object({}) }, STRICT),
]);

/** What is sent to be saved. What an operation holds is checked by applying it and validating the whole document that results. */
export const SaveSchema = Type.Object(
  {
    revision: Type.Integer({ minimum: 1 }),
    /** The version of the format that the edits are of. Windows that do not say it are older. */
    version: Type.Optional(Type.Integer({ minimum: 1 })),
    /** Names this save, so that it can be sent again when its answer was lost. */
    saveId: Type.Optional(IdSchema),
    edits: Type.Array(
      Type.Object(
        {
          name: Type.String({ maxLength: 300 }),
          operations: Type.Array(Type.Object({ type: Type.String() }), { maxItems: 10_000 }),
        },
        STRICT,
      ),
      { minItems: 1, maxItems: 1000 },
    ),
  },
  STRICT,
);

/** What is answered to a save. */
export const SavedProjectSchema = Type.Object({
  revision: Type.Integer(),
  updatedAt: Type.String(),
  /** What others saved meanwhile, as it must read after the edits of the save; absent where there was nothing. */
  others: Type.Optional(Type.Unsafe<readonly Edit[]>({})),
});
export type SavedProject = Static<typeof SavedProjectSchema>;
