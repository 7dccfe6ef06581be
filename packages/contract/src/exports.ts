import { Type, type Static } from 'typebox';
import { IdSchema, STRICT } from './parts.js';

const Quality = Type.Optional(Type.Integer({ minimum: 1, maximum: 100 }));
/** px of the picture per px of the sheet. */
const Scale = Type.Number({ exclusiveMinimum: 0, maximum: 20 });

const PngSchema = Type.Object(
  {
    type: Type.Literal('png'),
    scale: Scale,
    fewColours: Type.Optional(Type.Boolean()),
    onWhite: Type.Optional(Type.Boolean()),
  },
  STRICT,
);

const LossySchema = Type.Object(
  {
    type: Type.Union([Type.Literal('jpeg'), Type.Literal('webp')]),
    scale: Scale,
    quality: Quality,
    mostBytes: Type.Optional(Type.Integer({ minimum: 1000, maximum: 2e9 })),
  },
  STRICT,
);

const PdfSchema = Type.Object(
  {
    type: Type.Literal('pdf'),
    /** Pictures have this many px per inch; pages have their true size. */
    dpi: Type.Number({ minimum: 10, maximum: 1200 }),
    quality: Quality,
    /** mm. */
    bleed: Type.Optional(Type.Number({ minimum: 0, maximum: 20 })),
    marks: Type.Optional(Type.Boolean()),
    arrange: Type.Optional(Type.Union([Type.Literal('pages'), Type.Literal('folded'), Type.Literal('many')])),
    paper: Type.Optional(Type.Union([Type.Literal('a5'), Type.Literal('a4'), Type.Literal('a3'), Type.Literal('letter')])),
    /** mm. */
    gap: Type.Optional(Type.Number({ minimum: 0, maximum: 50 })),
    pureGrey: Type.Optional(Type.Boolean()),
  },
  STRICT,
);

const LayersSchema = Type.Object({ type: Type.Literal('ora'), scale: Scale }, STRICT);

/** The project itself with all that it shows, whichever sheets are named: one file to take away. */
const KadroSchema = Type.Object({ type: Type.Literal('kadro') }, STRICT);

/** A file that sheets are written as. The server knows the formats, and the bounds of their options. */
export const ExportFileSchema = Type.Union([PngSchema, LossySchema, PdfSchema, LayersSchema, KadroSchema]);
export type ExportFile = Static<typeof ExportFileSchema>;

/** What is to be handed over: sheets in this order. Several that are pictures come as an archive of them. */
export const ExportRequestSchema = Type.Object(
  {
    sheetIds: Type.Array(IdSchema, { minItems: 1, maxItems: 200, uniqueItems: true }),
    file: ExportFileSchema,
    /** What the file is called, without its extension: {name} is the project, {sheet} the sheet, {size} the size of what comes. Both by themselves when absent. */
    name: Type.Optional(Type.String({ minLength: 1, maxLength: 200 })),
  },
  STRICT,
);
export type ExportRequest = Static<typeof ExportRequestSchema>;

/** A sheet as a picture whose sizes are asked for. */
export const SizesRequestSchema = Type.Object(
  { sheetId: IdSchema, type: Type.Union([Type.Literal('jpeg'), Type.Literal('webp')]), scale: Scale },
  STRICT,
);
export type SizesRequest = Static<typeof SizesRequestSchema>;

/** How large its file is at several qualities, from the lowest. */
export const SizesSchema = Type.Object({ sizes: Type.Array(Type.Object({ quality: Type.Integer(), bytes: Type.Integer() })) });
export type Sizes = Static<typeof SizesSchema>;

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
  /** What the file is called. */
  name: Type.String(),
  /** Of the file, once it is there. */
  bytes: Type.Union([Type.Integer(), Type.Null()]),
  /** When it was asked for, ISO 8601. */
  askedAt: Type.String(),
  request: ExportRequestSchema,
});
export type ExportStatus = Static<typeof ExportStatusSchema>;

/** The exports of a project within a day, newest first. */
export const ExportListSchema = Type.Object({ exports: Type.Array(ExportStatusSchema) });
export type ExportList = Static<typeof ExportListSchema>;
