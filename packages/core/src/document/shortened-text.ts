const CHARACTERS = new Intl.Segmenter(undefined, { granularity: 'grapheme' });

/**
 * As much of a text as fits into a number of UTF-16 units, without cutting a character (an emoji of several code points, a letter with its accents)
 * in the middle.
 */
export function shortenedText(text: string, most: number): string {
  if (text.length <= most) return text;
  let end = 0;
  for (const { index, segment } of CHARACTERS.segment(text)) {
    if (index + segment.length > most) break;
    end = index + segment.length;
  }
  return text.slice(0, end);
}
