/** A file in an archive, as the list at its end has it (APPNOTE 6.3, section 4.3.12). */
export interface ArchivedFile {
  readonly name: string;
  /** Bytes in the archive, and unpacked. */
  readonly packed: number;
  readonly size: number;
  /** CRC-32 of what comes out. */
  readonly crc: number;
  /** 0 stored, 8 deflated. */
  readonly method: number;
  readonly isEncrypted: boolean;
}

const END = 0x06054b50;
const END_BYTES = 22;
/** Of what may be said behind the end. */
const MOST_COMMENT = 0xffff;
const ENTRY = 0x02014b50;
const ENTRY_BYTES = 46;

/**
 * The list of an archive. Nothing is unpacked for it. Names count as UTF-8, whatever they say of themselves.
 * @throws RangeError where there is no list, it is cut off, or it is one of the large form (ZIP64)
 */
export function centralDirectory(archive: Uint8Array): ArchivedFile[] {
  const view = new DataView(archive.buffer, archive.byteOffset, archive.byteLength);
  const end = endOf(view);
  const [count, length, start] = [view.getUint16(end + 10, true), view.getUint32(end + 12, true), view.getUint32(end + 16, true)];
  if (start + length > end) throw new RangeError('The list of the archive lies outside of it');
  const files: ArchivedFile[] = [];
  let at = start;
  for (let index = 0; index < count; index++) {
    if (at + ENTRY_BYTES > end || view.getUint32(at, true) !== ENTRY) throw new RangeError('The list of the archive is cut off');
    const [name, extra, comment] = [28, 30, 32].map((offset) => view.getUint16(at + offset, true)) as [number, number, number];
    const next = at + ENTRY_BYTES + name + extra + comment;
    if (next > end) throw new RangeError('The list of the archive is cut off');
    files.push({
      name: new TextDecoder().decode(archive.subarray(at + ENTRY_BYTES, at + ENTRY_BYTES + name)),
      isEncrypted: (view.getUint16(at + 8, true) & 1) === 1,
      method: view.getUint16(at + 10, true),
      crc: view.getUint32(at + 16, true),
      packed: view.getUint32(at + 20, true),
      size: view.getUint32(at + 24, true),
    });
    at = next;
  }
  return files;
}

/** Where the record at the end begins. */
function endOf(view: DataView): number {
  const first = Math.max(0, view.byteLength - END_BYTES - MOST_COMMENT);
  for (let at = view.byteLength - END_BYTES; at >= first; at--) {
    if (view.getUint32(at, true) === END && at + END_BYTES + view.getUint16(at + 20, true) === view.byteLength) return at;
  }
  throw new RangeError('This is no archive');
}
