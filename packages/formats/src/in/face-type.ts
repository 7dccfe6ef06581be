/** Font files that can be added. */
export type FaceType = 'font/ttf' | 'font/otf' | 'font/woff' | 'font/woff2';

/** The type of a file by its first bytes; its name and what the sender says do not count. */
export function faceTypeOf(bytes: Uint8Array): FaceType | null {
  const tag = String.fromCharCode(...bytes.subarray(0, 4));
  if (tag === 'wOFF') return 'font/woff';
  if (tag === 'wOF2') return 'font/woff2';
  if (tag === 'OTTO') return 'font/otf';
  return tag === '\0\x01\0\0' || tag === 'true' ? 'font/ttf' : null;
}
