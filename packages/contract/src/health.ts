import { Type } from 'typebox';

const AmountSchema = Type.Object({ here: Type.Number(), most: Type.Number() });

export const HealthSchema = Type.Object({ state: Type.Literal('ready'), workspace: Type.String() });

/** How much there is of what is bounded. */
export const RoomSchema = Type.Object({
  photos: AmountSchema,
  projects: AmountSchema,
  bytes: AmountSchema,
  /** Requests of one address in a second. */
  requests: Type.Object({ most: Type.Number() }),
});
