import { Integer, Object as ObjectPart, type Static } from 'typebox';
import { IdPart, type Stored } from '../schema-parts.js';
import { defineFinish } from './finish-kind.js';

const Style = ObjectPart(
  { id: IdPart, revision: Integer({ minimum: 1, maximum: 1_000_000_000 }) },
  { additionalProperties: false },
);

/** The workspace's style that the finish was taken from, as it was then. */
export const style = defineFinish<Stored<Static<typeof Style>>, 'nowhere'>({
  name: 'Style',
  schema: Style,
  lies: 'nowhere',
  forGroups: false,
});
