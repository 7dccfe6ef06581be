import type { Acceptance, DropTarget } from '@kadrosyn/core';

/** What letting go does right where the pointer is. */
export const ACT_WORDS: Readonly<Record<Exclude<Acceptance['act'], 'move' | 'keep'>, string>> = {
  fill: 'Fill',
  replace: 'Replace',
  lay: 'Lay on top',
};

/** What stands on a target. */
export const TARGET_WORDS: Readonly<Record<DropTarget['act'], string>> = {
  replace: 'Replace',
  'put-inside': 'Put inside',
  swap: 'Swap photos',
  'move-here': 'Move here',
  background: 'As background',
  'lay-loose': 'Lay loose',
};
