/** Chunks that decide what the picture looks like without colour management; all others are notes. */
const KEPT = new Set(['IHDR', 'PLTE', 'IDAT', 'IEND', 'tRNS', 'pHYs']);
/** Chunks that say what the colours mean. */
const COLOUR = new Set(['iCCP', 'sRGB', 'gAMA', 'cHRM', 'cICP']);

/**
 * A PNG without its notes.
 * @param keepColour - whether profile and gamma stay; without them the picture is read the same everywhere, as sRGB.
 * @throws RangeError when the file ends within a chunk or without its last one.
 */
export function stripPng(bytes: Buffer, keepColour: boolean): Buffer {
  const kept: Buffer[] = [bytes.subarray(0, 8)];
  let at = 8;
  while (at + 12 <= bytes.length) {
    const end = at + 12 + bytes.readUInt32BE(at);
    if (end > bytes.length) throw new RangeError('A PNG chunk reaches beyond the end of the file');
    const name = bytes.toString('latin1', at + 4, at + 8);
    if (KEPT.has(name) || (keepColour && COLOUR.has(name))) kept.push(bytes.subarray(at, end));
    if (name === 'IEND') return Buffer.concat(kept);
    at = end;
  }
  throw new RangeError('The PNG ends before its last chunk');
}
