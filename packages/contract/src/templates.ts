import type { Project } from '@kadrosyn/core';
import { Type, type Static } from 'typebox';
import { IdSchema, NameSchema, STRICT, UnitSchema } from './parts.js';

/** What lists say of a template. */
export const TemplateSummarySchema = Type.Object({
  id: IdSchema,
  name: Type.String(),
  /** More words by which it is found. */
  words: Type.String(),
  /** It came with the application. */
  shipped: Type.Boolean(),
  sheets: Type.Integer(),
  unit: UnitSchema,
  width: Type.Number(),
  height: Type.Number(),
  dpi: Type.Number(),
});
export type TemplateSummary = Static<typeof TemplateSummarySchema>;

export const TemplateListSchema = Type.Object({ templates: Type.Array(TemplateSummarySchema) });

/** A template with its document. */
export const StoredTemplateSchema = Type.Object({
  name: Type.String(),
  words: Type.String(),
  document: Type.Unsafe<Project>({}),
});
export type StoredTemplate = Static<typeof StoredTemplateSchema>;

export const NewTemplateSchema = Type.Object(
  { name: NameSchema, words: Type.String({ maxLength: 500 }), document: Type.Object({}) },
  STRICT,
);
export const TemplateAddedSchema = Type.Object({ id: IdSchema });
export const TemplateNameSchema = Type.Object({ name: NameSchema }, STRICT);
