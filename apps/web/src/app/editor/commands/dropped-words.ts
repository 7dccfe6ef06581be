import { marksDropped, type Edit, type ItemProperties } from '@kadrosyn/core';

/** What no longer applies after an edit that puts another photo in, in sentences; empty where everything still does. */
export function droppedWords(edit: Edit): string {
  const sentences: string[] = [];
  const dropped = marksDropped(edit);
  if (dropped > 0) sentences.push(marksWords(dropped));
  for (const operation of edit.operations) {
    if (operation.type === 'change-item') sentences.push(...lostWith(operation.before, operation.after));
  }
  return [...new Set(sentences)].join(' ');
}

function lostWith({ fill: before }: ItemProperties, { fill: after }: ItemProperties): string[] {
  if (before?.type !== 'photo' || after?.type !== 'photo' || before.photoId === after.photoId) return [];
  const words: string[] = [];
  if (before.cutout && !after.cutout) words.push('The new photo has no cutout yet, so it shows whole.');
  if (typeof before.placement === 'string' && typeof after.placement !== 'string') {
    words.push('The opening no longer looks at the photo that it shared with others.');
  }
  return words;
}

/** Marks drawn on a photo mean nothing on another one. */
function marksWords(count: number): string {
  const marks = count === 1 ? 'One mark that was' : `${count} marks that were`;
  return `${marks} drawn on the old photo ${count === 1 ? 'does' : 'do'} not fit the new one and ${count === 1 ? 'is' : 'are'} gone. The rules stay.`;
}

/** What lies free after an edit, since the photo that it lay in has gone. */
export function freedWords(names: readonly string[]): string {
  if (names.length === 0) return '';
  return names.length === 1
    ? `${names[0]} lies free now: the photo has no such area.`
    : `${names.length} openings lie free now: the photo has no such areas.`;
}
