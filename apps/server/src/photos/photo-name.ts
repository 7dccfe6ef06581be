import { shortenedText } from '@kadrosyn/core';

/** The name under which a photo is shown: its file's, without folders, ending and control characters. */
export function photoNameOf(fileName: string): string {
  const base = fileName.split(/[\\/]/).at(-1) ?? '';

  const name = base
    .replace(/\.[A-Za-z0-9]{1,5}$/, '')
    .replace(/\p{Cc}|\p{Cs}/gu, '')
    .trim();
  return shortenedText(name, 120) || 'Photo';
}
