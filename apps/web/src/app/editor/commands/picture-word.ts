import type { Fill } from '@kadrosyn/core';

/** What a person calls the picture that an opening shows. */
export function pictureWord(fill: Fill): 'photo' | 'sheet' {
  return fill.type === 'sheet' ? 'sheet' : 'photo';
}
