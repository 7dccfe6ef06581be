const [APP0, APP2, APP14, APP15, COMMENT] = [0xe0, 0xe2, 0xee, 0xef, 0xfe];
const [START_OF_SCAN, END_OF_IMAGE] = [0xda, 0xd9];

/**
 * A JPEG without its notes (place, camera, comments, further pictures, whatever stands behind its end). The coded picture is not touched. A turn is
 * kept as a minimal EXIF block, since the pixels are not turned. Of the application segments only those stay that say how the pixels are to be
 * understood: APP0, the colour profile in APP2, and APP14, which names the transform of the colours.
 * @param orientation - 1 to 8 as in EXIF.
 * @param keepProfile - whether the colour profile stays.
 * @throws RangeError when the file does not follow ISO/IEC 10918-1.
 */
export function stripJpeg(bytes: Buffer, orientation: number, keepProfile: boolean): Buffer {
  if (bytes.readUInt16BE(0) !== 0xffd8) throw new RangeError('Not a JPEG');
  const kept: Buffer[] = [bytes.subarray(0, 2)];
  if (orientation > 1) kept.push(orientationSegment(orientation));
  let [at, scans] = [2, 0];
  while (at + 4 <= bytes.length || bytes[at + 1] === END_OF_IMAGE) {
    if (bytes[at] !== 0xff) throw new RangeError('A JPEG segment does not begin where it should');
    const marker = bytes[at + 1]!;
    if (marker === 0xff) {
      at++;
      continue;
    }
    if (marker === END_OF_IMAGE) {
      kept.push(bytes.subarray(at, at + 2));
      break;
    }
    let end = at + 2 + bytes.readUInt16BE(at + 2);
    if (marker === START_OF_SCAN) {
      scans++;
      end = endOfScan(bytes, end);
    }
    if (isPicture(bytes, at, marker, keepProfile)) kept.push(bytes.subarray(at, end));
    at = end;
  }
  if (scans === 0) throw new RangeError('The JPEG ends before its picture');
  return Buffer.concat(kept);
}

function isPicture(bytes: Buffer, at: number, marker: number, keepProfile: boolean): boolean {
  if (marker === COMMENT) return false;
  if (marker < APP0 || marker > APP15) return true;
  if (marker === APP2) return keepProfile && bytes.toString('latin1', at + 4, at + 15) === 'ICC_PROFILE';
  return marker === APP0 || marker === APP14;
}

/** Where the coded data of a scan end: at the next marker that is no restart and no stuffed byte (ISO/IEC 10918-1, B.1.1.5). */
function endOfScan(bytes: Buffer, from: number): number {
  for (let at = bytes.indexOf(0xff, from); at >= 0 && at + 1 < bytes.length; at = bytes.indexOf(0xff, at + 1)) {
    const next = bytes[at + 1]!;
    const isRestart = next >= 0xd0 && next <= 0xd7;
    if (next !== 0 && next !== 0xff && !isRestart) return at;
  }
  return bytes.length;
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
