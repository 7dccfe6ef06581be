import { isNestedTooDeep } from './nesting.js';
import { validators } from './project-validator.generated.js';

/** Parts of a document that are also stored or sent alone, by their definition in project.schema.json. */
export type PartName = Exclude<keyof typeof validators, 'project'>;

/** Whether a value can stand in a document as such a part. Never throws on bad input. */
export function isPart(name: PartName, value: unknown): boolean {
  return !isNestedTooDeep(value) && validators[name](value);
}
