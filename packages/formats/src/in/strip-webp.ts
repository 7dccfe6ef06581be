/** Chunks that hold the picture or say what its colours mean (RFC 9649); all others are notes. */
const KEPT = new Set(['VP8X', 'VP8 ', 'VP8L', 'ALPH', 'ICCP', 'ANIM', 'ANMF']);

/** Bits of the VP8X header that announce XMP and EXIF. */
const XMP_BIT = 0x04;
const EXIF_BIT = 0x08;

/**
 * A WebP without its notes. The colour profile stays.
 * @throws RangeError when a chunk reaches beyond the file.
 */
export function stripWebp(bytes: Buffer): Buffer {
  const kept: Buffer[] = [];
  let at = 12;
  // What stands behind the end that the file itself names is no part of it.
  const last = Math.min(bytes.length, 8 + bytes.readUInt32LE(4));
  while (at + 8 <= last) {
    const name = bytes.toString('latin1', at, at + 4);
    const size = bytes.readUInt32LE(at + 4);
    const end = at + 8 + size + (size % 2);
    if (at + 8 + size > bytes.length) throw new RangeError('A WebP chunk reaches beyond the end of the file');
    if (KEPT.has(name)) {
      const chunk = Buffer.from(bytes.subarray(at, Math.min(end, bytes.length)));
      if (name === 'VP8X') chunk[8] = chunk[8]! & ~(XMP_BIT | EXIF_BIT);
      kept.push(chunk);
    }
    at = end;
  }
  const body = Buffer.concat(kept);
  const head = Buffer.from('RIFF\0\0\0\0WEBP', 'latin1');
  head.writeUInt32LE(body.length + 4, 4);
  return Buffer.concat([head, body]);
}
