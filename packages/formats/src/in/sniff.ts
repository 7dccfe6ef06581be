/** Picture files that can be added. */
export type PhotoType = 'image/jpeg' | 'image/png' | 'image/webp';

/** Whether a file is an SVG drawing, by what it begins with: notes and a declaration may come before the drawing. */
export function isSvg(bytes: Uint8Array): boolean {
  const start = new TextDecoder()
    .decode(bytes.subarray(0, 4096))
    .replace(/^\uFEFF/, '')
    .trimStart();
  return start.startsWith('<') && /<(\w+:)?svg[\s>]/.test(start);
}

/** The type of a file by its first bytes; its name and what the sender says do not count. */
export function photoTypeOf(bytes: Uint8Array): PhotoType | null {
  const latin = (from: number, to: number): string => String.fromCharCode(...bytes.subarray(from, to));
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return 'image/jpeg';
  if (latin(0, 8) === '\x89PNG\r\n\x1a\n') return 'image/png';
  if (latin(0, 4) === 'RIFF' && latin(8, 12) === 'WEBP') return 'image/webp';
  return null;
}
