/** Whether a text holds every word that is looked for, in capitals or not. All texts hold no words. */
export function holdsWords(text: string, search: string): boolean {
  const held = text.toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => held.includes(word));
}
