import { Type, type Static } from 'typebox';
import type { PageRequest } from './database/page.js';

export const IdSchema = Type.String({ pattern: '^[A-Za-z0-9_-]{1,64}$' });

/** How every failure is answered. */
export const FaultSchema = Type.Object({
  code: Type.String(),
  message: Type.String(),
  detail: Type.Record(Type.String(), Type.Unknown()),
});

/** The bytes of a file, sent as they are. */
export const FileSchema = Type.Unsafe<Buffer>({});

/** Rows of a list that are sent at once where nothing else is asked for. */
const PAGE = 200;

/** How a part of a list is asked for. Numbers come as text in an address. */
export const PageQuery = Type.Object({
  limit: Type.Optional(Type.String({ pattern: '^([1-9][0-9]{0,2}|1000)$' })),
  after: Type.Optional(Type.String({ maxLength: 120 })),
});

/** Where the next part of a list begins; null at its end. */
export const NextSchema = Type.Union([Type.String(), Type.Null()]);

export function pageAsked({ limit, after }: Static<typeof PageQuery>): PageRequest {
  return { limit: limit === undefined ? PAGE : Number(limit), ...(after === undefined ? {} : { after }) };
}
