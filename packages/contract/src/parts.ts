import { Type } from 'typebox';

/** Names a thing of the workspace. */
export const IdSchema = Type.String({ pattern: '^[A-Za-z0-9_-]{1,64}$' });

/** Names a file by what it holds. */
export const Sha256Schema = Type.String({ pattern: '^[0-9a-f]{64}$' });

/** What a person calls a thing. */
export const NameSchema = Type.String({ minLength: 1, maxLength: 200, pattern: '\\S' });

/** What an address names. */
export const IdParams = Type.Object({ id: IdSchema });

/** Of an object that a window sends: what nobody asked for is refused. */
export const STRICT = { additionalProperties: false };

/** The answer where there is nothing to say. */
export const NothingSchema = Type.Null();

/** How every failure is answered. */
export const FaultSchema = Type.Object({
  code: Type.String(),
  message: Type.String(),
  detail: Type.Record(Type.String(), Type.Unknown()),
});

/** How a part of a list is asked for. Numbers come as text in an address. */
export const PageQuery = Type.Object({
  limit: Type.Optional(Type.String({ pattern: '^([1-9][0-9]{0,2}|1000)$' })),
  after: Type.Optional(Type.String({ maxLength: 120 })),
});

/** Where the next part of a list begins; null at its end. */
export const NextSchema = Type.Union([Type.String(), Type.Null()]);

export const UnitSchema = Type.Union([Type.Literal('px'), Type.Literal('mm'), Type.Literal('in')]);
