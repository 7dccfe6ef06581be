import type { CutoutMark } from '@kadrosyn/core';

/** How many marks of which kind there are: "2 keep, 1 leave out". */
export function markWords(marks: readonly CutoutMark[]): string {
  const kinds: readonly (readonly [CutoutMark['kind'], string])[] = [
    ['suggest', 'suggested'],
    ['box', 'box'],
    ['keep', 'keep'],
    ['leave-out', 'leave out'],
    ['trace', 'traced'],
    ['paint', 'painted'],
    ['erase', 'erased'],
    ['soft-edge', 'soft edge'],
    ['flat', 'flat background cleared'],
    ['own', 'own clear background'],
  ];
  const words = kinds.map(([kind, word]) => {
    const count = marks.filter((mark) => mark.kind === kind).length;
    const isOnly = kind === 'suggest' || kind === 'box' || kind === 'flat' || kind === 'own';
    return count === 0 ? '' : isOnly ? word : `${count} ${word}`;
  });
  return words.filter(Boolean).join(', ');
}
