import { Type, type Static } from 'typebox';
import { IdSchema, STRICT } from './parts.js';

/** What is to be drawn. The server knows the formats, and the bounds of their options. */
export const ExportRequestSchema = Type.Object(
  {
    sheetId: IdSchema,
    /** px of the picture per px of the sheet. */
    scale: Type.Number({ exclusiveMinimum: 0, maximum: 20 }),
    type: Type.Union([Type.Literal('png'), Type.Literal('jpeg'), Type.Literal('pdf')]),
    quality: Type.Optional(Type.Integer({ minimum: 1, maximum: 100 })),
  },
  STRICT,
);
export type ExportRequest = Static<typeof ExportRequestSchema>;

/** How far an export is. */
export const ExportStatusSchema = Type.Object({
  id: IdSchema,
  state: Type.Union([
    Type.Literal('waiting'),
    Type.Literal('running'),
    Type.Literal('done'),
    Type.Literal('failed'),
    Type.Literal('cancelled'),
  ]),
  /** 0 to 1. */
  progress: Type.Number(),
  message: Type.Union([Type.String(), Type.Null()]),
});
export type ExportStatus = Static<typeof ExportStatusSchema>;
