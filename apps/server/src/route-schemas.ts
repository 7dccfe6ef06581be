import { Type } from 'typebox';

export const IdSchema = Type.String({ pattern: '^[A-Za-z0-9_-]{1,64}$' });

/** How every failure is answered. */
export const FaultSchema = Type.Object({
  code: Type.String(),
  message: Type.String(),
  detail: Type.Record(Type.String(), Type.Unknown()),
});

/** The bytes of a file, sent as they are. */
export const FileSchema = Type.Unsafe<Buffer>({});
