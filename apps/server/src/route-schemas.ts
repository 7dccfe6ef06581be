import type { PageQuery } from '@kadrosyn/contract';
import { Type, type Static } from 'typebox';
import type { PageRequest } from './database/page.js';

/** The bytes of a file, sent as they are. */
export const FileSchema = Type.Unsafe<Buffer>({});

/** Rows of a list that are sent at once where nothing else is asked for. */
const PAGE = 200;

export function pageAsked({ limit, after }: Static<typeof PageQuery>): PageRequest {
  return { limit: limit === undefined ? PAGE : Number(limit), ...(after === undefined ? {} : { after }) };
}
