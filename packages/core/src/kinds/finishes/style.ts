import { Integer, Object as ObjectPart } from 'typebox';
import { IdPart } from '../schema-parts.js';
import { defineFinish } from './finish-kind.js';

/** The workspace's style that the finish was taken from, as it was then. */
export const style = defineFinish({
  name: 'Style',
  schema: ObjectPart({ id: IdPart, revision: Integer({ minimum: 1, maximum: 1_000_000_000 }) }, { additionalProperties: false }),
  lies: 'nowhere',
  forGroups: false,
});
