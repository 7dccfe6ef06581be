/** Marker bytes of the segments that carry no picture: EXIF and XMP, Photoshop resources, comments. */
const DROPPED = new Set([0xe1, 0xed, 0xfe]);
const ICC = 0xe2;

/**
 * A JPEG without its notes (place, camera, comments). The coded picture is not touched. A turn is kept as a minimal
 * EXIF block, since the pixels are not turned.
 * @param orientation - 1 to 8 as in EXIF.
 * @param keepProfile - whether the colour profile stays.
 * @throws RangeError when the file does not follow ISO/IEC 10918-1.
 */
export function stripJpeg(bytes: Buffer, orientation: number, keepProfile: boolean): Buffer {
  if (bytes.readUInt16BE(0) !== 0xffd8) throw new RangeError('Not a JPEG');
  const kept: Buffer[] = [bytes.subarray(0, 2)];
  if (orientation > 1) kept.push(orientationSegment(orientation));
  let at = 2;
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) throw new RangeError('A JPEG segment does not begin where it should');
    const marker = bytes[at + 1]!;
    if (marker === 0xff) {
      at++;
      continue;
    }
    // The scan follows: from here on everything is picture.
    if (marker === 0xda) return Buffer.concat([...kept, bytes.subarray(at)]);
    const end = at + 2 + bytes.readUInt16BE(at + 2);
    if (!DROPPED.has(marker) && (keepProfile || marker !== ICC)) kept.push(bytes.subarray(at, end));
    at = end;
  }
  throw new RangeError('The JPEG ends before its picture');
}

/** APP1 with one EXIF entry: tag 0x0112, SHORT, the orientation. */
function orientationSegment(orientation: number): Buffer {
  const tiff = Buffer.from('4d4d002a00000008000101120003000000010000000000000000', 'hex');
  tiff.writeUInt16BE(orientation, 18);
  const body = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff]);
  const head = Buffer.from([0xff, 0xe1, 0, 0]);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([head, body]);
}
