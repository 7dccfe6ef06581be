import { finishWhere, type Finish, type Lies } from '@kadrosyn/core';
import type { Inputs } from '../kept/inputs.js';

/** What of a finish something depends on that was drawn with the parts that lie there, each as an input of its own. */
export function finishInputs(finish: Finish, ...lies: readonly Lies[]): Inputs {
  return Object.fromEntries(Object.entries(finishWhere(finish, ...lies)).map(([name, value]) => [`finish ${name}`, value]));
}
